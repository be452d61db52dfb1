import { describe, expect, it } from 'vitest';
import { exactly, metres } from '../units';
import {
	buffers,
	defaultBuffer,
	limeNeed,
	meanOf,
	ownBuffer,
	riseOf,
	riseRead,
	riseWanted,
	type LimedSeason,
	type PhReading
} from '.';

const loam = { texture: 'loam', humus: 'usual', depth: metres(0.15) } as const;
const read = (places: readonly number[], more: Partial<PhReading> = {}): PhReading => ({
	...{ places, method: 'slurry', in: 'water', at_ms: 0 },
	...more
});

describe('lime need', () => {
	it('is 293 g/m² to lift the top 15 cm of a loam by one', () => {
		const need = limeNeed(loam, exactly(1));
		expect(need.value).toBeCloseTo(292.5, 9);
		expect(need.high / need.value).toBeCloseTo(1.55, 6);
		expect(need.value / need.low).toBeCloseTo(1.55, 6);
	});

	it('grows with clay, humus and depth, and is none where nothing is to be lifted', () => {
		const of = (soil: Partial<typeof loam | { texture: 'clay' | 'sand'; humus: 'rich' }>) =>
			limeNeed({ ...loam, ...soil }, exactly(1)).value;
		expect(of({ texture: 'clay' })).toBeGreaterThan(of({}));
		expect(of({ texture: 'sand' })).toBeLessThan(of({}));
		expect(of({ humus: 'rich' })).toBeCloseTo(292.5 * (5 / 3), 6);
		expect(limeNeed({ ...loam, depth: metres(0.3) }, exactly(1)).value).toBeCloseTo(585, 9);
		expect(limeNeed(loam, exactly(0)).value).toBe(0);
		for (const { mol_per_kg, kg_per_m3 } of Object.values(buffers))
			expect(mol_per_kg * kg_per_m3).toBeGreaterThan(10);
	});

	it('turned round says how little 60 g of ash of CCE 45 does', () => {
		const rise = riseOf(loam, 27);
		expect(rise.value).toBeCloseTo(0.8 * 0.0923, 3);
		expect(rise.low).toBeLessThan(rise.value * 0.75);
		expect(rise.high).toBeGreaterThan(rise.value * 1.25);
	});

	it('goes by what was learned of the bed, and says so', () => {
		const own = { value: 0.05, low: 0.04, high: 0.06, seasons: 2 };
		const need = limeNeed({ ...loam, own }, exactly(1));
		expect(need.value).toBeCloseTo(487.5, 9);
		expect(need.from.map(({ origin }) => origin)).toContain('own');
	});
});

describe('a pH reading', () => {
	it('of several places has a mean with its error, and is told as in water', () => {
		const mean = meanOf(read([5.6, 5.8, 5.7], { in: 'cacl2' }));
		expect(mean.ph).toBeCloseTo(6.3, 9);
		expect(mean.isLifted).toBe(true);
		expect(mean.error).toBeCloseTo(Math.hypot(0.1, 0.1 / Math.sqrt(3), 0.2), 9);
		expect(mean.lowest).toBeCloseTo(6.2, 9);
	});

	it('of one place is doubted by how places differ, and by its method', () => {
		expect(meanOf(read([6], { method: 'laboratory' })).error).toBeCloseTo(Math.hypot(0.05, 0.2), 9);
		expect(meanOf(read([6], { method: 'probe' })).error).toBeCloseTo(Math.hypot(0.4, 0.2), 9);
		expect(() => meanOf(read([]))).toThrow(RangeError);
	});

	it('beside another in the same liquid is not doubted twice by what that adds', () => {
		const before = read([5.6, 5.7], { in: 'cacl2' });
		const after = read([6.0, 6.1], { in: 'cacl2' });
		const { rise, error } = riseRead(before, after);
		expect(rise).toBeCloseTo(0.4, 9);
		expect(error).toBeLessThan(0.2);
		expect(riseRead(before, read([6.6, 6.7])).error).toBeGreaterThan(0.2);
	});

	it('wants no rise where it is sweet enough', () => {
		const mean = meanOf(read([6.9]));
		expect(riseWanted(mean, 6.5)).toEqual(exactly(0));
		const wanted = riseWanted(meanOf(read([5.5, 5.5])), 6.5);
		expect(wanted.value).toBeCloseTo(1, 9);
		expect(wanted.low).toBeLessThan(1);
		expect(wanted.high).toBeGreaterThan(1);
	});
});

/** A normal number from a seed, by the sum of twelve. */
function normal(seed: number): () => number {
	let state = seed >>> 0;
	const uniform = () => {
		state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
		return state / 2 ** 32;
	};
	return () => Array.from({ length: 12 }, uniform).reduce((sum, u) => sum + u, 0) - 6;
}

describe('a buffer of one’s own', () => {
	const soil = { texture: 'clay-loam', humus: 'usual', depth: metres(0.15) } as const;
	const riseOfTruth = (beta: number, lime: number) =>
		(0.8 * lime) / (50 * buffers['clay-loam'].kg_per_m3 * 0.15 * beta);

	it('is nothing without lime, and the starting value where the readings say nothing', () => {
		expect(ownBuffer(soil, [{ lime: 0, rise: 0.2, error: 0.1 }])).toBeUndefined();
		const vague = ownBuffer(soil, [{ lime: 30, rise: 5, error: 1000 }]);
		expect(vague?.value).toBeCloseTo(defaultBuffer(soil).value, 3);
		expect(vague?.low).toBeCloseTo(defaultBuffer(soil).low, 3);
	});

	it('counts small and negative rises as it counts large ones', () => {
		const up = ownBuffer(soil, [{ lime: 200, rise: 0.8, error: 0.1 }]);
		const none = ownBuffer(soil, [{ lime: 200, rise: -0.05, error: 0.1 }]);
		expect(up!.value).toBeLessThan(defaultBuffer(soil).value);
		expect(none!.value).toBeGreaterThan(defaultBuffer(soil).value);
	});

	it('holds the truth four times in five, over beds as the prior has them and three seasons each', () => {
		const draw = normal(7);
		const trials = 3000;
		let held = 0;
		for (let i = 0; i < trials; i += 1) {
			const truth = defaultBuffer(soil).value * Math.exp(0.34 * draw());
			const seasons: LimedSeason[] = [120, 80, 150].map((lime) => ({
				lime,
				rise: riseOfTruth(truth, lime) + 0.12 * draw(),
				error: 0.12
			}));
			const own = ownBuffer(soil, seasons)!;
			if (own.low <= truth && truth <= own.high) held += 1;
		}
		expect(held / trials).toBeGreaterThan(0.76);
		expect(held / trials).toBeLessThan(0.84);
	});
});
