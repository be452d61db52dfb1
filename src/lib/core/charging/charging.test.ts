import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sampledDensity } from '../char';
import { compositionOf, isMaterial } from '../materials';
import { contentsOf, plus } from '../ledger';
import { celsius, gramsPerKg, kgDry, litres, metres } from '../units';
import type { Shape } from '../vessels';
import {
	coverWithLiquid,
	cureSpeed,
	cureWindow,
	germinationIndex,
	keptBySoak,
	mixSolid,
	mostCharIn,
	offerNitrogen,
	partnerForNitrogen,
	readiness,
	schools
} from './index';

const day = 86_400_000;
const density = sampledDensity(litres(10), kgDry(2));
const urine = compositionOf('urine');
const tub: Shape = {
	kind: 'round',
	rimWidth: metres(0.4),
	floorWidth: metres(0.4),
	depth: metres(0.4)
};
const soak = (volume: number) => coverWithLiquid(litres(volume), density, 'dry', tub);

describe('a compost rest', () => {
	it('of 1 : 1 fills less than its parts and is 0.56–0.63 char', () => {
		const mix = mixSolid('compost-rest', litres(40), 1, 'dry');
		expect(mix.mix).toMatchObject({ low: expect.closeTo(64, 9), high: expect.closeTo(72, 9) });
		expect(mix.charShare.low).toBeCloseTo(0.5556, 3);
		expect(mix.charShare.high).toBeCloseTo(0.625, 3);
		expect(mix.water).toMatchObject({ low: expect.closeTo(16, 9), high: expect.closeTo(36, 9) });
	});

	it('wants less water the wetter the char is', () => {
		const water = (wetness: 'dry' | 'drained' | 'quench-wet') =>
			mixSolid('compost-rest', litres(40), 1, wetness).water.value;
		expect(water('dry')).toBeGreaterThan(water('drained'));
		expect(water('drained')).toBeGreaterThan(water('quench-wet'));
	});
});

describe('a soak', () => {
	it('is covered with voids, uptake and 5 cm above, never more than the pores hold', () => {
		const covered = soak(20);
		const above = (Math.PI / 4) * 0.4 ** 2 * 0.05 * 1000;
		const inside = covered.liquid.value - above;
		expect(inside).toBeCloseTo(
			20 * Math.min(Math.sqrt(0.4 * 0.55) + Math.sqrt(0.3 * 0.45), 1 - 200 / 1600),
			6
		);
		// The lightest char it may be has the most room in it.
		expect(covered.liquid.high - above).toBeLessThanOrEqual(20 * (1 - 190 / 1600) + 1e-9);
	});

	it('has its liquid line 5 cm over the char, and says when the tub is too small', () => {
		const covered = soak(20);
		expect(covered.liquidDepth! - covered.charDepth!).toBeCloseTo(0.05, 9);
		expect(soak(mostCharIn(tub) - 0.01).fits).toBe(true);
		expect(soak(mostCharIn(tub) + 0.01).fits).toBe(false);
		expect(soak(500)).toMatchObject({ fits: false, charDepth: undefined });
	});

	it('takes less of the liquid when wet, and counts the water already there', () => {
		const wet = coverWithLiquid(litres(20), density, 'quench-wet', tub);
		expect(wet.liquid.value).toBeLessThan(soak(20).liquid.value);
		expect(wet.heldWater.value).toBeGreaterThan(0);
		expect(soak(20).heldWater.value).toBe(0);
	});
});

describe('nitrogen', () => {
	it('of 1 L urine on 2 kg of char is 5–7 g total, 2.7–3 g mineral per kg at 6 g/L', () => {
		const offer = offerNitrogen(
			urine,
			litres(1),
			{ ...soak(10).charKg, value: kgDry(2), low: kgDry(2), high: kgDry(2) },
			false
		);
		expect(offer.total).toMatchObject({ low: expect.closeTo(5, 9), high: expect.closeTo(7, 9) });
		expect(offer.perKg.value).toBeGreaterThan(2.7);
		expect(offer.perKg.value).toBeLessThan(3);
		expect(offer.verdict).toBe('partial');
	});

	it('solved for a wanted strength comes back to it', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 1, max: 12, noNaN: true }),
				fc.double({ min: 1, max: 50, noNaN: true }),
				(wanted, kg) => {
					const charKg = { ...soak(10).charKg, value: kgDry(kg), low: kgDry(kg), high: kgDry(kg) };
					const volume = partnerForNitrogen(urine, charKg.value, gramsPerKg(wanted)).value;
					expect(offerNitrogen(urine, volume, charKg, false).perKg.value).toBeCloseTo(wanted, 9);
				}
			)
		);
	});

	it('below 2 g/kg warns in a soak, but a compost rest feeds by its curing', () => {
		const charKg = soak(20).charKg;
		expect(offerNitrogen(urine, litres(0.5), charKg, false).verdict).toBe('too-little');
		expect(offerNitrogen(compositionOf('finished-compost'), litres(20), charKg, true).verdict).toBe(
			'fed-by-curing'
		);
		expect(offerNitrogen(urine, litres(12), charKg, false).verdict).toBe('wasteful');
	});
});

describe('what a drained soak keeps', () => {
	const contents = contentsOf({
		char: 2,
		nitrogen: 0.006,
		'mineral-nitrogen': 0.0057,
		potassium: 0.002
	});
	it('is all that was offered, shared between the char and what runs off', () => {
		const { stays, runsOff } = keptBySoak({ char_l: 10, char_kg: 2, liquid_l: 12, contents });
		expect(plus(stays, runsOff)).toEqual(contents);
		expect(stays.char).toBe(contents.char);
		// 1.2 g/kg fast on 2 kg, and 0.37 L/L of 10 L in the pores of 12 L.
		const fast = Math.sqrt(0.5 * 3) * 2e3;
		const pores = (Math.sqrt(0.3 * 0.45) * 10) / 12;
		expect(stays['mineral-nitrogen']).toBeCloseTo(fast + (5700 - fast) * pores, -1);
	});
	it('is everything where there is little of it', () => {
		const weak = contentsOf({ char: 2, nitrogen: 0.001, 'mineral-nitrogen': 0.001 });
		expect(keptBySoak({ char_l: 10, char_kg: 2, liquid_l: 12, contents: weak }).runsOff).toEqual(
			{}
		);
	});
});

describe('curing', () => {
	it('halves its speed per 10 °C, stops below 4 °C, is capped at 35 °C', () => {
		expect(cureSpeed(celsius(20))).toBe(1);
		expect(cureSpeed(celsius(10))).toBe(0.5);
		expect(cureSpeed(celsius(3.9))).toBe(0);
		expect(cureSpeed(celsius(50))).toBe(cureSpeed(celsius(35)));
	});

	it('shifts the whole compost rest in the cold, of a soak only the better days', () => {
		expect(cureWindow('compost-rest', 0, celsius(10))).toMatchObject({
			usable_ms: 14 * day,
			best_ms: 42 * day
		});
		expect(cureWindow('nitrogen-soak', 0, celsius(10))).toMatchObject({
			usable_ms: 3 * day,
			best_ms: 14 * day
		});
		expect(cureWindow('compost-rest', 0, celsius(2)).usable_ms).toBeNull();
		expect(cureWindow('nitrogen-soak', 0, celsius(2))).toMatchObject({
			usable_ms: 3 * day,
			best_ms: null
		});
	});

	it('keeps its order at every temperature', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 4, max: 40, noNaN: true }),
				fc.constantFrom('compost-rest' as const, 'nitrogen-soak' as const),
				(t, id) => {
					const w = cureWindow(id, 0, celsius(t));
					const edges = [w.start_ms, w.usable_ms!, w.best_ms!, w.fading_ms!, w.past_ms!];
					// A warm spell may bring "best" before the earliest day of a soak; the band then starts at best.
					expect([...edges.slice(2)].sort((a, b) => a - b)).toEqual(edges.slice(2));
					expect(edges[3]).toBeGreaterThan(edges[1]!);
				}
			)
		);
	});
});

describe('ready', () => {
	const window = cureWindow('nitrogen-soak', 0, celsius(20));
	const pass = { at_ms: 4 * day, passed: true };
	it('is a date and a passed test', () => {
		expect(readiness(window, [], 2 * day).state).toBe('working');
		expect(readiness(window, [], 5 * day).state).toBe('wants-test');
		expect(readiness(window, [pass], 5 * day).state).toBe('ripe');
		expect(readiness(window, [{ at_ms: day, passed: true }], 2 * day).state).toBe('working');
	});

	it('is lost by a failed test whatever the date, and by age', () => {
		expect(readiness(window, [pass, { at_ms: 5 * day, passed: false }], 6 * day).state).toBe(
			'failed'
		);
		expect(readiness(window, [{ ...pass, germinationIndex: 60 }], 6 * day).state).toBe('failed');
		expect(readiness(window, [pass], 30 * day).state).toBe('fading');
		expect(readiness(window, [pass], 60 * day).state).toBe('past');
	});
});

describe('a warm soak', () => {
	it('is never at its best before it may be used, however warm', () => {
		fc.assert(
			fc.property(fc.double({ min: -20, max: 60, noNaN: true }), (warmth) => {
				for (const { id } of schools) {
					const { usable_ms, best_ms, fading_ms, past_ms } = cureWindow(id, 0, celsius(warmth));
					const inOrder = [usable_ms, best_ms, fading_ms, past_ms].filter((at) => at !== null);
					expect(inOrder).toEqual([...inOrder].sort((a, b) => a - b));
				}
			})
		);
		const hot = cureWindow('nitrogen-soak', 0, celsius(35));
		expect(hot.best_ms).toBe(hot.usable_ms);
	});
});

describe('a mix of char and compost', () => {
	it('holds a share of char from nought to one, whatever its ratio', () => {
		fc.assert(
			fc.property(fc.double({ min: 0.1, max: 10, noNaN: true }), (ratio) => {
				const { charShare, mix } = mixSolid('compost-rest', litres(40), ratio, 'drained');
				for (const share of [charShare.low, charShare.value, charShare.high]) {
					expect(share).toBeGreaterThan(0);
					expect(share).toBeLessThanOrEqual(1);
				}
				// It never fills more than its parts, nor less than 0.8 of them.
				expect(mix.high).toBeLessThanOrEqual(40 * (1 + ratio) + 1e-9);
				expect(mix.low).toBeGreaterThanOrEqual(0.8 * 40 * (1 + ratio) - 1e-9);
			})
		);
	});

	it('settles to 0.80–0.90 at 1 : 1, and hardly at all at either end', () => {
		const filled = (ratio: number) => {
			const { mix } = mixSolid('compost-rest', litres(40), ratio, 'drained');
			return [mix.low, mix.high].map((litresOf) => litresOf / (40 * (1 + ratio)));
		};
		expect(filled(1)).toEqual([expect.closeTo(0.8, 9), expect.closeTo(0.9, 9)]);
		expect(filled(2)[0]).toBeCloseTo(1 - 0.2 * (8 / 9), 9);
		expect(filled(0.1)[0]).toBeGreaterThan(0.93);
		expect(filled(10)[0]).toBeGreaterThan(0.93);
	});
});

describe('the cress test', () => {
	const test = {
		germinated: 18,
		seeds: 20,
		meanRoot_mm: 20,
		controlGerminated: 19,
		controlSeeds: 20,
		controlMeanRoot_mm: 25
	};
	it('is germination × root over the water control', () => {
		const result = germinationIndex(test);
		expect(result.status === 'valid' && result.index).toBeCloseTo(
			((0.9 * 20) / (0.95 * 25)) * 100,
			9
		);
	});
	it('refuses more seeds come up than were sown, and what is no count', () => {
		for (const odd of [
			{ germinated: 21 },
			{ controlGerminated: 25 },
			{ germinated: NaN },
			{ germinated: 18.5 },
			{ meanRoot_mm: NaN }
		])
			expect(() => germinationIndex({ ...test, ...odd })).toThrow(RangeError);
	});
	it('is void with few seeds or a weak control', () => {
		expect(germinationIndex({ ...test, germinated: 9, seeds: 10 })).toEqual({
			status: 'void',
			why: 'seeds'
		});
		expect(germinationIndex({ ...test, controlGerminated: 16 })).toEqual({
			status: 'void',
			why: 'control'
		});
	});
});

describe('the charging tables', () => {
	it('are ordered, sourced and refer to one another', () => {
		for (const school of schools) {
			const { earliest, better, fading, past } = school.days;
			expect(earliest < better && better < fading && fading < past).toBe(true);
			for (const id of school.partners) expect(isMaterial(id)).toBe(true);
		}
	});
});
