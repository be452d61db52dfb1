import { describe, expect, it } from 'vitest';
import {
	burnInput,
	day,
	done,
	emptyBooks,
	envelope,
	start,
	walkSeries,
	withCrushed,
	withRipeSoak,
	yard
} from '../../../tests/fixtures/garden';
import { isFirstSeason } from '$lib/core/beds';
import { judgeCrush } from '$lib/core/char';
import { schoolOf, schools, type SchoolId } from '$lib/core/charging';
import { litres, metres, inLitres } from '$lib/core/units';
import { volumeAtDepth } from '$lib/core/vessels';
import { spreadSchema } from '$lib/input/beds';
import { crushSchema } from '$lib/input/char';
import { chargeSchema } from '$lib/input/charging';
import type { Reading, Values } from '$lib/input/form';
import { limits } from '$lib/input/limits';
import { amountIn } from '$lib/input/read-field';
import { vesselSchema } from '$lib/input/vessels';
import { stackSchema } from '$lib/input/woodyard';
import type { Books } from '$lib/server/db/books';
import { asks, keyOf } from '$lib/core/cautions';
import { asksWhy } from '$lib/input/act';
import { standsOn } from '$lib/server/questions/stands';
import { bedToTreat } from '$lib/server/questions/targets';
import { lotsToDose } from '$lib/server/questions/beds';
import { bedsInOrder } from '$lib/server/questions/kept-beds';
import { charsToCharge } from '$lib/server/questions/charging';
import { send, type Schema, type UseCase } from '$lib/server/send';
import { crushChar } from '$lib/server/usecases/crush-char';
import { measureStack } from '$lib/server/usecases/measure-stack';
import { measureVessel } from '$lib/server/usecases/measure-vessel';
import { recordBurn } from '$lib/server/usecases/record-burn';
import { spreadLot } from '$lib/server/usecases/spread-lot';
import { startCharge } from '$lib/server/usecases/start-charge';
import { freshDose, reckonDose } from './beds/[name]/reckoning';
import { freshCharge, reckonPlan } from './charging/plan/reckoning';
import { freshVessel, reckonVessel } from './vessels/[name]/reckoning';
import { freshEntry, reckonStack } from './woodyard/reckoning';

const now = start + 30 * day;
const systems = ['metric', 'us'] as const;
const reading = (system: (typeof systems)[number]): Reading => ({
	timeZone: 'UTC',
	person: 'Ines',
	now_ms: now,
	system
});

/** Send what stands on a page, as its button does. */
function sent<T>(
	books: Books,
	system: (typeof systems)[number],
	entry: object,
	schema: Schema<T>,
	useCase: UseCase<T>
): string {
	const values = { ...entry, actId: 'what-the-page-sent' } as Values;
	return decodeURIComponent(
		done(send(books, reading(system), values, schema, useCase))
			.split('/')
			.at(-1) ?? ''
	);
}

/** What is typed alike, in the words of either system. */
const lengths = { metric: ['2.4', '110 cm', '0,9 m'], us: ["8'", '3 ft 7 in', '2 1/2'] } as const;

describe.each(systems)(
	'what a page shows while one types, and what its act keeps, in %s',
	(system) => {
		it.each(['outline', 'measures'])('of a stack by %s', (sizedBy) => {
			const books = emptyBooks();
			const [length, height, width] = lengths[system];
			const filled = system === 'us' ? '20 cu ft' : '1 1/2 m3';
			const entry = {
				...freshEntry({ sizedBy, length, height, width, filled, outline: 'dome', form: 'split' }),
				name: 'a pile'
			};
			const page = reckonStack(entry, reading(system))!;
			const stack = books.woodyard.maybeOne(sent(books, system, entry, stackSchema, measureStack))!;
			expect(inLitres(stack.volume_ul)).toBeCloseTo(page.loose.value, 2);
			expect(stack.dry_g / 1000).toBeCloseTo(page.dry.value, 2);
			expect(stack.measured.value).toBeCloseTo(page.dry.value, 2);
			expect(stack.measured.low).toBeCloseTo(page.dry.low, 2);
			expect(stack.measured.high).toBeCloseTo(page.dry.high, 2);
		});

		it.each([
			['open-kiln', 'square'],
			['tub', 'round'],
			['trench', 'round']
		])('of a vessel: %s, %s', (usedFor, outline) => {
			const books = emptyBooks();
			const [rimLength, floorLength, rimWidth] = lengths[system];
			const entry = {
				...freshVessel({}, null, system),
				...{ name: 'Bell', usedFor, outline, rimLength, floorLength, rimWidth },
				...(system === 'us'
					? { depth: '2 ft', floorWidth: '18 in' }
					: { depth: '60 cm', floorWidth: '45 cm' })
			};
			const page = reckonVessel(
				{ ...entry, at: system === 'us' ? '1 ft' : '30 cm' },
				reading(system)
			)!;
			sent(books, system, entry, (r, values) => vesselSchema(r, undefined, values), measureVessel);
			const kept = books.vessels.maybeOne('Bell')!;
			expect(kept.capacity_l).toBeCloseTo(page.capacity, 6);
			expect(kept.shape).toEqual(page.shape);
			expect(volumeAtDepth(kept.shape, metres(page.at!.depth))).toBeCloseTo(page.at!.litres, 6);
		});

		it('of a crushing', () => {
			const books = yard();
			done(recordBurn(books, now, envelope(start + day), burnInput));
			walkSeries(books, 'F1', start + day);
			const [before, after] = system === 'us' ? ['40 gal', '26 1/2'] : ['150 L', '99,5'];
			const shown = judgeCrush(
				litres(amountIn(before!, limits.crush.before, reading(system))!),
				litres(amountIn(after!, limits.crush.after, reading(system))!)
			);
			const entry = { before, after, wetness: 'drained' };
			sent(books, system, entry, (r) => crushSchema(r, 'K1'), crushChar);
			const left = 300_000_000 - books.char.maybeOne('K1')!.volume_ul;
			expect(1 - books.char.maybeOne('K2')!.volume_ul / left).toBeCloseTo(shown.packedAway, 4);
		});

		const inTubsAndHeaps = schools.filter(({ kind }) => kind !== 'bed').map(({ id }) => id);
		it.each(inTubsAndHeaps)('of a charge: %s', (school: SchoolId) => {
			const books = yard();
			withCrushed(books);
			const chars = charsToCharge(books, now);
			const tubs = books.vessels
				.all()
				.filter(({ usedFor }) => usedFor === 'tub')
				.map(({ name, shape, capacity_l }) => ({ name, shape, capacity_l }));
			const entry = {
				...freshCharge(
					{
						school,
						partner: schoolOf(school).partners[0]!,
						part: system === 'us' ? '12 gal' : '48,5 L',
						temperature: system === 'us' ? '63 F' : '17'
					},
					chars,
					tubs,
					system
				),
				ratio: String(schoolOf(school).partnerPerChar.high),
				liquid: schoolOf(school).liquids[0] ?? 'rain-water',
				wantedN: '3'
			};
			const yardNow = { chars, tubs, stock: [], analyses: {}, ...reading(system) };
			const page = reckonPlan(entry, yardNow, now)!;
			const { extras: parts, ...typed } = entry;
			expect(Object.values(parts).every(({ amount }) => amount === '')).toBe(true);
			const kept = books.batches.maybeOne(sent(books, system, typed, chargeSchema, startCharge))!;
			expect(kept.char_l).toBeCloseTo(page.volume, 3);
			const went = (material: string) =>
				kept.ingredients
					.filter((one) => one.material === material)
					.reduce((sum, { volume_ul }) => sum + inLitres(volume_ul), 0);
			expect(went(page.partner)).toBeCloseTo(page.charge.partner.value, 2);
			for (const extra of page.charge.extras)
				expect(went(extra.composition.material)).toBeGreaterThan(extra.litres - 0.01);
			expect(went(typed.liquid)).toBeGreaterThan(page.charge.water.value - 0.01);
			const inAll = kept.ingredients.reduce((sum, { volume_ul }) => sum + inLitres(volume_ul), 0);
			const shown = page.charge.extras.reduce((sum, extra) => sum + extra.litres, 0);
			expect(inAll).toBeCloseTo(
				page.volume + page.charge.partner.value + page.charge.water.value + shown,
				1
			);
			// What each nutrient is shown to be offered is what the books hold of it.
			for (const { of, offered } of page.nutrients)
				expect(offered).toBeCloseTo(
					(kept.offered[({ N: 'nitrogen', P: 'phosphorus', K: 'potassium' } as const)[of]] ?? 0) /
						1000,
					0
				);
			expect(kept.temperature_c).toBeCloseTo(page.temperature, 6);
			expect(kept.charShare.value).toBeCloseTo(page.charge.charShare.value, 4);
		});

		it.each(['L/m2', 'cup/ft2', 'percent', 'carried', 'kg/m2'])('of a dose in %s', (form) => {
			const books = yard();
			withRipeSoak(books);
			const kept = books.beds.maybeOne('Mere 2')!;
			const bed = {
				...kept,
				firstSeason: isFirstSeason(kept.firstChar_ms, now),
				stands: standsOn(books, bedToTreat(books, 'Mere 2', now)!, now)
			};
			const lots = lotsToDose(books, now);
			const entry = {
				...freshDose({ form, amount: form === 'carried' ? '10' : '0.5' }, bed, lots, system),
				reason: 'a trial'
			};
			const page = reckonDose(entry, bed, lots, now, reading(system))!;
			// Sent as the page sends it: with the keys of what it shows.
			const shown = Object.fromEntries(
				asks(page.cautions).map((one) => [`${asksWhy}${keyOf(one)}`, 'on'])
			);
			sent(books, system, { ...entry, ...shown }, (r) => spreadSchema(r, 'Mere 2'), spreadLot);
			expect(books.answers.of('what-the-page-sent').map(({ code }) => code)).toEqual(
				asks(page.cautions).map(({ code }) => code)
			);
			const [put] = books.applications.ofBed(kept.id, 1);
			expect(put!.mix_l).toBeCloseTo(page.dose.mixLitres.value, 2);
			expect(put!.char_l).toBeCloseTo(page.dose.charLitres, 2);
			expect(put!.char_kg).toBeCloseTo(page.dose.charKg.value, 3);
			const [now_] = bedsInOrder(books);
			expect(now_!.share).toBeCloseTo(page.dose.shareAfter, 6);
		});
	}
);
