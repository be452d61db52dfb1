import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { estimate, kgDryPerLitre, share } from '../units';
import { crossCheck, type ThreeMeasures } from './index';

const facts = { basis: 'dry', formula: 'as published', from: [] };
const expected = {
	massYield: estimate(share, { value: 0.18, low: 0.15, high: 0.22 }, { ...facts, unit: 'share' }),
	density: estimate(
		kgDryPerLitre,
		{ value: 0.16, low: 0.13, high: 0.2 },
		{ ...facts, unit: 'kg/L' }
	)
};
/** 100 kg of wood in 600 L gave 112 L of char at 0.16 kg/L: 18 kg. */
const good: ThreeMeasures = { woodKg: 100, woodLitres: 600, charLitres: 112, expected };

describe('mass yield, volume yield and density of a burn', () => {
	it('agree where each is what is expected of it', () => {
		const check = crossCheck({ ...good, density: 0.16, weighedKg: 18 });
		expect(check.verdict).toBe('agree');
		expect(check.closure).toBeCloseTo(18 / (112 * 0.16), 12);
		expect(check.readings.every((reading) => !reading.derived)).toBe(true);
	});

	it('say where what is expected of the litres comes from', () => {
		const volume = crossCheck({ ...good, density: 0.16 }).readings[1]!.expected;
		expect(volume.value).toBeCloseTo((0.18 * (100 / 600)) / 0.16, 9);
		expect(volume.from.map(({ name, value }) => [name, value])).toEqual([
			['mass yield', 0.18],
			['dry wood in a stacked litre', 100 / 600],
			['density', 0.16]
		]);
		expect(volume.low).toBeLessThan(volume.value);
	});

	it('with two measured the third follows, and says so', () => {
		const check = crossCheck({ ...good, density: 0.16 });
		expect(check.closure).toBeUndefined();
		expect(check.readings.filter((r) => r.derived).map((r) => r.name)).toEqual(['mass-yield']);
		expect(check.readings[0]?.value).toBeCloseTo(0.1792, 12);
	});

	it('name the density when a wet sample was taken for a dry one', () => {
		const check = crossCheck({ ...good, density: 0.42, weighedKg: 18 });
		expect(check).toMatchObject({ verdict: 'odd', odd: 'density' });
	});

	it('name the volume when a heap was guessed at twice its litres', () => {
		const check = crossCheck({ ...good, charLitres: 300, density: 0.16, weighedKg: 18 });
		expect(check).toMatchObject({ verdict: 'odd', odd: 'volume-yield' });
	});

	it('name the mass yield when the char was weighed with its quench water', () => {
		const check = crossCheck({ ...good, density: 0.16, weighedKg: 45 });
		expect(check).toMatchObject({ verdict: 'odd', odd: 'mass-yield' });
	});

	it('hang together: volume yield is mass yield times wood density over char density', () => {
		const measure = (min: number, max: number) => fc.double({ min, max, noNaN: true });
		fc.assert(
			fc.property(measure(1, 500), measure(10, 3000), measure(1, 900), (kg, stacked, litres) => {
				const check = crossCheck({ ...good, woodKg: kg, woodLitres: stacked, charLitres: litres });
				const [mass, volume, density] = check.readings.map((reading) => reading.value);
				expect(volume).toBeCloseTo(((mass ?? 0) * (kg / stacked)) / (density ?? 1), 9);
			})
		);
	});
});
