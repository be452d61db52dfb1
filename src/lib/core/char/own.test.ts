import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ownDensity } from './index';

/** Loose char of light hardwood, kg/L. */
const likeness = { value: 0.148, low: 0.11, high: 0.2 };
const sample = fc.double({ min: 0.08, max: 0.6, noNaN: true });

describe('own density of whole char', () => {
	it('is the geometric mean of the samples, each named as an input', () => {
		const own = ownDensity([0.1, 0.4], likeness);
		expect(own.value).toBeCloseTo(0.2, 12);
		expect(own.from.slice(1).map((input) => [input.value, input.origin])).toEqual([
			[0.1, 'own'],
			[0.4, 'own']
		]);
	});

	it('of one sample lies as far apart as like char does, until three say', () => {
		const own = ownDensity([0.2], likeness);
		// Half of the published range is its reach; for the mean and the next lot together √2 of it.
		expect(Math.log(own.high / own.value)).toBeCloseTo((Math.log(0.2 / 0.11) / 2) * Math.SQRT2, 3);
		expect(own.low * own.high).toBeCloseTo(own.value ** 2, 12);
	});

	it.each([
		[1, 0.23, 0.76, 0.86],
		[2, 0.23, 0.76, 0.88],
		[2, 0.2, 0.8, 0.92],
		// From three up their own spread; while few, none of the samples is left out.
		[4, 0.06, 0.76, 0.9],
		[8, 0.2, 0.76, 0.9]
	])('of %i samples covers the next of a spread of %f', (n, spread, least, most) => {
		let seed = 7 + n;
		const random = () => {
			seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
			return (seed + 0.5) / 4294967296;
		};
		const lot = () =>
			0.15 *
			Math.exp(spread * Math.sqrt(-2 * Math.log(random())) * Math.cos(2 * Math.PI * random()));
		let inside = 0;
		for (let run = 0; run < 4000; run += 1) {
			const { low, high } = ownDensity(Array.from({ length: n }, lot), likeness);
			const next = lot();
			if (next >= low && next <= high) inside += 1;
		}
		expect(inside / 4000).toBeGreaterThan(least);
		expect(inside / 4000).toBeLessThan(most);
	});

	it('keeps the value within its range and within the samples', () => {
		fc.assert(
			fc.property(fc.array(sample, { minLength: 1, maxLength: 12 }), (samples) => {
				const own = ownDensity(samples, likeness);
				expect(own.low).toBeLessThanOrEqual(own.value);
				expect(own.high).toBeGreaterThanOrEqual(own.value);
				expect(own.value).toBeGreaterThanOrEqual(Math.min(...samples) - 1e-12);
				expect(own.value).toBeLessThanOrEqual(Math.max(...samples) + 1e-12);
			})
		);
	});

	it('narrows as samples agree', () => {
		const width = (n: number) => {
			const own = ownDensity(
				Array.from({ length: n }, (_, i) => (i % 2 ? 0.19 : 0.21)),
				likeness
			);
			return own.high / own.low;
		};
		expect(width(12)).toBeLessThan(width(4));
	});

	it('of nothing is a mistake of the caller', () =>
		expect(() => ownDensity([], likeness)).toThrow(RangeError));
});
