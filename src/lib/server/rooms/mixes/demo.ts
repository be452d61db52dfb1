import type { MaterialId } from '../../../core/materials';
import { kilograms, litres } from '../../../core/units';
import { fateSchema } from '../../../input/fate-doors';
import type { LaidPart } from '../../../input/heaps';
import type { Diary, Moment } from '../../demo/diary';
import { stockUp } from '../../usecases/bring-in';
import { doSmall } from '../../usecases/small-act';
import { chooseFates } from '../../usecases/choose-fates';
import { putOnBed } from '../../usecases/put-on-bed';
import { mixUp } from '../../usecases/mixes/mix-up';
import { potUp } from '../../usecases/mixes/pot-up';

const on = (daysAgo: number, by: Moment['by'], hour = 11): Moment => ({ daysAgo, hour, by });

type Part = readonly [stuff: MaterialId | `lot:${string}`, litres: number];

/** Parts of a mix as lines of its form. */
export const mixed = (parts: readonly Part[]): readonly LaidPart[] =>
	parts.map(([stuff, volume], i) => ({
		row: i + 1,
		...(stuff.startsWith('lot:')
			? { stuff: 'lot' as const, lot: stuff.slice(4) }
			: { stuff: stuff as MaterialId }),
		measure: { litres: litres(volume) }
	}));

/** A blend with its bags, and a pot mix that is all but used up. */
export function growMixes(diary: Diary): void {
	const bag = (
		daysAgo: number,
		material: MaterialId,
		measure: { readonly kg: number } | { readonly litres: number },
		price: number
	) =>
		diary.enter(on(daysAgo, 'Bram'), stockUp, {
			...{ material, name: '', bought: { bags: 1, price } },
			measure: 'kg' in measure ? { kg: kilograms(measure.kg) } : { litres: litres(measure.litres) }
		});
	const bone = bag(260, 'bone-meal', { kg: 5 }, 14.5);
	const seaweed = bag(260, 'seaweed-meal', { kg: 1 }, 9);
	const bark = bag(258, 'fine-bark', { litres: 60 }, 8.5);
	const perlite = bag(258, 'perlite', { litres: 40 }, 12);
	const feed = diary.enter(on(252, 'Oda'), mixUp, {
		...{ use: 'feed', name: 'Spring mix' },
		parts: mixed([
			['castings', 8],
			[`lot:${bone}`, 3],
			[`lot:${seaweed}`, 1],
			['seed-meal', 5]
		])
	});
	const pots = diary.enter(on(250, 'Ines'), mixUp, {
		...{ use: 'pots', name: 'Spring pots' },
		parts: mixed([
			['leaf-mould', 50],
			['finished-compost', 25],
			[`lot:${bark}`, 20],
			[`lot:${perlite}`, 10]
		])
	});
	diary.enter(on(249, 'Ines'), doSmall, {
		...{ verb: 'drain-mix', of: 'lot', name: pots },
		found: { filled_l: 2, caught_l: 0.31 }
	});
	diary.enter(on(249, 'Ines', 12), doSmall, {
		...{ verb: 'read-mix-salt', of: 'lot', name: pots },
		found: { dS_m: 2.6 }
	});
	diary.enter(on(248, 'Ines'), potUp, {
		...{ code: pots, pots: 140, vessel: { shape: 'round', top: 0.11 } }
	});
	for (const bed of ['Middle 4', 'Middle 5'])
		diary.enter(on(247, 'Oda'), putOnBed, { bed, lot: feed, part: 3, way: 'scratched-in' });
	partPile(diary);
}

/** What was cleared before the frost went three ways: leaves to the ring, tops to the worms, sticks to dry for char. */
function partPile(diary: Diary): void {
	const when = on(2, 'Bram');
	const reading = { timeZone: 'UTC', person: when.by, now_ms: diary.at(when) };
	const values = {
		...{ 'kit-hoop': 'on', 'kit-worm-bin': 'on', 'kit-kiln': 'on' },
		...{
			stuff1: 'dry-leaves',
			part1: '160 L',
			use1: 'potting',
			goes1: 'leaf-mould',
			where1: 'Kiln yard'
		},
		...{
			stuff2: 'leafy-green',
			part2: '12 L',
			use2: 'potting',
			goes2: 'worm-feed',
			where2: 'Steps bin'
		},
		...{ stuff3: 'woody-thin', part3: '240 L', use3: 'char', goes3: 'char' }
	};
	diary.enter(when, chooseFates, fateSchema(reading, values).parse(undefined));
}

/** A blend and a pot mix a year, used up in the same. */
export function workMixes(diary: Diary, years: number): void {
	for (let year = years; year > 0; year -= 1) {
		const perlite = diary.enter(on(year * 365 - 58, 'Bram'), stockUp, {
			...{ material: 'perlite', name: '', bought: { bags: 1, price: 6 } },
			measure: { litres: litres(10) }
		});
		const code = mixSome(diary, year, year * 365 - 60, perlite);
		diary.enter(on(year * 365 - 61, 'Ines'), doSmall, {
			...{ verb: 'drain-mix', of: 'lot', name: code },
			found: { filled_l: 2, caught_l: 0.3 }
		});
		diary.enter(on(year * 365 - 61, 'Ines', 12), doSmall, {
			...{ verb: 'read-mix-salt', of: 'lot', name: code },
			found: { dS_m: 2.4 }
		});
		diary.enter(on(year * 365 - 63, 'Ines'), potUp, {
			// All of it, so that nothing of the year is left.
			...{ code, pots: 1, vessel: { shape: 'tray', cells: 1, cell_l: 68 } }
		});
	}
}

/** A pot mix of a hundred litres. */
export const mixSome = (diary: Diary, n: number, daysAgo: number, perlite?: string): string =>
	diary.enter({ ...on(daysAgo, 'Ines'), reason: 'as every year' }, mixUp, {
		...{ use: 'pots', name: `Pots ${n}` },
		parts: mixed([
			['leaf-mould', 50],
			['finished-compost', 20],
			...(perlite ? [[`lot:${perlite}`, 10] as const] : [])
		])
	});
