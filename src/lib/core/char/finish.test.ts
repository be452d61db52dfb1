import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { d50, fineEnough, judgeQuality, sharesOf } from './index';

const kg = fc.double({ min: 0, max: 50, noNaN: true });
const sieved = fc
	.record({ over20: kg, to20: kg, to10: kg, under2: kg })
	.filter((one) => one.over20 + one.to20 + one.to10 + one.under2 > 0.01);

describe('a sieved sample', () => {
	it('has the grain that half of it passes, linear in log size between sieves', () => {
		const even = sharesOf({ over20: 0, to20: 0, to10: 1, under2: 1 });
		expect(d50(even)).toEqual({ mm: 2, bound: 'under' });
		const coarse = sharesOf({ over20: 0, to20: 0, to10: 3, under2: 1 });
		// A third of the way up from 2 to 10 mm, in logs.
		expect(d50(coarse).mm).toBeCloseTo(2 * 5 ** (1 / 3), 6);
		expect(d50(sharesOf({ over20: 3, to20: 0, to10: 0, under2: 1 }))).toEqual({
			mm: 20,
			bound: 'over'
		});
	});

	it('lies between its sieves, and more is fine enough for coarser uses', () => {
		fc.assert(
			fc.property(sieved, (weighed) => {
				const shares = sharesOf(weighed);
				const sum = Object.values(shares).reduce((total, one) => total + one, 0);
				expect(sum).toBeCloseTo(1, 9);
				const { mm } = d50(shares);
				expect(mm).toBeGreaterThanOrEqual(2);
				expect(mm).toBeLessThanOrEqual(20);
				const [pots, beds, heaps] = (['pots', 'beds', 'heaps'] as const).map((use) =>
					fineEnough(shares, use)
				) as [number, number, number];
				expect(pots).toBeLessThanOrEqual(beds + 1e-9);
				expect(beds).toBeLessThanOrEqual(heaps + 1e-9);
				expect(pots).toBeGreaterThanOrEqual(shares.under2 - 1e-9);
			})
		);
	});

	it('of nothing is refused', () => {
		expect(() => sharesOf({ over20: 0, to20: 0, to10: 0, under2: 0 })).toThrow(RangeError);
	});
});

describe('what char is good for, by what was tried', () => {
	const tried = (passed: string[], failed: string[] = [], more: object = {}) =>
		({ kind: 'quality', passed, failed, ...more }) as Parameters<typeof judgeQuality>[0][number];

	it.each([
		[[tried(['ring', 'washes'])], 'soil-char'],
		[[tried(['ring'])], 'untried'],
		[[], 'untried'],
		[[tried(['ring'], ['washes'])], 'back'],
		[[tried(['ring', 'sinks'], ['no-tar-smell'])], 'back'],
		[[tried(['washes'], ['sinks'])], 'heap'],
		[[tried(['ring', 'washes'], [], { hottest_c: 380 })], 'back'],
		[[tried(['ring', 'washes'], [], { hottest_c: 520 })], 'soil-char']
	] as const)('%# is %s', (found, verdict) => {
		expect(judgeQuality(found).verdict).toBe(verdict);
	});

	it('goes by the newest trial of each test', () => {
		const newest = tried(['washes', 'ring']);
		expect(judgeQuality([newest, tried([], ['washes'])]).verdict).toBe('soil-char');
		expect(judgeQuality([tried([], ['washes']), newest]).verdict).toBe('back');
	});
});
