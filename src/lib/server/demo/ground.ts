import { localDay } from '../../core/time';
import { exactly, kilograms, litres } from '../../core/units';
import { analyseMaterial, stockUp } from '../usecases/bring-in';
import { bringAsh } from '../usecases/bring-ash';
import { layAgain } from '../usecases/lay-again';
import { putOnBed } from '../usecases/put-on-bed';
import { doSmall } from '../usecases/small-act';
import type { Diary, Moment } from './diary';

const on = (daysAgo: number, by: Moment['by'], hour = 10): Moment => ({ daysAgo, hour, by });

/**
 * Ash and what it did: three beds read before and after it in two seasons, one of them over its cap; ash that
 * turned out to be of painted laths; and what beds gave in two seasons.
 */
export function limeAndHarvest(diary: Diary): void {
	const stove = diary.enter(on(500, 'Oda'), bringAsh, {
		...{ source: 'hearth', material: 'hardwood-ash', name: 'stove ash of the first winter' },
		...{ measure: { kg: kilograms(6) }, sifted: true, unsure: false, measured: {} }
	});
	const boiler = diary.enter(on(30, 'Bram'), bringAsh, {
		...{ source: 'boiler', material: 'softwood-ash', name: 'ash of the drying shed’s boiler' },
		...{ measure: { litres: litres(18) }, sifted: false, unsure: true, measured: {} }
	});
	diary.enter(on(29, 'Oda'), doSmall, {
		...{ verb: 'refuse-source', of: 'lot', name: boiler },
		found: { why: 'painted laths went into that boiler, too' }
	});
	for (const [bed, reads] of before) readPh(diary, bed, reads);
	for (const [bed, daysAgo, part, reason] of doses)
		diary.enter({ ...on(daysAgo, 'Ines'), ...(reason ? { reason } : {}) }, putOnBed, {
			...{ bed, lot: stove, part, way: 'scratched-in' }
		});
	// A ring round the hollyhocks in a wet summer, and once more after rain.
	diary.enter(on(160, 'Ines'), putOnBed, {
		...{ bed: 'Middle 4', lot: stove, part: litres(0.15), way: 'ringed' }
	});
	diary.enter(on(157, 'Ines'), layAgain, { bed: 'Middle 4' });
	diary.enter(on(26, 'Oda'), analyseMaterial, {
		material: 'ground-limestone',
		measured: { lime: exactly(0.92) }
	});
	diary.enter(on(25, 'Oda'), stockUp, {
		...{ material: 'ground-limestone', name: 'garden lime, as the bag says CCE 92' },
		measure: { kg: kilograms(25) }
	});
	diary.enter(on(74, 'Ines'), doSmall, {
		...{ verb: 'clear', of: 'bed', name: 'Middle 6', way: 'grower', found: {} }
	});
	diary.enter(on(60, 'Ines'), doSmall, {
		...{ verb: 'sow', of: 'bed', name: 'Middle 6', way: 'grower' },
		found: { name: 'rye to keep it covered', how: 'sown' }
	});
	for (const [name, daysAgo, kg, crop] of harvests)
		diary.enter(on(daysAgo, 'Ines', 16), doSmall, {
			...{ verb: 'harvest', of: 'bed', name },
			found: { measure: { kg: kilograms(kg) }, name: crop }
		});
}

type Read = readonly [daysAgo: number, ...places: number[]];

/** Before the first, between, and after the second. */
const before: readonly (readonly [bed: string, reads: readonly Read[]])[] = [
	[
		'Upper 2',
		[
			[415, 5.2, 5.3, 5.3],
			[360, 5.3, 5.4, 5.3],
			[218, 5.4, 5.5, 5.5]
		]
	],
	[
		'Upper 3',
		[
			[415, 5.7, 5.8, 5.6],
			[360, 5.8, 5.7, 5.8],
			[218, 5.9, 5.8, 5.9]
		]
	],
	[
		'Middle 1',
		[
			[415, 6.1, 6.2, 6.2],
			[360, 6.2, 6.2, 6.3],
			[150, 6.3, 6.4, 6.4]
		]
	]
];

const told = 'The sheet was not read before: it had more than we thought';
const doses: readonly (readonly [bed: string, daysAgo: number, litres: number, reason?: string])[] =
	[
		['Upper 2', 410, 0.9],
		['Upper 3', 410, 0.8],
		['Middle 1', 405, 1.1],
		['Upper 2', 268, 0.5, 'The reading says how little the first did'],
		['Upper 3', 268, 0.8, 'The reading says how little the first did'],
		['Middle 1', 268, 1.2, told],
		['Middle 1', 206, 0.8, told]
	];

const harvests: readonly (readonly [bed: string, daysAgo: number, kg: number, crop: string])[] = [
	['Middle 1', 440, 5.5, 'weld'],
	['Middle 3', 432, 3.1, 'coreopsis'],
	['Middle 6', 428, 21, 'potatoes'],
	['Mere 1', 445, 14, 'knotweed leaves'],
	['Upper 4', 170, 4.2, 'salad'],
	['Upper 4', 140, 5.1, 'salad'],
	['Mere 1', 121, 9.5, 'knotweed leaves'],
	['Middle 1', 110, 6.2, 'weld'],
	['Middle 3', 96, 3.6, 'coreopsis'],
	['Mere 1', 84, 7.5, 'knotweed leaves'],
	['Middle 6', 75, 24, 'potatoes']
];

function readPh(diary: Diary, name: string, reads: readonly Read[]): void {
	for (const [daysAgo, ...places] of reads) {
		const ph = places.reduce((sum, one) => sum + one, 0) / places.length;
		const moment = on(daysAgo, 'Bram', 9);
		diary.enter(moment, doSmall, {
			...{ verb: 'read-ph', of: 'bed', name, way: 'slurry' },
			found: { ph, places, in: 'water' },
			firstDay: localDay('UTC', diary.at(moment))
		});
	}
}
