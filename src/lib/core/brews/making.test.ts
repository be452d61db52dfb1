import { describe, expect, it } from 'vitest';
import { brings, compositionOf } from '../materials';
import { kilograms, litres } from '../units';
import {
	ascorbicFigure,
	dissolvedOf,
	judgeSalt,
	judgeWater,
	leavesRoom,
	levelOf,
	madeOf,
	partsFor,
	recipeFor,
	recipeOf,
	roomIn,
	thinnedFor
} from '.';
import { faultsOfPlace } from './place';

const part = (id: Parameters<typeof recipeOf>[0], name: string) =>
	recipeOf(id).parts.find((one) => one.id === name)!;

describe('what goes in', () => {
	it('is scaled to the water: 24 to 60 mL of starter to 12 L', () => {
		const [starter, molasses] = partsFor('microbe-tea', 12);
		expect(starter).toMatchObject({ low: 0.024, high: 0.06 });
		expect(starter!.usual).toBeCloseTo(0.042, 12);
		expect(molasses!.low).toBeCloseTo(0.048, 12);
		// 1 kg of leaves to 10 L; sugar by the weight of the leaves.
		expect(partsFor('steeped-liquor', 90)[0]!.usual).toBeCloseTo(9, 12);
		expect(partsFor('sugar-ferment', 0.4)[0]!.usual).toBeCloseTo(0.4, 12);
		expect(partsFor('milk-culture', 3)[0]!.usual).toBeCloseTo(0.3, 12);
	});

	it('leaves froth its room: 80 % of the vessel, 65 % where it foams', () => {
		expect(roomIn('aerated-tea', litres(25))).toBe(20);
		expect(roomIn('starch-brew', litres(20))).toBe(13);
		expect(leavesRoom('aerated-tea', litres(20), litres(25))).toBe(true);
		expect(leavesRoom('aerated-tea', litres(21), litres(25))).toBe(false);
	});

	it('is as high as its water and what is sunk in it; a bag is lifted out again', () => {
		const leaves = { part: part('steeped-liquor', 'leaves'), litres: 50, kg: 9 };
		expect(levelOf('steeped-liquor', 90, [leaves])).toBe(99);
		expect(madeOf('steeped-liquor', 90, [leaves])).toBe(90);
		const bag = { part: part('aerated-tea', 'bag'), litres: 1.5, kg: 1 };
		const molasses = { part: part('aerated-tea', 'molasses'), litres: 0.06, kg: 0.08 };
		expect(levelOf('aerated-tea', 20, [bag, molasses])).toBeCloseTo(20.06, 9);
		// Dry on dry fills by its own bulk.
		const sugar = { part: part('sugar-ferment', 'sugar'), litres: 0.38, kg: 0.4 };
		expect(madeOf('sugar-ferment', 2.5, [sugar])).toBeCloseTo(2.88, 9);
	});

	it('tells the recipe by what goes in', () => {
		expect(recipeFor(['castings'], true)?.id).toBe('aerated-tea');
		expect(recipeFor(['castings', 'molasses'], true)?.id).toBe('aerated-tea');
		expect(recipeFor(['kept-culture', 'molasses'], true)?.id).toBe('microbe-tea');
		expect(recipeFor(['fresh-leaves'], true)?.id).toBe('steeped-liquor');
		expect(recipeFor(['fresh-leaves', 'sugar'], false)?.id).toBe('sugar-ferment');
		expect(recipeFor(['greens', 'garden-soil'], true)?.id).toBe('submerged-ferment');
		expect(recipeFor(['hardwood-ash'], true)?.id).toBe('ash-tea');
		expect(recipeFor(['milk', 'grain-wash'], false)?.id).toBe('milk-culture');
		expect(recipeFor(['castings', 'milk'], true)).toBeUndefined();
		expect(recipeFor([], true)).toBeUndefined();
	});
});

describe('what the liquid takes', () => {
	it('of a bag for a day is the mineral nitrogen and most of the potassium', () =>
		expect(
			dissolvedOf(
				{ other: 5e6, nitrogen: 1000, 'mineral-nitrogen': 100, potassium: 200 },
				recipeOf('aerated-tea').dissolves
			)
		).toEqual({ nitrogen: 100, 'mineral-nitrogen': 100, potassium: 140 }));

	it('of leaves that rotted down lies in the range plant liquors are told to hold', () => {
		const leaves = brings(compositionOf('fresh-leaves'), { kg: kilograms(1) });
		const liquid = dissolvedOf(
			{
				nitrogen: leaves.nitrogen.value * 1000,
				'mineral-nitrogen': leaves.mineralNitrogen.value * 1000,
				phosphorus: leaves.phosphorus.value * 1000,
				potassium: leaves.potassium.value * 1000
			},
			recipeOf('steeped-liquor').dissolves
		);
		const liquor = compositionOf('plant-liquor');
		const perLitre = (of: 'nitrogen' | 'phosphorus' | 'potassium') => (liquid[of] ?? 0) / 1000 / 10;
		for (const of of ['nitrogen', 'phosphorus', 'potassium'] as const) {
			expect(perLitre(of)).toBeGreaterThan(liquor[of].low * 0.7);
			expect(perLitre(of)).toBeLessThan(liquor[of].high * 1.3);
		}
	});

	it('of ash is its potash and the bite of that, and the chalk stays behind', () => {
		// 100 g of dry ash: 4 g K, 45 g lime. 80 % of the K are 3.2 g, and 3.2 × 50.04 / 39.1 = 4.1 g of lime.
		const liquid = dissolvedOf(
			{ ash: 100_000, potassium: 4000, lime: 45_000, phosphorus: 600 },
			recipeOf('ash-tea').dissolves
		);
		expect(liquid.potassium).toBe(3200);
		expect(liquid.lime).toBeCloseTo(4095, -1);
		expect(liquid.ash).toBeCloseTo(5655, -1);
		expect(liquid.phosphorus).toBeUndefined();
	});
});

describe('water', () => {
	it('from the sky or a well is fit as it is', () => {
		expect(judgeWater({ source: 'rain' }, litres(20)).is).toBe('fit');
		expect(judgeWater({ source: 'well' }, litres(12)).is).toBe('fit');
	});

	it('with chlorine stands a day or is bubbled two hours, each for its share', () => {
		expect(judgeWater({ source: 'tap-chlorine' }, litres(20))).toEqual({
			is: 'wait',
			stand_h: 24,
			bubble_h: 2
		});
		expect(judgeWater({ source: 'tap-chlorine', stood_h: 24 }, litres(20)).is).toBe('fit');
		expect(judgeWater({ source: 'tap-chlorine', bubbled_h: 2 }, litres(20)).is).toBe('fit');
		expect(judgeWater({ source: 'tap-chlorine', stood_h: 12 }, litres(20))).toEqual({
			is: 'wait',
			stand_h: 12,
			bubble_h: 1
		});
	});

	it('with chloramine wants ascorbic acid however long it stands', () => {
		// 18 L × 2 mg/L × 2.5 = 90 mg.
		expect(judgeWater({ source: 'tap-chloramine', stood_h: 48 }, litres(18))).toMatchObject({
			is: 'treat',
			ascorbic_mg: 90
		});
		expect(judgeWater({ source: 'tap-unknown' }, litres(10))).toMatchObject({ ascorbic_mg: 50 });
		// No supply holds more than four.
		expect(judgeWater({ source: 'tap-chloramine', strength: 9 }, litres(10))).toMatchObject({
			strength: 4
		});
		expect(judgeWater({ source: 'tap-chloramine', ascorbic: true }, litres(18)).is).toBe('fit');
		expect(ascorbicFigure({ source: 'tap-chloramine' }, litres(18))).toMatchObject({
			value: 90,
			unit: 'mg'
		});
		expect(ascorbicFigure({ source: 'rain' }, litres(18))).toBeUndefined();
	});
});

describe('where it stands', () => {
	it('is asked of what stinks: downwind, shade, away from house, boundary and water', () => {
		const comfrey = recipeOf('steeped-liquor');
		expect(
			faultsOfPlace(comfrey, {
				downwind: false,
				shade: false,
				house_m: 5,
				boundary_m: 2,
				water_m: 4
			})
		).toEqual(['upwind', 'sunny', 'near-house', 'near-boundary', 'near-water']);
		expect(faultsOfPlace(comfrey, { downwind: true, house_m: 40 })).toEqual([]);
		expect(faultsOfPlace(recipeOf('aerated-tea'), { water_m: 1 })).toEqual([]);
	});

	it('a tight lid bursts over gas, and lye wants plastic', () => {
		expect(faultsOfPlace(recipeOf('kept-culture'), { lid: 'shut' })).toEqual(['shut-lid']);
		expect(faultsOfPlace(recipeOf('ash-tea'), {})).toEqual(['metal']);
		expect(faultsOfPlace(recipeOf('ash-tea'), { plastic: true })).toEqual([]);
	});
});

describe('salt', () => {
	it('is borne up to 2.5 dS/m on soil and 1 on seedlings', () => {
		expect(judgeSalt(1, 'soil')).toBe('mild');
		expect(judgeSalt(2.2, 'soil')).toBe('as-much-as-goes');
		expect(judgeSalt(2.6, 'soil')).toBe('too-strong');
		expect(judgeSalt(1.1, 'seedlings')).toBe('too-strong');
	});

	it('asks for as much water as brings it down, and the blend has just that', () => {
		const parts = thinnedFor(12, 0.3, 'soil')!;
		expect((12 + 0.3 * parts) / (1 + parts)).toBeCloseTo(2, 9);
		expect(thinnedFor(1.5, 0.3, 'soil')).toBe(0);
		expect(thinnedFor(12, 3, 'soil')).toBeUndefined();
	});
});
