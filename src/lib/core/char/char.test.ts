import { describe, expect, it } from 'vitest';
import { kgDry, litres } from '../units';
import {
	charFromLitres,
	crushedDensity,
	densityOfWet,
	expectCrushed,
	judgeCrush,
	sampledDensity,
	useOf,
	weighedDensity
} from './index';

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

describe('char of which all was weighed dry', () => {
	const density = weighedDensity(litres(200), kgDry(32));

	it('is as heavy as the scale says, whole or in part; the doubt lies on its litres', () => {
		expect(charFromLitres(litres(200), density)).toMatchObject({
			value: expect.closeTo(32, 9),
			low: expect.closeTo(32 * 0.99, 6),
			high: expect.closeTo(32 * 1.01, 6)
		});
		expect(charFromLitres(litres(50), density).high).toBeCloseTo(8 * 1.01, 6);
		expect(density.high / density.value).toBeGreaterThan(1.04);
	});

	it('carries that through crushing', () => {
		const crushed = crushedDensity(density, litres(200), litres(130));
		expect(charFromLitres(litres(130), crushed).high).toBeCloseTo(32 * 1.01, 6);
	});
});

describe('char weighed with its water', () => {
	it('is as doubtful as a guess at that, and says so', () => {
		const guessed = densityOfWet(litres(100), 50, { looks: 'drained' });
		const read = densityOfWet(litres(100), 50, { read: 0.6 });
		expect(guessed.value).toBeCloseTo(0.2, 9);
		expect(guessed.high / guessed.low).toBeGreaterThan(1.4);
		expect(read.high / read.low).toBeLessThan(1.12);
		expect(guessed.from.map(({ origin }) => origin)).toContain('default');
		expect(JSON.stringify(guessed.from)).not.toContain('weighed dry');
	});
});
