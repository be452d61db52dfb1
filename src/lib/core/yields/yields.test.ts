import fc from 'fast-check';
import { jStat } from 'jstat';
import { describe, expect, it } from 'vitest';
import {
	bearingOf,
	byChance,
	control,
	kindsOf,
	nextBetter,
	predict,
	standsClear,
	standsTo,
	student,
	type Lever
} from './index';

describe('Student’s t', () => {
	it('is as its distribution has it, between the rows too', () => {
		for (const df of [1, 2, 4, 7, 12, 25, 30, 33, 40, 50, 75, 120, 200, 1000])
			expect(student(df)).toBeCloseTo(jStat.studentt.inv(0.975, df), df > 30 ? 2 : 3);
		expect(() => student(0)).toThrow(RangeError);
	});
});

describe('limits from earlier ones', () => {
	const five = [0.2, 0.22, 0.18, 0.21, 0.19];

	it('are mean ± t·s·√(1 + 1/n), worked by hand', () => {
		// s = √(0.001/4) = 0.015811; t(4) = 2.776; √1.2 = 1.095445
		const limits = predict(five)!;
		expect(limits.mean).toBeCloseTo(0.2, 9);
		expect(limits.high - limits.mean).toBeCloseTo(2.776 * 0.0158114 * 1.0954451, 6);
		expect(standsTo(0.249, limits)).toBe('above');
		expect(standsTo(0.247, limits)).toBe('as-usual');
		expect(standsTo(0.15, limits)).toBe('below');
	});

	it('are none below five, and never count the one that is judged', () => {
		expect(predict(five.slice(1))).toBeUndefined();
		const series = [...five, 0.4];
		const judged = control(series, (one) => one);
		expect(judged.slice(0, 5).every(({ limits }) => limits === undefined)).toBe(true);
		expect(judged[5]?.stands).toBe('above');
		expect(judged[5]?.limits).toEqual(predict(five));
	});

	it('hold 95 of 100 that come of the same', () => {
		let seed = 7;
		const normal = () => {
			let sum = 0;
			for (let i = 0; i < 12; i += 1) {
				seed = (seed * 16807) % 2147483647;
				sum += seed / 2147483647;
			}
			return sum - 6;
		};
		let within = 0;
		const runs = 4000;
		for (let run = 0; run < runs; run += 1) {
			const limits = predict(Array.from({ length: 6 }, normal))!;
			if (standsTo(normal(), limits) === 'as-usual') within += 1;
		}
		expect(within / runs).toBeGreaterThan(0.935);
		expect(within / runs).toBeLessThan(0.965);
	});
});

describe('what a yield goes along with', () => {
	const dry = [0.12, 0.15, 0.18, 0.21, 0.24, 0.27].map(
		(water, i) => [water, 0.3 - 0.5 * water + (i % 2 ? 0.004 : -0.004)] as const
	);

	it('is told with its doubt, and by none below five', () => {
		const found = bearingOf(dry);
		if (found.status !== 'goes-along') throw new Error(found.status);
		expect(found.slope).toBeCloseTo(-0.5, 1);
		expect(found.low).toBeLessThan(found.slope);
		expect(found.high).toBeLessThan(0);
		expect(bearingOf(dry.slice(0, 4))).toEqual({ status: 'too-few', n: 4 });
		expect(bearingOf(dry.map(([, y]) => [0.2, y] as const)).status).toBe('alike');
	});

	it('is told within ways: one that is dry and poor by itself makes no trend', () => {
		const barrels = [0.1, 0.11, 0.12, 0.1, 0.11, 0.12].map(
			(x, i) => [x, 0.1 + (i % 2) * 0.01, 'barrel'] as const
		);
		const kilns = [0.2, 0.21, 0.22, 0.2, 0.21, 0.22].map(
			(x, i) => [x, 0.2 + (i % 2) * 0.01, 'kiln'] as const
		);
		const mixed = [...barrels, ...kilns];
		expect(bearingOf(mixed.map(([x, y]) => [x, y] as const)).status).toBe('goes-along');
		expect(bearingOf(mixed).status).toBe('open');
	});

	it('is open where the points say nothing', () => {
		const flat = [0.2, 0.21, 0.19, 0.2, 0.22, 0.18].map((y, i) => [i % 3, y] as const);
		expect(bearingOf(flat).status).toBe('open');
	});

	it('never says a trend of points that are all alike but for chance, more than one in ten times', () => {
		let found = 0;
		const runs = 400;
		fc.assert(
			fc.property(
				fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 16, maxLength: 16 }),
				(values) => {
					const points = values.slice(0, 8).map((x, i) => [x, values[i + 8] ?? 0] as const);
					if (bearingOf(points).status === 'goes-along') found += 1;
				}
			),
			{ numRuns: runs, seed: 4 }
		);
		expect(found / runs).toBeLessThan(0.1);
		expect(byChance(7)).toBeCloseTo(0.35, 9);
	});

	it('of six in one vessel and four in another nothing stands clear', () => {
		const six = [0.2, 0.22, 0.18, 0.21, 0.19, 0.2].map((y) => ['Lantern', y] as const);
		const four = [0.1, 0.11, 0.09, 0.1].map((y) => ['Ditch', y] as const);
		const kinds = kindsOf([...six, ...four]);
		expect(kinds.map(({ name, n }) => [name, n])).toEqual([
			['Lantern', 6],
			['Ditch', 4]
		]);
		expect(standsClear(kinds)).toBeUndefined();
		const more = kindsOf([...six, ...four, ['Ditch', 0.1]]);
		expect(standsClear(more)?.best.name).toBe('Lantern');
		expect(kindsOf([['one', 0.2]])[0]).toEqual({ name: 'one', n: 1, mean: 0.2 });
	});
});

describe('what would make the next better', () => {
	const lever = (of: Lever['of'], bearing: Lever['bearing']): Lever => ({
		...{ of, bearing, usual: 0.25, reach: 0.15 }
	});
	const goes = (slope: number, off: number): Lever['bearing'] => ({
		...{ status: 'goes-along', n: 12, slope, at0: 0.3 },
		...{ low: slope - off, high: slope + off }
	});

	it('is what promises most at its surer end', () => {
		const next = nextBetter(
			[lever('water', goes(-0.5, 0.2)), lever('smoke', goes(-0.6, 0.5))],
			undefined
		);
		expect(next).toMatchObject({ by: 'water', n: 12 });
		if (next.by !== 'water') throw new Error(next.by);
		expect(next.gain.low).toBeCloseTo(0.03, 9);
		expect(next.gain.value).toBeCloseTo(0.05, 9);
	});

	it('is nothing where nothing stands out, and says what to tell', () => {
		const open = lever('wind', { status: 'open', n: 9, slope: 0, low: -1, high: 1, at0: 0 });
		expect(nextBetter([open], undefined)).toEqual({ by: 'nothing', tell: undefined });
		expect(nextBetter([open, lever('water', { status: 'too-few', n: 2 })], undefined)).toEqual({
			...{ by: 'nothing', tell: 'water' }
		});
	});
});
