import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sampledDensity } from '../char';
import { compositionOf, materials } from '../materials';
import { days, warmthOf } from '../time';
import { celsius, kgDry, litres, metres } from '../units';
import {
	ammoniaShare,
	charForPartner,
	chargeTasks,
	cureDays,
	cureSpeed,
	cureWindow,
	nutrientLines,
	reckonCharge,
	schools,
	type ChargePlan
} from './index';

const density = sampledDensity(litres(10), kgDry(2));
const tub = {
	kind: 'round',
	rimWidth: metres(0.6),
	floorWidth: metres(0.6),
	depth: metres(0.8)
} as const;
const planOf = (id: (typeof schools)[number]['id'], change: Partial<ChargePlan> = {}) => {
	const school = schools.find((one) => one.id === id)!;
	return reckonCharge({
		school: id,
		partner: school.partners[0]!,
		volume: litres(30),
		density,
		wetness: 'dry',
		ratio: school.partnerPerChar.usual,
		wantedN: 5,
		tub,
		...change
	});
};
const extra = (id: 'finished-compost' | 'plant-liquor', l: number) => ({
	id,
	composition: compositionOf(id),
	litres: litres(l)
});

describe('the ten schools', () => {
	it('name materials there are, days in order, and something that proves each but the one on the bed', () => {
		const ids = new Set(materials.map(({ id }) => id));
		expect(schools.length).toBe(10);
		for (const school of schools) {
			const named = [
				...school.partners,
				...school.liquids,
				...school.extras.flatMap((part) => part.materials)
			];
			expect(named.every((id) => ids.has(id))).toBe(true);
			const { low, usual, high } = school.partnerPerChar;
			expect(low <= usual && usual <= high).toBe(true);
			expect(school.checks.length > 0).toBe(school.kind !== 'bed');
			// Sugar is nobody's default.
			for (const part of school.extras) if (part.id === 'sugar') expect(part.isOption).toBe(true);
		}
	});

	it('with more solids make more mix and a smaller share of char', () => {
		const alone = planOf('compost-rest');
		const more = planOf('compost-rest', { extras: [extra('finished-compost', 20)] });
		expect(more.mix.value).toBeGreaterThan(alone.mix.value);
		expect(more.charShare.value).toBeLessThan(alone.charShare.value);
		expect(more.nitrogen.total.value).toBeGreaterThan(alone.nitrogen.total.value);
	});

	it('take another liquid in place of so much water', () => {
		const alone = planOf('manure-cure');
		const wetted = planOf('manure-cure', { extras: [extra('plant-liquor', 3)] });
		expect(alone.water.value - wetted.water.value).toBeCloseTo(3, 6);
		expect(wetted.mix.value).toBeCloseTo(alone.mix.value, 6);
		const soaked = planOf('everything-soak', { liquid: compositionOf('plant-liquor') });
		expect(soaked.water.basis).toBe('in place of rain water');
		expect(soaked.nitrogen.total.value).toBeGreaterThan(
			planOf('everything-soak').nitrogen.total.value
		);
	});

	it('cover char and solids together: the liquid stands above both', () => {
		const soak = planOf('everything-soak', { extras: [extra('finished-compost', 15)] });
		const area_m2 = (Math.PI * 0.6 ** 2) / 4;
		expect(soak.soak!.charDepth! * area_m2 * 1000).toBeCloseTo(soak.mix.value, 3);
		expect(soak.charShare.value).toBeCloseTo(30 / soak.mix.value, 6);
		expect(planOf('plant-soak').water.value).toBeCloseTo(0, 6);
	});

	it('reach as much char as a scarce partner does', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 1, max: 400, noNaN: true }),
				fc.double({ min: 0.05, max: 19, noNaN: true }),
				(partner, ratio) => {
					expect(charForPartner(litres(partner), ratio) * ratio).toBeCloseTo(partner, 6);
				}
			)
		);
		expect(() => charForPartner(litres(3), 0)).toThrow(RangeError);
	});
});

describe('ammonia', () => {
	it.each([
		[8.5, 0.11],
		[9, 0.28],
		[10, 0.8]
	])('at pH %s and 20 °C is %s gas (Emerson et al. 1975)', (ph, share) => {
		expect(ammoniaShare(ph, celsius(20))).toBeCloseTo(share, 2);
	});
});

describe('N, P and K', () => {
	it('close whatever went in, with lid or without, in a mix or a soak', () => {
		const mg = fc.integer({ min: 0, max: 500_000 });
		fc.assert(
			fc.property(
				fc.record({ organic: mg, mineral: mg, phosphorus: mg, potassium: mg }),
				fc.double({ min: 0.1, max: 20, noNaN: true }),
				fc.double({ min: 5, max: 12, noNaN: true }),
				fc.boolean(),
				fc.boolean(),
				fc.boolean(),
				({ organic, mineral, phosphorus, potassium }, char_kg, ph, isSoak, withSolids, hasLid) => {
					const lines = nutrientLines({
						contents: {
							nitrogen: organic + mineral,
							'mineral-nitrogen': mineral,
							phosphorus,
							potassium
						},
						char_l: char_kg * 5,
						char_kg,
						liquid_l: isSoak ? char_kg * 6 : 0,
						isSoak,
						withSolids: isSoak && withSolids,
						ph,
						temperature: celsius(20),
						hasLid
					});
					for (const { offered, sorbed, pores, solids, drained, air } of lines) {
						expect(sorbed + pores + solids + drained + air).toBeCloseTo(offered, 2);
						for (const part of [sorbed, pores, solids, drained, air])
							expect(part).toBeGreaterThan(-0.002);
					}
				}
			)
		);
	});
});

describe('a cure over its temperatures', () => {
	const read = (at_days: number, c: number) => ({
		at_ms: days(at_days),
		temperature: celsius(c)
	});

	it('is as by hand: warm days count whole, cool ones by halves, cold ones not at all', () => {
		// 10 days at 10 °C are 5 at 20; 6 in the cold are none; the other 9 of 14 pass at 20 °C.
		const log = warmthOf(0, celsius(10), [read(10, 2), read(16, 20)]);
		expect(cureWindow('manure-cure', 0, log).usable_ms).toBeCloseTo(days(16 + 9), 0);
		expect(cureDays('manure-cure', log, 'usable')!.value).toBeCloseTo(25, 6);
	});

	it('is the same as one temperature where every reading says so', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 4.5, max: 34, noNaN: true }),
				fc.array(fc.double({ min: 0.1, max: 60, noNaN: true }), { maxLength: 6 }),
				(c, at) => {
					const log = warmthOf(
						0,
						celsius(c),
						at.map((one) => read(one, c))
					);
					const plain = cureWindow('compost-rest', 0, celsius(c));
					const logged = cureWindow('compost-rest', 0, log);
					for (const stage of ['usable_ms', 'best_ms', 'fading_ms', 'past_ms'] as const)
						expect(logged[stage]! / days(1)).toBeCloseTo(plain[stage]! / days(1), 6);
				}
			)
		);
		expect(cureSpeed(celsius(2))).toBe(0);
	});
});

describe('what is due', () => {
	const window = cureWindow('nitrogen-soak', 0, celsius(20));
	const open = { tested: false, drained: false };
	const due = (now: number, done: { fact: string; at_ms: number }[] = [], how = open) =>
		chargeTasks('nitrogen-soak', window, done, days(now), how).map(({ does, due_ms }) => [
			does,
			due_ms / days(1)
		]);

	it('of a soak is stirred until it may be used, tested that day, drained before its liquid is spent', () => {
		expect(due(0)).toEqual([
			['stir', 2],
			['test', 3],
			['drain', 25]
		]);
		expect(due(2.5, [{ fact: 'stirred', at_ms: days(2) }])).toEqual([
			['test', 3],
			['drain', 25]
		]);
		expect(due(4, [], { tested: true, drained: false })).toEqual([['drain', 25]]);
		expect(due(6, [], { tested: true, drained: true })).toEqual([]);
	});
});
