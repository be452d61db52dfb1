import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ownDensity } from './index';

const sample = fc.double({ min: 0.08, max: 0.6, noNaN: true });

describe('own density of whole char', () => {
	it('is the geometric mean of the samples, each named as an input', () => {
		const own = ownDensity([0.1, 0.4]);
		expect(own.value).toBeCloseTo(0.2, 12);
		expect(own.from.slice(1).map((input) => [input.value, input.origin])).toEqual([
			[0.1, 'own'],
			[0.4, 'own']
		]);
	});

	it('of one sample borrows the spread between fires: one in five lies outside about ± 24 %', () => {
		const own = ownDensity([0.2]);
		// 1.28 standard deviations of 12 %, for the mean and the next lot together.
		expect(Math.log(own.high / own.value)).toBeCloseTo(1.2816 * 0.12 * Math.SQRT2, 3);
		expect(own.low * own.high).toBeCloseTo(own.value ** 2, 12);
	});

	it('keeps the value within its range and within the samples', () => {
		fc.assert(
			fc.property(fc.array(sample, { minLength: 1, maxLength: 12 }), (samples) => {
				const own = ownDensity(samples);
				expect(own.low).toBeLessThanOrEqual(own.value);
				expect(own.high).toBeGreaterThanOrEqual(own.value);
				expect(own.value).toBeGreaterThanOrEqual(Math.min(...samples) - 1e-12);
				expect(own.value).toBeLessThanOrEqual(Math.max(...samples) + 1e-12);
			})
		);
	});

	it('narrows as samples agree', () => {
		const width = (n: number) => {
			const own = ownDensity(Array.from({ length: n }, (_, i) => (i % 2 ? 0.19 : 0.21)));
			return own.high / own.low;
		};
		expect(width(12)).toBeLessThan(width(4));
	});

	it('of nothing is a mistake of the caller', () =>
		expect(() => ownDensity([])).toThrow(RangeError));
});
