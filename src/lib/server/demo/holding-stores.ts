import { celsius, kgDry, kilograms, litres } from '../../core/units';
import { bringAsh } from '../usecases/bring-ash';
import { stockUp } from '../usecases/bring-in';
import { holdLot } from '../usecases/hold-lot';
import { takeInChar } from '../usecases/char-in';
import { takeAway } from '../usecases/count-lot';
import { putOnBed } from '../usecases/put-on-bed';
import { reMeasureChar } from '../usecases/re-measure-char';
import { doSmall } from '../usecases/small-act';
import { startCharge } from '../usecases/start-charge';
import { testCharge } from '../usecases/test-charge';
import { dayOfBarrels, larchChips, layBarrels } from './barrels';
import type { Diary, Moment } from './diary';
import { logKit, remark, tendBatch } from './small';

const on = (daysAgo: number, hour: number): Moment => ({
	daysAgo: Math.max(0, daysAgo),
	hour,
	by: 'Oda',
	reason: 'as it is done here every month'
});
const year_days = 365;
const gone = (why: string) => ({ part: 'all', how: 'dispose', reason: why }) as const;

/** Every so many days of so many years, the oldest first; the number of the turn with each. */
function turns(
	years: number,
	every_days: number
): readonly (readonly [daysAgo: number, n: number])[] {
	const n = Math.floor((years * year_days) / every_days);
	return Array.from({ length: n }, (_, i) => [(n - i) * every_days, i] as const);
}

/** A day of barrels every second month, from chips of their own. */
export function workBarrels(diary: Diary, years: number): void {
	layBarrels(diary, on(years * year_days + 60, 9));
	for (const [daysAgo] of turns(years, 61)) {
		const chips = larchChips(diary, daysAgo + 20);
		const gave = dayOfBarrels(diary, chips, daysAgo, [71, 66, 58, 73]);
		for (const code of gave)
			diary.enter(on(daysAgo - 40, 9), takeAway, { code, ...gone('to a neighbour') });
		diary.enter(on(daysAgo - 1, 9), takeAway, { code: chips, ...gone('into the bedding') });
	}
}

/** Compost and ash each month, each on a bed; a heap of manure a year, held as suspect. */
export function workStores(diary: Diary, years: number): void {
	for (const [daysAgo, n] of turns(years, 30)) {
		const compost = diary.enter(on(daysAgo, 8), stockUp, {
			material: 'finished-compost',
			name: 'garden compost',
			measure: { litres: litres(300) }
		});
		diary.enter(on(daysAgo - 1, 9), putOnBed, {
			bed: `Row ${5 + (n % 100)}`,
			lot: compost,
			part: 80,
			way: 'top-dressed'
		});
		if (daysAgo > 60)
			diary.enter(on(daysAgo - 29, 9), takeAway, { code: compost, ...gone('sold') });
		workGround(diary, `Row ${5 + (n % 100)}`, daysAgo);
		if (n % 12 > 0) continue;
		const manure = diary.enter(on(daysAgo, 10), stockUp, {
			material: 'cattle-manure',
			name: 'manure from over the lane',
			measure: { litres: litres(400) }
		});
		diary.enter(on(daysAgo, 11), holdLot, { code: manure, held: true, reason: 'beans first' });
		if (daysAgo > year_days)
			diary.enter(on(daysAgo - 90, 9), takeAway, { code: manure, ...gone('the beans curled') });
	}
}

/** A pail of ash, a part of it on a bed that was read; a harvest of another. */
function workGround(diary: Diary, bed: string, daysAgo: number): void {
	const ash = diary.enter(on(daysAgo, 12), bringAsh, {
		...{ source: 'hearth', material: 'hardwood-ash', name: 'stove ash', sifted: true },
		...{ measure: { kg: kilograms(4) }, unsure: false, measured: {} }
	});
	diary.enter(on(daysAgo, 13), doSmall, {
		...{ verb: 'read-ph', of: 'bed', name: bed, way: 'slurry' },
		found: { ph: 5.9, places: [5.8, 6, 5.9], in: 'water' }
	});
	diary.enter(on(daysAgo - 20, 9), putOnBed, { bed, lot: ash, part: 0.8, way: 'scratched-in' });
	diary.enter(on(daysAgo - 22, 9), doSmall, {
		...{ verb: 'harvest', of: 'bed', name: bed },
		found: { measure: { kg: kilograms(12) }, name: 'carrot' }
	});
	if (daysAgo > 90)
		diary.enter(on(daysAgo - 60, 9), takeAway, { code: ash, ...gone('to a neighbour') });
}

/** A bag of bought char, and some of it set to rest with compost. */
export function restBag(diary: Diary, name: string, came: Moment, begun: Moment) {
	const bag = diary.enter(came, takeInChar, {
		name,
		origin: { from: 'bought', words: 'a bag', price: 24, ash: 0.05, ph: 8.9, sold_kg: 28 },
		state: 'crushed',
		wood: 'light-hardwood',
		wetness: 'drained',
		litres: litres(130),
		kg: kilograms(40),
		water: 0.4
	});
	const code = diary.enter(begun, startCharge, {
		char: bag,
		part: 60,
		school: 'compost-rest',
		partner: 'finished-compost',
		ratio: 1,
		wantedN: 5,
		temperature: celsius(16)
	});
	return { bag, code };
}

/** A bag of bought char each quarter, rested with compost, tended, tested and given away. */
export function workSchools(diary: Diary, years: number): void {
	for (const [daysAgo] of turns(years, 91)) {
		const { bag, code } = restBag(diary, 'a bag of char', on(daysAgo, 8), on(daysAgo - 1, 9));
		for (const later of [8, 15, 22])
			diary.enter(on(daysAgo - later, 9), tendBatch, { code, how: 'turned' });
		if (daysAgo < 100) continue;
		diary.enter(on(daysAgo - 40, 9), testCharge, { code, passed: true });
		diary.enter(on(daysAgo - 60, 9), takeAway, { code, ...gone('to a neighbour') });
		diary.enter(on(daysAgo - 60, 10), takeAway, { code: bag, ...gone('to a neighbour') });
	}
}

/** Ten litres of old char dried and weighed twice a year. */
export function workChar(diary: Diary, years: number): void {
	for (const [daysAgo] of turns(years, 182)) {
		const code = diary.enter(on(daysAgo, 8), takeInChar, {
			name: 'from the old heap',
			origin: { from: 'given', words: 'from the old heap' },
			state: 'whole',
			wood: 'light-hardwood',
			wetness: 'drained',
			litres: litres(60)
		});
		diary.enter(on(daysAgo - 1, 8), reMeasureChar, {
			code,
			litres: litres(10),
			kg: kgDry(1.6)
		});
		diary.enter(on(daysAgo - 30, 8), takeAway, { code, ...gone('to a neighbour') });
	}
}

/** What happens to a kiln, and a word about a bed, each month. */
export function workNotes(diary: Diary, years: number): void {
	for (const [daysAgo, n] of turns(years, 30)) {
		diary.enter({ ...on(daysAgo, 18), note: 'a gust had thrown it over' }, logKit, {
			name: 'Lantern',
			what: 'changed',
			words: 'Its rim was beaten straight.'
		});
		diary.enter(on(daysAgo, 19), remark, {
			at: 'bed',
			name: `Row ${1 + (n % 12)}`,
			words: 'It stood well.'
		});
	}
}
