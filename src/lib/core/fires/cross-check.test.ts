import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { between, estimate, exactly, kgDryPerLitre, share } from '../units';
import { charDensity, crossCheck, forecastYield, type ThreeMeasures } from './index';

/** Numbers in (0, 1) from a seed: a linear congruence, Numerical Recipes in C, 2nd ed., 7.1. */
function sequence(seed: number): () => number {
	let state = seed;
	return () => {
		state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
		return (state + 0.5) / 2 ** 32;
	};
}

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
const good: ThreeMeasures = { wood: exactly(100), woodLitres: 600, charLitres: 112, expected };

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
			['dry wood in a stacked litre', expect.closeTo(100 / 600, 12)],
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

	it('tell the yield that the books have where the char was never weighed', () => {
		const [mass, volume, density] = crossCheck({ ...good, bookedKg: 20 }).readings;
		expect(mass).toMatchObject({ value: 0.2, derived: true });
		expect(volume).toMatchObject({ value: 112 / 600, derived: false });
		expect(density).toMatchObject({ value: 20 / 112, derived: true });
		const sampled = crossCheck({ ...good, bookedKg: 20, density: 0.16 }).readings;
		expect(sampled[0]!.value).toBeCloseTo((112 * 0.16) / 100, 12);
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

	it('refuse a measure that is nought', () => {
		expect(() => crossCheck({ ...good, charLitres: 0 })).toThrow(RangeError);
	});

	it('let honest burns of loose brush be, whose wood is known to a factor only', () => {
		// The truth is drawn apart from the check: packing of brush 0.08–0.20 and dry density 370–480 kg/m³
		// as central 80 % of lognormals, yields of growers and of their burns on the logit, char density.
		const next = sequence(3);
		const normal = () => Math.sqrt(-2 * Math.log(next())) * Math.cos(2 * Math.PI * next());
		const drawn = (low: number, high: number) =>
			Math.sqrt(low * high) * Math.exp((normal() * Math.log(high / low)) / 2 / 1.2816);
		const measured = between(0.08 * 370, 0.2 * 480);
		const half = Math.hypot(Math.log(0.2 / 0.08), Math.log(480 / 370)) / 2;
		const wood = {
			value: measured.value,
			low: measured.value * Math.exp(-half),
			high: measured.value * Math.exp(half)
		};
		const logit = Math.log(0.15 / 0.85);
		const odd = Array.from({ length: 2000 }, () => {
			const trueWood = drawn(0.08, 0.2) * drawn(370, 480);
			const trueYield = 1 / (1 + Math.exp(-(logit + normal() * Math.hypot(0.25, 0.2))));
			const density = drawn(0.11, 0.2);
			return crossCheck({
				wood,
				woodLitres: 1000,
				charLitres: (trueWood * trueYield) / density,
				density,
				weighedKg: trueWood * trueYield,
				expected: {
					massYield: forecastYield('trench'),
					density: charDensity('light-hardwood')
				}
			});
		}).filter(({ verdict }) => verdict === 'odd');
		expect(odd.length / 2000).toBeLessThan(0.04);
	});

	it('hang together: volume yield is mass yield times wood density over char density', () => {
		const measure = (min: number, max: number) => fc.double({ min, max, noNaN: true });
		fc.assert(
			fc.property(measure(1, 500), measure(10, 3000), measure(1, 900), (kg, stacked, litres) => {
				const check = crossCheck({
					...good,
					wood: exactly(kg),
					woodLitres: stacked,
					charLitres: litres
				});
				const [mass, volume, density] = check.readings.map((reading) => reading.value);
				expect(volume).toBeCloseTo(((mass ?? 0) * (kg / stacked)) / (density ?? 1), 9);
			})
		);
	});
});
