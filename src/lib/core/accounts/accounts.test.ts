import { describe, expect, it } from 'vitest';
import { harvestWeight, takenBy } from '../crops';
import { milligrams } from '../units';
import { known, reckon } from '../units';
import { accountsOf, asElement, firstYearShare, type PutOn, type TakenOff } from '.';

const kg = (value: number) =>
	reckon<number>((v) => v, known('harvest', value, 'kg', 'measured', 'weighed'), {
		unit: 'kg',
		basis: 'fresh'
	});
const mg = (grams: number) => milligrams(grams / 1000);
const put = (day: string, grams: Record<string, number>, more: Partial<PutOn> = {}): PutOn => ({
	...{ day, name: 'something', isBrew: false, isManure: false },
	contents: Object.fromEntries(Object.entries(grams).map(([of, g]) => [of, mg(g)])),
	...more
});
const off = (day: string, of: TakenOff['takes'], weight: number): TakenOff => ({
	...{ day, name: 'crop', kg: kg(weight) },
	...(of ? { takes: of } : {})
});

describe('the accounts of a bed', () => {
	const given = [
		put(
			'2025-04-02',
			{ nitrogen: 100, phosphorus: 43.6, potassium: 83, ash: 0 },
			{ material: 'finished-compost' }
		),
		put('2025-05-02', { nitrogen: 50, 'mineral-nitrogen': 45 }, { material: 'urine' }),
		put('2026-03-01', { ash: 400, lime: 170, potassium: 16.6 }, { material: 'hardwood-ash' }),
		put('2026-04-01', { nitrogen: 80, 'mineral-nitrogen': 8, char: 5000 }),
		put('2026-05-01', { nitrogen: 10 }, { isBrew: true }),
		put('2026-05-09', { nitrogen: 60 }, { material: 'cattle-manure', isManure: true })
	];
	const taken = [
		off('2025-09-01', 'root', 12),
		off('2026-08-01', 'leaf', 10),
		off('2026-09-01', undefined, 3)
	];
	const { seasons, ever } = accountsOf(given, taken);

	it('stand by season, the newest first, against sums by hand', () => {
		expect(seasons.map(({ season }) => season)).toEqual(['2026', '2025']);
		const [now, before] = seasons;
		expect(before).toMatchObject({ nitrogen_g: 150, char_kg: 0, ash_g: 0 });
		expect(before!.p2o5_g).toBeCloseTo(100, 9);
		expect(before!.k2o_g).toBeCloseTo(100, 9);
		expect(before!.available_g).toMatchObject({ low: 5 + 40, high: 15 + 50 });
		expect(before!.available_g.value).toBeCloseTo(10 + 45, 9);
		expect(before!.taken.nitrogen.value).toBe(30);
		expect(before!.taken.k2o.value).toBe(54);
		expect(now!.ash_g).toBeCloseTo(400, 9);
		expect(now!.lime_g).toBeCloseTo(170, 9);
		expect(now!.k2o_g).toBeCloseTo(20, 9);
		expect(now!.char_kg).toBeCloseTo(5, 9);
		expect(now!.available_g.low).toBeCloseTo(8 + 7 + 9, 9);
		expect(now!.available_g.high).toBeCloseTo(8 + 10 + 18, 9);
		expect(now!.manureN_g).toBeCloseTo(60, 9);
		expect(now!.harvest_kg.value).toBe(13);
		expect(now!.taken.nitrogen).toMatchObject(
			Object.fromEntries(
				['value', 'low', 'high'].map((end) => [end, takenBy('leaf', 10).nitrogen[end as 'low']])
			)
		);
	});

	it('for ever are the sum of the seasons', () => {
		for (const key of ['nitrogen_g', 'p2o5_g', 'k2o_g', 'lime_g', 'ash_g', 'char_kg'] as const)
			expect(ever[key]).toBeCloseTo(
				seasons.reduce((sum, one) => sum + one[key], 0),
				9
			);
		expect(ever.taken.k2o.high).toBeCloseTo(
			seasons.reduce((sum, one) => sum + one.taken.k2o.high, 0),
			9
		);
	});

	it('of nothing are empty', () => {
		expect(accountsOf([], [])).toMatchObject({
			seasons: [],
			ever: { nitrogen_g: 0, harvest_kg: { value: 0 } }
		});
	});

	it('take the mineral part of what stands in no table, and never more than all', () => {
		expect(firstYearShare(put('2026-01-01', { nitrogen: 10, 'mineral-nitrogen': 4 }))).toEqual([
			0.4, 0.4
		]);
		expect(firstYearShare(put('2026-01-01', {}))).toEqual([0, 0]);
	});

	it('doubt a crate by its weight', () => {
		const crate: TakenOff = {
			day: '2026-08-01',
			name: 'carrot',
			takes: 'root',
			kg: harvestWeight('root', 20)
		};
		const [season] = accountsOf([], [crate]).seasons;
		expect(season!.harvest_kg.low).toBeLessThan(season!.harvest_kg.value);
		expect(season!.taken.nitrogen.high).toBeGreaterThan(season!.taken.nitrogen.value * (4 / 3));
	});

	it('turn an oxide into its element', () => {
		expect(asElement('p2o5', 100)).toBeCloseTo(43.6, 9);
		expect(asElement('k2o', 100)).toBeCloseTo(83, 9);
	});
});
