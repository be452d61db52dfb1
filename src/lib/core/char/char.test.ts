import { describe, expect, it } from 'vitest';
import { kgDry, litres } from '../units';
import { crushedDensity, expectCrushed, judgeCrush, sampledDensity, useOf } from './index';

describe('crushing', () => {
	it('changes litres and density, never kg dry', () => {
		const whole = sampledDensity(litres(10), kgDry(1.5));
		const crushed = crushedDensity(whole, litres(200), litres(130));
		expect(crushed.value * 130).toBeCloseTo(whole.value * 200, 12);
		expect(crushed.basis).toBe('dry, crushed');
	});

	it.each([
		[200, 130, 'usual'],
		[200, 180, 'unusual'],
		[200, 199, 'implausible'],
		[200, 82, 'implausible'],
		[200, 230, 'implausible'],
		[200, 40, 'implausible']
	] as const)('from %i L to %i L is %s', (before, after, verdict) =>
		expect(judgeCrush(litres(before), litres(after)).verdict).toBe(verdict)
	);

	it('expects 60–75 % of the loose litres', () => {
		expect(expectCrushed(litres(200))).toMatchObject({
			low: expect.closeTo(120, 9),
			high: expect.closeTo(150, 9)
		});
	});
});

describe('a dried sample', () => {
	it('gives kg per litre, good to 5 %', () => {
		expect(sampledDensity(litres(10), kgDry(1.5))).toMatchObject({
			value: 0.15,
			low: expect.closeTo(0.1425, 9)
		});
		expect(() => sampledDensity(litres(0), kgDry(1))).toThrow(RangeError);
	});
});

describe('what char is good for', () => {
	const lot = { state: 'whole', proven: true, quarantined: false, litres: 100 } as const;
	it('is nothing before it is proven out, then crushing, then charging', () => {
		expect(useOf({ ...lot, proven: false })).toBe('not-proven');
		expect(useOf(lot)).toBe('crush-first');
		expect(useOf({ ...lot, state: 'crushed' })).toBe('charge-first');
		expect(useOf({ ...lot, quarantined: true, proven: false })).toBe('quarantined');
		expect(useOf({ ...lot, litres: 0 })).toBe('gone');
	});
});
