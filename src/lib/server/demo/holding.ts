import { celsius, kgDry, litres, metres, inLitres } from '../../core/units';
import type { Books } from '../db/books';
import { takeAway } from '../usecases/count-lot';
import { crushChar } from '../usecases/crush-char';
import { measureStack } from '../usecases/measure-stack';
import { readMoisture } from '../usecases/read-moisture';
import { recordBurn } from '../usecases/record-burn';
import { spreadLot } from '../usecases/spread-lot';
import { startCharge } from '../usecases/start-charge';
import { testCharge } from '../usecases/test-charge';
import { measureBed } from '../usecases/measure-bed';
import { sequence } from './chance';
import { coolOff, proveOut, walk } from './burns';
import { drain } from './charges';
import { openDiary, type Diary, type Moment } from './diary';
import { layOut } from './place';
import { rooms } from '../rooms';

/** Burns a year of a holding that works every week: what speed is measured on. */
const burnsPerYear = 200;
const burnsPerStack = 2;
const bedsOfHolding = 120;
const year_days = 365;

/**
 * A made-up holding of many years, written through the use cases a person uses: stacks, readings,
 * burns, checks, crushing, charges, tests and spreads, and what each room adds to them. For measuring
 * speed, not for showing.
 */
export function growHolding(books: Books, now_ms: number, years: number, seed = 1): void {
	if (books.acts.recent(1).length > 0) return;
	const first = years * year_days + 30;
	const diary = openDiary(books, now_ms);
	const pick = sequence(seed);
	layOut(diary, first + 5);
	for (let n = 1; n <= bedsOfHolding; n += 1) layBed(diary, n, first);
	const burns = years * burnsPerYear;
	let stack = '';
	for (let n = 0; n < burns; n += 1) {
		const daysAgo = Math.round(first - (n / burns) * (years * year_days)) - 3;
		if (n % burnsPerStack === 0) stack = layStack(diary, daysAgo + 2);
		const isLast = n % burnsPerStack === burnsPerStack - 1;
		batch(diary, books, { stack, isLast, daysAgo, pick });
	}
	for (const room of rooms) room.work?.(diary, years);
}

const on = (daysAgo: number, hour: number): Moment => ({
	daysAgo: Math.max(1, daysAgo),
	hour,
	by: 'Bram'
});

export function layBed(diary: Diary, n: number, daysAgo: number): void {
	diary.enter(on(daysAgo, 9), measureBed, {
		name: `Row ${n}`,
		isNew: true,
		target: 'area',
		pieces: 1,
		length_m: 12,
		width_m: 1.2,
		depth_m: 0.15,
		texture: n % 2 ? 'loam' : 'sandy-silt',
		drainage: 'even',
		humus: 'usual',
		cropKind: 'mixed',
		ph: 6,
		acidLover: false,
		eatenRaw: false,
		crop: 'madder'
	});
}

export function layStack(diary: Diary, daysAgo: number): string {
	const code = diary.enter(on(daysAgo, 8), measureStack, {
		name: 'alder rods',
		suspicion: 'none',
		measure: {
			form: 'rods',
			wood: 'light-hardwood',
			seasoned: true,
			size: {
				by: 'outline',
				outline: 'box',
				length: metres(2.4),
				width: metres(1),
				height: metres(1)
			}
		}
	});
	diary.enter(on(daysAgo, 9), readMoisture, {
		code,
		method: 'pin',
		pieces: [18, 20, 22].map((percent) => ({ percent }))
	});
	return code;
}

interface Batch {
	readonly stack: string;
	/** The last burn of a stack takes all of it. */
	readonly isLast: boolean;
	readonly daysAgo: number;
	readonly pick: (n: number) => number;
}

/** One burn and what comes of its char: crushed, charged, tested, put on two beds; the rest goes off the holding. */
function batch(diary: Diary, books: Books, { stack, isLast, daysAgo, pick }: Batch): void {
	const burn = diary.enter(on(daysAgo, 15), recordBurn, {
		vessel: 'Lantern',
		loads: [{ code: stack, litres: isLast ? 'all' : 1100 }],
		measured: { by: 'litres', litres: litres(260 + pick(60)) },
		sample: { litres: litres(10), kg: kgDry(1.5) },
		wetness: 'quench-wet',
		water_l: 300 + pick(120)
	});
	if (daysAgo > 1) proveOut(diary, books, burn, 'Bram');
	else walk(diary, on(daysAgo, 18), burn, [18, 18, 18]);
	if (daysAgo > 5) coolOff(diary, daysAgo, burn, 'Bram');
	const whole = books.burns.maybeOne(burn)?.record?.charCode ?? '';
	const before = inLitres(books.ledger.lot(whole).volume_ul);
	const crushed = diary.enter(on(daysAgo - 1, 9), crushChar, {
		code: whole,
		before: 'all',
		after: litres(before * 0.67),
		wetness: 'drained'
	});
	if (daysAgo < 40) return;
	const charge = diary.enter(on(daysAgo - 2, 10), startCharge, {
		char: crushed,
		part: 80,
		school: 'nitrogen-soak',
		partner: 'urine',
		ratio: 1,
		wantedN: 5,
		tub: 'Dye vat',
		temperature: celsius(12)
	});
	drain(diary, on(daysAgo - 3, 9), charge);
	diary.enter(on(daysAgo - 12, 10), testCharge, { code: charge, passed: true });
	for (const hour of [11, 12])
		diary.enter(on(daysAgo - 13, hour), spreadLot, {
			bed: `Row ${1 + pick(bedsOfHolding)}`,
			lot: charge,
			ask: { by: 'rate', form: 'L/m2', amount: 0.25 }
		});
	for (const code of [crushed, charge])
		diary.enter(on(daysAgo - 14, 9), takeAway, {
			code,
			part: 'all',
			how: 'give-away',
			reason: 'to a neighbour'
		});
}
