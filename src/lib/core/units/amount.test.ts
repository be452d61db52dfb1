import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inKilograms, inLitres, microlitres, milligrams } from './amount';

describe('what the books count in', () => {
	it('keeps six tenths of a millilitre as six tenths', () => {
		expect(microlitres(0.0006)).toBe(600);
		expect(microlitres(0.00048)).toBe(480);
		expect(milligrams(0.0000005)).toBe(1);
	});

	it('comes back as what it was, to half a microlitre and half a milligram', () =>
		fc.assert(
			fc.property(fc.double({ min: 0, max: 1e6, noNaN: true }), (amount) => {
				expect(Math.abs(inLitres(microlitres(amount)) - amount)).toBeLessThanOrEqual(6e-7);
				expect(Math.abs(inKilograms(milligrams(amount)) - amount)).toBeLessThanOrEqual(6e-7);
			})
		));

	it('takes nothing that is no number or past counting', () => {
		expect(() => microlitres(Number.NaN)).toThrow(RangeError);
		expect(() => milligrams(1e12)).toThrow(/can't be counted/);
	});
});
