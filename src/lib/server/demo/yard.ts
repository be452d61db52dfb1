import { coverStack } from './small';
import { litres, metres } from '../../core/units';
import type {
	OutlineId,
	ReadingMethod,
	StackFormId,
	SuspicionId,
	WoodClassId
} from '../../core/woodyard';
import { measureStack } from '../usecases/measure-stack';
import { readMoisture } from '../usecases/read-moisture';
import type { Diary, Moment } from './diary';

interface Pile {
	readonly name: string;
	readonly wood: WoodClassId;
	readonly form: StackFormId;
	/** Outline and its length, width and height in m; or barrows filled. */
	readonly size: readonly [OutlineId, number, number, number] | number;
	readonly suspicion?: SuspicionId;
	readonly readings?: readonly (readonly [Moment, ReadingMethod, readonly number[]])[];
}

const barrow_l = 78;

/** A pile measured and read; gives its code. */
function pile(diary: Diary, moment: Moment, pile: Pile): string {
	const size =
		typeof pile.size === 'number'
			? {
					by: 'measures' as const,
					litres: litres(pile.size * barrow_l),
					typed: `${pile.size} barrows`
				}
			: {
					by: 'outline' as const,
					outline: pile.size[0],
					length: metres(pile.size[1]),
					width: metres(pile.size[2]),
					height: metres(pile.size[3])
				};
	const code = diary.enter(moment, measureStack, {
		name: pile.name,
		suspicion: pile.suspicion ?? 'none',
		measure: { size, form: pile.form, wood: pile.wood, seasoned: true }
	});
	for (const [when, method, percents] of pile.readings ?? [])
		diary.enter(when, readMoisture, {
			code,
			method,
			pieces: percents.map((percent) => ({
				percent,
				...(method === 'pin' && percent > 30 ? { end: 'over' as const } : {})
			}))
		});
	return code;
}

export type Yard = ReturnType<typeof gather>;

/** The garden's stacks, from the coppice edge to one heap of boards nobody may burn. */
export function gather(diary: Diary) {
	const on = (daysAgo: number, by: Moment['by'] = 'Bram', hour = 14): Moment => ({
		daysAgo,
		hour,
		by
	});
	const alder = pile(diary, on(220), {
		name: 'alder rods',
		wood: 'light-hardwood',
		form: 'rods',
		size: ['box', 2.4, 1, 1.3],
		readings: [
			[on(200), 'pin', [26, 29, 24]],
			[on(177), 'pin', [19, 22, 20, 24]],
			[on(5, 'Oda'), 'pin', [18, 20, 21]]
		]
	});
	diary.enter(on(176), coverStack, { code: alder, cover: 'top' });
	return {
		alder,
		hazel: pile(diary, on(205), {
			name: 'hazel thinnings',
			wood: 'dense-hardwood',
			form: 'rods',
			size: ['ridge', 2, 1.2, 1.1],
			readings: [[on(120, 'Oda'), 'pin', [17, 19, 21]]]
		}),
		ash: pile(diary, on(190), {
			name: 'storm-split ash limbs',
			wood: 'dense-hardwood',
			form: 'split',
			size: ['box', 1.6, 0.8, 0.9],
			readings: [[on(36, 'Oda'), 'oven', [22, 23.5, 24.5]]]
		}),
		reed: pile(diary, on(165), {
			name: 'reed canes, winter cut',
			wood: 'canes',
			form: 'canes',
			size: ['box', 2, 0.6, 1],
			readings: [[on(35, 'Ines'), 'pin', [12, 13, 15]]]
		}),
		brush: pile(diary, on(160), {
			name: 'bramble and dog-rose brush',
			wood: 'light-hardwood',
			form: 'brush',
			size: ['dome', 3, 2, 1.4],
			readings: [[on(152), 'pin', [27, 30, 26]]]
		}),
		boards: pile(diary, on(140, 'Ines'), {
			name: 'grey boards',
			wood: 'softwood',
			form: 'split',
			size: ['box', 1.2, 0.5, 0.4],
			suspicion: 'paint'
		}),
		larch: pile(diary, on(40), {
			name: 'larch slab chips',
			wood: 'softwood',
			form: 'chips',
			size: 9,
			readings: [[on(6, 'Ines'), 'pin', [31, 28, 29]]]
		}),
		bines: pile(diary, on(20, 'Ines'), {
			name: 'hop bines off the wire',
			wood: 'canes',
			form: 'canes',
			size: 6
		})
	};
}
