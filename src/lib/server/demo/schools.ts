import { tendBatch } from './small';
import { celsius, kilograms, litres, metres } from '../../core/units';
import { findOfChar, takeInChar } from '../usecases/char-in';
import { drainCharge } from '../usecases/drain-charge';
import { measureVessel } from '../usecases/measure-vessel';
import { spreadLot } from '../usecases/spread-lot';
import { startCharge } from '../usecases/start-charge';
import { testCharge } from '../usecases/test-charge';
import type { Diary, Moment } from './diary';

const on = (daysAgo: number, by: Moment['by'], hour = 11): Moment => ({ daysAgo, hour, by });

/**
 * Other schools than the two of the first year: a bag of bought char, cured with manure for the salad bed, which
 * then waits for its harvest date; a fed culture of it, tried on cress; a living-soil soak whose liquor was caught.
 */
export function growSchools(diary: Diary): void {
	const bag = diary.enter(on(82, 'Bram'), takeInChar, {
		name: 'coppice char, a bag',
		origin: {
			from: 'bought',
			words: 'the second bag',
			price: 24,
			grain_mm: 10,
			ash: 0.05,
			ph: 8.9,
			sold_kg: 28
		},
		state: 'crushed',
		wood: 'light-hardwood',
		wetness: 'dry',
		litres: litres(130),
		kg: kilograms(28),
		water: 0.12
	});
	diary.enter(on(81, 'Bram'), findOfChar, {
		code: bag,
		found: { kind: 'wetness', wetness: 'drained' }
	});
	diary.enter(on(81, 'Oda', 15), findOfChar, {
		code: bag,
		found: { kind: 'quality', passed: ['ring', 'washes', 'no-tar-smell'], failed: [], ph: 8.9 }
	});
	diary.enter(on(80, 'Oda'), findOfChar, {
		code: bag,
		found: { kind: 'sieved', shares: { over20: 0, to20: 0.08, to10: 0.57, under2: 0.35 } }
	});
	const cured = diary.enter(on(80, 'Oda', 12), startCharge, {
		char: bag,
		part: 40,
		school: 'manure-cure',
		partner: 'cattle-manure-aged',
		ratio: 1,
		wantedN: 5,
		temperature: celsius(14)
	});
	for (const daysAgo of [73, 66, 59, 52])
		diary.enter(on(daysAgo, 'Ines', 16), tendBatch, { code: cured, how: 'turned' });
	diary.enter(on(30, 'Oda'), testCharge, {
		code: cured,
		passed: true,
		checks: ['no-ammonia', 'earthy']
	});
	const spread = { ...on(28, 'Ines'), reason: 'cleared: no salad is sown there before summer' };
	diary.enter(spread, spreadLot, {
		bed: 'Upper 4',
		lot: cured,
		ask: { by: 'rate', form: 'L/m2', amount: 4 }
	});
	const fed = diary.enter(on(26, 'Oda'), startCharge, {
		char: bag,
		part: 30,
		school: 'fed-culture',
		partner: 'cereal-bran',
		ratio: 0.075,
		wantedN: 5,
		extras: [{ id: 'castings', material: 'castings' }],
		recipeName: 'Oda’s bran char',
		temperature: celsius(17)
	});
	for (const daysAgo of [24, 22, 20, 18])
		diary.enter(on(daysAgo, 'Oda', 17), tendBatch, { code: fed, how: 'turned' });
	diary.enter(on(9, 'Oda'), testCharge, {
		code: fed,
		passed: true,
		checks: ['threads', 'sweet', 'cooled'],
		cress: {
			germinated: 23,
			seeds: 25,
			meanRoot_mm: 38,
			controlGerminated: 24,
			controlSeeds: 25,
			controlMeanRoot_mm: 40
		}
	});
	const side = metres(0.58);
	diary.enter(on(24, 'Bram'), measureVessel, {
		name: 'Rain butt',
		usedFor: 'tub',
		isNew: true,
		shape: { kind: 'round', rimWidth: side, floorWidth: metres(0.5), depth: metres(0.7) }
	});
	const soil = diary.enter(on(23, 'Bram'), startCharge, {
		char: bag,
		part: 36,
		school: 'living-soil-soak',
		partner: 'garden-soil',
		ratio: 1 / 6,
		wantedN: 5,
		tub: 'Rain butt',
		temperature: celsius(9)
	});
	diary.enter(on(12, 'Bram'), testCharge, {
		code: soil,
		passed: true,
		checks: ['sinks', 'earthy']
	});
	diary.enter(on(3, 'Bram'), drainCharge, {
		code: soil,
		places: [],
		smoke: false,
		whiteSpots: false,
		liquor: litres(14)
	});
}
