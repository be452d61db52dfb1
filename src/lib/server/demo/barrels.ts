import { logKit } from './small';
import { dayOf } from '../../input/day-form';
import { greedyDay } from '../../core/days';
import { minutes } from '../../core/time';
import { celsius, kgDry, kilograms, litres, metres } from '../../core/units';
import { skimEmbers } from './small';
import { planDay, recordDay } from '../usecases/burn-day';
import { measureStack } from '../usecases/measure-stack';
import { measureVessel } from '../usecases/measure-vessel';
import { readMoisture } from '../usecases/read-moisture';
import { recordBurn } from '../usecases/record-burn';
import { dayVessels } from '../questions/days';
import { proveOut } from './burns';
import type { Diary, Moment } from './diary';

const on = (daysAgo: number, hour: number, by: Moment['by'], note = ''): Moment => ({
	daysAgo,
	hour,
	by,
	...(note ? { note } : {})
});
const mm = (value: number) => metres(value / 1000);

/**
 * Three barrels and a retort: their history, a first barrel that was weighed, a day on which all three burnt
 * in turn, a retort charge known by the weight of its blocks, and embers drawn from the dye-house oven.
 */
export function growBarrels(diary: Diary): void {
	layKit(diary);
	const chips = larchChips(diary);
	const first = diary.enter(on(33, 15, 'Bram', 'To learn how long it takes.'), recordBurn, {
		vessel: 'Finch',
		loads: [{ code: chips, litres: 205 }],
		measured: { by: 'litres', litres: litres(74) },
		sample: { litres: litres(10), kg: kgDry(0.96) },
		wetness: 'drained',
		smoke_min: 4,
		told: { lit_ms: diary.at(on(33, 13, 'Bram')), people: 'Bram', quench: 'snuff' }
	});
	proveOut(diary, diary.books, first, 'Bram');
	dayOfBarrels(diary, chips, 21, [71, 66, 58, 73, 69]);
	const kettle = diary.enter(on(17, 17, 'Oda', 'Opened a little early: it flared.'), recordBurn, {
		vessel: 'Kettle',
		loads: [],
		wood: { by: 'weighed', kg: kilograms(36), water: 0.16, class: 'dense-hardwood' },
		measured: { by: 'weight', kg: kilograms(9.1) },
		wetness: 'dry',
		smoke_min: 25,
		told: {
			hottest: { c: celsius(560), by: 'probe' },
			troubles: ['opened-early'],
			quench: 'snuff'
		}
	});
	proveOut(diary, diary.books, kettle, 'Oda');
	drawEmbers(diary);
}

const barrels = ['Finch', 'Siskin', 'Linnet'];

export function layBarrels(diary: Diary, built: Moment): void {
	for (const name of barrels)
		diary.enter(built, measureVessel, {
			name,
			usedFor: 'barrel',
			isNew: true,
			shape: { kind: 'round', rimWidth: mm(570), floorWidth: mm(570), depth: mm(850) },
			fittings: { holes: { count: 96, width: mm(10) }, burner: true, chimney: metres(1.2) }
		});
}

function layKit(diary: Diary): void {
	const built = on(200, 9, 'Bram');
	layBarrels(diary, built);
	diary.enter(built, measureVessel, {
		name: 'Kettle',
		usedFor: 'retort',
		isNew: true,
		shape: { kind: 'round', rimWidth: mm(420), floorWidth: mm(420), depth: mm(700) }
	});
	diary.enter(on(120, 9, 'Oda'), measureVessel, {
		name: 'Ember pail',
		usedFor: 'stove',
		isNew: true,
		shape: { kind: 'round', rimWidth: mm(320), floorWidth: mm(280), depth: mm(330) }
	});
	const happened = (
		moment: Moment,
		name: string,
		what: 'built' | 'changed' | 'failed',
		words: string
	) => diary.enter(moment, logKit, { name, what, words });
	happened(
		on(199, 10, 'Bram'),
		'Finch',
		'built',
		'From a drum that held wool grease, burnt clean first.'
	);
	happened(
		on(60, 10, 'Bram'),
		'Siskin',
		'changed',
		'32 more floor holes: it took three hours before.'
	);
	happened(on(14, 18, 'Bram'), 'Linnet', 'failed', 'The floor has burnt through beside the seam.');
}

export function larchChips(diary: Diary, daysAgo = 45): string {
	const chips = diary.enter(on(daysAgo, 10, 'Ines'), measureStack, {
		name: 'dry larch chips, under the lean-to',
		suspicion: 'none',
		measure: {
			form: 'chips',
			wood: 'softwood',
			seasoned: true,
			size: { by: 'measures', litres: litres(1700), typed: '22 barrows' }
		}
	});
	diary.enter(on(daysAgo - 11, 10, 'Ines'), readMoisture, {
		code: chips,
		method: 'pin',
		pieces: [15, 16, 17, 15].map((percent) => ({ percent }))
	});
	return chips;
}

/**
 * Two rounds of three barrels, of which so many gave char, L, in the order they were tipped. In the garden five
 * did; Linnet's second was not lit, since its floor glowed.
 * @returns codes of the char
 */
export function dayOfBarrels(
	diary: Diary,
	chips: string,
	daysAgo: number,
	gave: readonly number[]
): readonly string[] {
	const day = on(daysAgo, 9, 'Oda');
	const typed = {
		barrels: barrels.join('\n'),
		rounds: '2',
		hands: '2',
		burners: '3',
		hoses: '1',
		fill: '12',
		light: '6',
		burn: '62',
		cap: '5',
		cool: '40',
		tip: '10'
	};
	const startsAt_ms = diary.at(day);
	diary.enter(on(daysAgo + 1, 19, 'Oda'), planDay, { startsAt_ms, barrels, typed, found: '' });
	const planned = dayOf(typed, dayVessels(diary.books), {});
	if (!planned) throw new Error('demo: the day of barrels can’t be read');
	const stops = greedyDay(planned)
		.steps.filter(({ stage }) => stage === 'tip')
		.sort((a, b) => a.from - b.from)
		.flatMap((tip, i) => {
			const volume = gave[i];
			if (volume === undefined) return [];
			return [
				{
					vessel: tip.barrel,
					field: `char:${tip.barrel}:${tip.round}`,
					litres: litres(volume),
					quenched_ms: startsAt_ms + minutes(tip.to)
				}
			];
		});
	const first = Number(diary.books.burns.nextCode().slice(1));
	diary.enter(on(daysAgo, 20, 'Oda'), recordDay, {
		load: { code: chips, part: 205 },
		wetness: 'quench-wet',
		stops
	});
	return stops.flatMap((_, i) => {
		const fire = diary.books.burns.maybeOne(`F${first + i}`);
		if (!fire?.record) return [];
		proveOut(diary, diary.books, fire.code, 'Ines');
		return [fire.record.charCode];
	});
}

/** A pail of embers a week out of the oven: no stack, its wood worked back. */
function drawEmbers(diary: Diary): void {
	for (const [daysAgo, volume] of [
		[27, 14],
		[20, 17],
		[13, 12],
		[6, 16]
	] as const) {
		const pail = diary.enter(on(daysAgo, 11, 'Ines'), recordBurn, {
			vessel: 'Ember pail',
			loads: [],
			wood: { by: 'reckoned', class: 'dense-hardwood' },
			measured: { by: 'litres', litres: litres(volume) },
			wetness: 'quench-wet'
		});
		proveOut(diary, diary.books, pail, 'Ines');
	}
	for (const volume of [2.5, 1.5])
		diary.enter(on(2, volume > 2 ? 8 : 19, 'Ines'), skimEmbers, { vessel: 'Ember pail', volume });
}
