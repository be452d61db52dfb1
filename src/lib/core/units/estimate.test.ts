import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { between, exactly, factors, kgDry, litres, product, sum, wetBasis } from './index';

describe('ranges', () => {
	it('take the geometric mean of what is published', () => {
		expect(between(40, 90)).toEqual({ value: 60, low: 40, high: 90 });
	});

	it('combine in quadrature on logs: two like terms widen by √2', () => {
		const one = between(1, Math.E ** 2);
		const both = product([one, one]);
		expect(Math.log(both.high / both.value)).toBeCloseTo(Math.SQRT2, 12);
	});

	it('divide with the sides swapped', () => {
		const ratio = product([exactly(10), { value: 2, low: 1, high: 4 }], [1, -1]);
		expect(ratio).toMatchObject({ value: 5 });
		expect(ratio.high).toBeCloseTo(10, 12);
		expect(ratio.low).toBeCloseTo(2.5, 12);
	});

	it('keep low ≤ value ≤ high whatever is multiplied or added', () => {
		const term = fc
			.tuple(
				fc.double({ min: 0.01, max: 100, noNaN: true }),
				fc.double({ min: 1, max: 5, noNaN: true })
			)
			.map(([low, times]) => between(low, low * times));
		fc.assert(
			fc.property(fc.array(term, { minLength: 1, maxLength: 6 }), (terms) => {
				for (const r of [product(terms), sum(terms)]) {
					expect(r.low).toBeLessThanOrEqual(r.value * (1 + 1e-12));
					expect(r.high).toBeGreaterThanOrEqual(r.value * (1 - 1e-12));
				}
			})
		);
	});

	it('give nought when a term is nought', () => {
		expect(product([exactly(0), between(1, 2)])).toMatchObject({ value: 0, low: 0, high: 0 });
	});
});

describe('quantities', () => {
	it('refuse what cannot be', () => {
		expect(() => litres(-1)).toThrow(/litres: -1/);
		expect(() => kgDry(Number.NaN)).toThrow(RangeError);
		expect(() => wetBasis(1)).toThrow(RangeError);
	});

	it('convert by factors that agree with one another', () => {
		expect(factors.volume.usGallon / factors.volume.usCup).toBeCloseTo(16, 12);
		expect(factors.volume.cubicFoot).toBeCloseTo(1000 * factors.length.foot ** 3, 9);
		expect(factors.volume.cubicYard / factors.volume.cubicFoot).toBeCloseTo(27, 9);
		expect(factors.area.squareFoot).toBeCloseTo(factors.length.foot ** 2, 12);
	});
});
