import { celsius, kgDry, litres, metres } from '../../core/units';
import { proofOf } from '../questions/standing';
import { checkQuench } from '../usecases/check-quench';
import { planBurn } from '../usecases/plan-burn';
import { recordBurn } from '../usecases/record-burn';
import type { BurnInput } from '../../input/burns';
import type { Books } from '../db/books';
import { lit, tapAlong, toTheEnd } from './at-the-fire';
import type { Diary, Moment } from './diary';
import type { Yard } from './yard';
import { days, minutes } from '../../core/time';

const quenched = (daysAgo: number, by: Moment['by'], note = ''): Moment => ({
	daysAgo,
	hour: 16,
	by,
	...(note ? { note } : {})
});

/** Walk round a quenched fire with the probe, °C in each place. */
export function walk(
	diary: Diary,
	moment: Moment,
	burn: string,
	probes: readonly number[],
	air?: number
): void {
	diary.enter(moment, checkQuench, {
		burn,
		places: probes.map((probe) => ({ probe: celsius(probe) })),
		smoke: false,
		whiteSpots: false,
		...(air === undefined ? {} : { air: celsius(air) })
	});
}

/**
 * Every look at a fire that stayed out, each when the series wants it: half an hour, two hours, dusk
 * where it is apart, first light.
 */
export function proveOut(
	diary: Diary,
	books: Books,
	burn: string,
	by: Moment['by'],
	/** When it was last wetted; the quench, unless it lit again. */
	from_ms?: number
): void {
	const found = [
		[38, 41, 44],
		[29, 31, 36],
		[20, 22, 25],
		[14, 15, 15]
	];
	const { id = 0, record } = books.burns.maybeOne(burn) ?? {};
	let at_ms = from_ms ?? record?.quenchedAt_ms ?? 0;
	for (const probes of found) {
		const { next } = proofOf(books, id, at_ms);
		if (!next) return;
		at_ms = Math.max(at_ms, next.at_ms) + minutes(4);
		walk(diary, { at_ms, by }, burn, probes);
	}
}

/** Three days on the core is as cool as the air, and the char may be bagged. */
export function coolOff(diary: Diary, daysAgo: number, burn: string, by: Moment['by']): void {
	walk(diary, { daysAgo: daysAgo - 4, hour: 9, by }, burn, [13, 14, 15], 11);
}

export type Burnt = ReturnType<typeof burn>;

/** Six burns: good ones, a wet smoky one, one with many brands, and yesterday's, not proven out. */
export function burn(diary: Diary, books: Books, yard: Yard, now_ms: number) {
	const light = (moment: Moment, input: BurnInput): string =>
		diary.enter(moment, recordBurn, { ...input });
	/** The char a burn gave. */
	const charOf = (code: string): string => {
		const record = books.burns.maybeOne(code)?.record;
		if (!record) throw new Error(`demo: burn ${code} has no record`);
		return books.ledger.lotById(record.charLotId).code;
	};

	const first = light(quenched(175, 'Oda', 'Lit on top, nine layers, hardly any smoke.'), {
		vessel: 'Lantern',
		loads: [{ code: yard.alder, litres: 1100 }],
		measured: { by: 'depth', depth: metres(0.6) },
		sample: { litres: litres(10), kg: kgDry(1.52) },
		wetness: 'quench-wet',
		brands: { litres: litres(12) },
		water_l: 380,
		smoke_min: 6
	});
	proveOut(diary, books, first, 'Bram');

	const smoky = light(quenched(150, 'Bram', 'Rained on the day before. Smoked to the end.'), {
		vessel: 'Ditch',
		loads: [{ code: yard.brush, litres: 3200 }],
		measured: { by: 'litres', litres: litres(92) },
		wetness: 'quench-wet',
		brands: { litres: litres(60) },
		water_l: 240,
		smoke_min: 55
	});
	proveOut(diary, books, smoky, 'Bram');

	const hazel = light(quenched(118, 'Oda'), {
		vessel: 'Lantern',
		loads: [{ code: yard.hazel, litres: 520 }],
		measured: { by: 'depth', depth: metres(0.44) },
		wetness: 'quench-wet',
		water_l: 260,
		smoke_min: 9
	});
	proveOut(diary, books, hazel, 'Bram');

	const alder = light(quenched(75, 'Oda', 'Best one yet.'), {
		vessel: 'Lantern',
		loads: [{ code: yard.alder, litres: 1200 }],
		measured: { by: 'depth', depth: metres(0.66) },
		sample: { litres: litres(10), kg: kgDry(1.49) },
		wetness: 'quench-wet',
		brands: { litres: litres(9) },
		water_l: 430,
		smoke_min: 5
	});
	proveOut(diary, books, alder, 'Bram');

	const limbs = light(quenched(33, 'Bram', 'Thick limbs went in last; many stayed brown inside.'), {
		vessel: 'Ditch',
		loads: [
			{ code: yard.ash, litres: 560 },
			{ code: yard.reed, litres: 'all' }
		],
		measured: { by: 'litres', litres: litres(235) },
		wetness: 'quench-wet',
		brands: { litres: litres(130) },
		water_l: 410,
		smoke_min: 22
	});
	proveOut(diary, books, limbs, 'Bram');

	const lit_ms = diary.at({ daysAgo: 1, hour: 16 }) - minutes(136);
	const tended = lit(diary, { at_ms: lit_ms, by: 'Oda' }, { vessel: 'Lantern' });
	tapAlong(diary, tended, lit_ms, 'Oda', toTheEnd);
	const hot = light(quenched(1, 'Oda'), {
		burn: tended,
		vessel: 'Lantern',
		loads: [{ code: yard.alder, litres: 700 }],
		measured: { by: 'depth', depth: metres(0.47) },
		wetness: 'quench-wet',
		water_l: 270
	});
	walk(diary, { daysAgo: 1, hour: 18, by: 'Ines' }, hot, [24, 33, 78]);

	diary.enter({ daysAgo: 2, hour: 19, by: 'Oda' }, planBurn, {
		vessel: 'Lantern',
		loads: [{ code: yard.hazel, litres: 'all' }],
		plannedFor_ms: now_ms + days(4)
	});

	return {
		first: charOf(first),
		hazel: charOf(hazel),
		alder: charOf(alder),
		limbs: charOf(limbs)
	};
}
