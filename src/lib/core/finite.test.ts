import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { planDose, rateForms, rateInLitres, suggestRate, translateRate } from './beds';
import { d50, judgeCrush, ownDensity, sampledDensity, sharesOf } from './char';
import { contentsOf } from './ledger';
import {
	ammoniaShare,
	charForPartner,
	coverWithLiquid,
	cureDays,
	cureSpeed,
	cureWindow,
	germinationIndex,
	mixSolid,
	nutrientLines,
	offerNitrogen,
	partnerForNitrogen,
	schools
} from './charging';
import {
	charDensity,
	crossCheck,
	cuttingOf,
	forecastBurn,
	forecastYield,
	judgeBurn,
	layersOf,
	tankWater,
	yieldRange,
	poolYields
} from './fires';
import { brings, compositionOf, materials } from './materials';
import {
	between,
	celsius,
	estimate,
	exactly,
	grams,
	gramsPerKg,
	kgDry,
	kgDryPerLitre,
	litres,
	litresPerM2,
	metres,
	nextOne,
	product,
	squareMetres,
	sum,
	wetBasis
} from './units';
import { capacity, depthAtVolume, volumeAtDepth, type Shape } from './vessels';
import { dryWood, judgeMoisture, moistureFigures, partOfWood } from './woodyard';

/** Every number anywhere in a result. */
function numbersIn(result: unknown): number[] {
	if (typeof result === 'number') return [result];
	if (Array.isArray(result)) return result.flatMap(numbersIn);
	if (result === null || typeof result !== 'object') return [];
	return Object.values(result).flatMap(numbersIn);
}

/** Nought, tiny, ordinary, huge, and what is no number: what a slip of a caller may hand on. */
const any = fc.oneof(
	fc.constantFrom(0, 1e-9, 1, 1e6, 1e12, -1, NaN, Infinity),
	fc.double({ min: 0, max: 1000, noNaN: true }).map((one) => (one < 1e-9 ? 0 : one))
);
const range = fc
	.tuple(any, any, any)
	.map(([value, low, high]) => ({ value, low: Math.min(low, value), high: Math.max(high, value) }));
const facts = { unit: 'kg/L', basis: '', formula: '', from: [] } as const;
const density = (value: number) => estimate(kgDryPerLitre, exactly(value), facts);
const charKg = (value: number) => estimate(kgDry, exactly(value), { ...facts, unit: 'kg' });
const round = (a: number, b: number, c: number): Shape => ({
	kind: 'round',
	rimWidth: metres(a),
	floorWidth: metres(b),
	depth: metres(c)
});

type Numbers = readonly [number, number, number, number];
const each = <T>(table: readonly T[], n: number): T =>
	table[Math.abs(Math.trunc(n)) % table.length || 0] as T;

/** What core answers to four numbers, each function asked as its callers ask it. */
const asked: Readonly<Record<string, (n: Numbers) => unknown>> = {
	between: ([a, b]) => between(a, b),
	sum: ([a, b, c]) => sum([exactly(litres(a)), between(b, c)]),
	nextOne: ([a, b, c, d]) =>
		nextOne([a, b, c].slice(0, d > 1 ? 3 : 1), { ofLogs: 0.1, ofOne: 0.05 }),
	ownDensity: ([a, b, c]) =>
		ownDensity(
			[a, b, c].map((one) => 0.1 + Math.min(one, 100) / 1000),
			{ value: 0.15, low: 0.1, high: 0.2 }
		),
	sampledDensity: ([a, b]) => sampledDensity(litres(a), kgDry(b)),
	judgeCrush: ([a, b]) => judgeCrush(litres(a), litres(b)),
	cureSpeed: ([a]) => cureSpeed(a as ReturnType<typeof celsius>),
	cureWindow: ([a, b]) => cureWindow(each(schools, a).id, 0, celsius(b)),
	cureDays: ([a, b]) => cureDays(each(schools, a).id, celsius(b), 'best'),
	germinationIndex: ([a, b, c, d]) =>
		germinationIndex({
			germinated: a,
			seeds: b,
			meanRoot_mm: c,
			controlGerminated: d,
			controlSeeds: b,
			controlMeanRoot_mm: c
		}),
	mixSolid: ([a, b]) => mixSolid('compost-rest', litres(a), b, 'drained'),
	coverWithLiquid: ([a, b, c]) => coverWithLiquid(litres(a), density(b), 'dry', round(c, c, c)),
	offerNitrogen: ([a, b, c]) =>
		offerNitrogen(compositionOf(each(materials, a).id), litres(b), charKg(c), false),
	partnerForNitrogen: ([a, b]) =>
		partnerForNitrogen(compositionOf('urine'), kgDry(a), gramsPerKg(b)),
	brings: ([a, b]) => brings(compositionOf(each(materials, a).id), { litres: litres(b) }),
	forecastYield: ([a, b]) => forecastYield('trench', poolYields([exactly(a), exactly(b)])),
	forecastBurn: ([a, b, c, d]) =>
		forecastBurn({
			way: 'open-kiln',
			shape: round(1.3, 0.45, 0.8),
			wood: 'canes',
			load: { value: a, low: Math.min(a, b), high: Math.max(a, c) },
			waterTemperature: tankWater,
			ownYields: poolYields([exactly(b), exactly(c)]),
			ownWater: [b, c, d],
			ownDensities: {}
		}),
	judgeBurn: ([a, b, c, d]) =>
		judgeBurn({
			way: 'trench',
			woodKg: kgDry(a),
			charKg: kgDry(b),
			brandsKg: kgDry(c),
			charLitres: litres(d),
			waterLitres: litres(a)
		}),
	ammoniaShare: ([a, b]) => ammoniaShare(a, celsius(b)),
	nutrientLines: ([a, b, c, d]) =>
		nutrientLines({
			contents: contentsOf({ nitrogen: a, 'mineral-nitrogen': a / 2, phosphorus: b, potassium: c }),
			char_l: b,
			char_kg: c,
			liquid_l: d,
			isSoak: true,
			ph: a,
			temperature: celsius(b),
			hasLid: false
		}),
	layersOf: ([a, b, c]) => layersOf('trench', round(b, b, c), litres(a)),
	cuttingOf: ([a, b, c, d]) =>
		cuttingOf(round(a, a, a), b, { longest: metres(c), thick: metres(d) }, a),
	d50: ([a, b, c, d]) => d50(sharesOf({ over20: a, to20: b, to10: c, under2: d })),
	charForPartner: ([a, b]) => charForPartner(litres(a), b),
	crossCheck: ([a, b, c, d]) =>
		crossCheck({
			wood: exactly(a),
			woodLitres: b,
			charLitres: c,
			density: d,
			weighedKg: a,
			expected: { massYield: forecastYield('trench'), density: charDensity('canes') }
		}),
	volumeAtDepth: ([a, b, c, d]) => volumeAtDepth(round(a, b, c), metres(d)),
	depthAtVolume: ([a, b, c, d]) => {
		const shape = round(a, b, c);
		return [capacity(shape), depthAtVolume(shape, litres(d))];
	},
	translateRate: ([a, b, c]) =>
		translateRate(litresPerM2(a), { density: kgDryPerLitre(b), depth: metres(c) }),
	rateInLitres: ([a, b, c, d]) =>
		rateInLitres(each(rateForms, a), b, {
			density: kgDryPerLitre(c),
			depth: metres(d),
			moisture: wetBasis(0.4)
		}),
	planDose: ([a, b, c, d]) =>
		planDose(
			litresPerM2(a),
			{ area: squareMetres(b), depth: metres(c) },
			{ char_l: d, firstSeason: true },
			{
				charShare: exactly(0.5),
				density: exactly(0.2),
				litresLeft: litres(a)
			}
		),
	suggestRate: ([a, b, c, d]) =>
		suggestRate({ area: squareMetres(a), depth: metres(b) }, { char_l: c, firstSeason: false }, d),
	partOfWood: ([a, b]) => partOfWood(exactly(a), kgDry(b)),
	dryWood: ([a, b, c]) =>
		dryWood({
			form: 'brush',
			wood: 'canes',
			seasoned: true,
			size: {
				by: 'outline',
				outline: 'dome',
				length: metres(a),
				width: metres(b),
				height: metres(c)
			}
		}),
	moisture: ([a, b, c]) => {
		const set = { method: 'pin' as const, pieces: [a, b, c].map((percent) => ({ percent })) };
		return [judgeMoisture(set), moistureFigures(set)];
	}
};

describe('core', () => {
	it.each(Object.entries(asked))('never answers NaN or Infinity: %s', (_name, ask) => {
		let answered = 0;
		fc.assert(
			fc.property(fc.tuple(any, any, any, any), (numbers) => {
				try {
					const found = numbersIn(ask(numbers));
					answered += 1;
					expect(found.filter((one) => !Number.isFinite(one))).toEqual([]);
				} catch (error) {
					// A caller's mistake is named; anything else is a fault.
					if (!(error instanceof RangeError)) throw error;
					expect(error.message).toMatch(/^\w+: /);
				}
			}),
			// Some numbers that every one of them answers, lest nothing was asked.
			{
				numRuns: 400,
				examples: [[[0.5, 0.5, 0.5, 0.5]], [[20, 100, 50, 0.2]], [[1, 2, 3, 1]]] as [
					[number, number, number, number]
				][]
			}
		);
		expect(answered).toBeGreaterThan(0);
	});

	it('never answers NaN or Infinity for ranges: a product, a yield with brands above its wood', () => {
		fc.assert(
			fc.property(range, range, any, (a, b, brands) => {
				for (const ask of [
					() => product([a, b], [1, -1]),
					() => product([a, b], [0.5, 2]),
					() => yieldRange(a, b, brands)
				])
					try {
						for (const one of numbersIn(ask())) expect(one).toSatisfy(Number.isFinite);
					} catch (error) {
						if (!(error instanceof RangeError)) throw error;
					}
			})
		);
		expect(() => product([exactly(0)], [-1])).toThrow(RangeError);
		expect(() => yieldRange(exactly(10), exactly(3), 12)).toThrow(RangeError);
		expect(() => between(1, Infinity)).toThrow(RangeError);
		expect(depthAtVolume(round(1, 1, 1), litres(0))).toEqual({ status: 'holds', depth: 0 });
		const much = offerNitrogen(compositionOf('urine'), litres(900), charKg(0.05), false);
		expect(much.verdict).toBe('wasteful');
		expect(grams(much.mineral.value)).toBeGreaterThan(4000);
	});
});
