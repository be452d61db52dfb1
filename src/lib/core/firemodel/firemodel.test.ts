import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tend, type Fed, type Hearth, type Tended, type Tending } from './index';

/** A cone of about a cubic metre. */
const radius = (fill_m: number) => 0.35 + 0.4 * fill_m;
const cone: Hearth = {
	depth_m: 1,
	areaAt: (fill_m) => Math.PI * radius(Math.max(0.1, fill_m)) ** 2,
	volumeTo: (fill_m) =>
		(Math.PI / 3) * fill_m * (radius(fill_m) ** 2 + radius(fill_m) * 0.35 + 0.35 ** 2)
};
const still = { wind_m_s: 1.5, gust_m_s: 0 };
/** Of the whole, to dry wood. */
const dryBasis = (wet: number) => wet / (1 - wet);

interface Odd {
	readonly wet?: number;
	readonly perArea?: number;
	readonly late_s?: number;
	readonly every_s?: number;
	/** Diameter by how full it is. */
	readonly thick?: (fill_m: number) => number;
	readonly gust_m_s?: number;
	readonly dt_s?: number;
	readonly most_s?: number;
	/** From when on it is tended otherwise: a bed has grown by then. */
	readonly from_s?: number;
}

function burn(odd: Odd = {}): Tended {
	const {
		wet = 0.15,
		perArea = 10,
		thick = () => 0.025,
		from_s = 3600,
		dt_s = 1,
		most_s = 9 * 3600
	} = odd;
	const first: Fed = {
		dry_kg: 7 * cone.areaAt(0.1),
		diameter_m: 0.025,
		moisture: dryBasis(from_s > 0 ? 0.13 : wet)
	};
	const usual: Tending = {
		layer: (_fill, area_m2) => ({
			dry_kg: 10 * area_m2,
			diameter_m: 0.025,
			moisture: dryBasis(0.15)
		}),
		full_m: 0.93,
		weather: () => still
	};
	const otherwise: Tending = {
		...usual,
		layer: (fill_m, area_m2) => ({
			dry_kg: perArea * area_m2,
			diameter_m: thick(fill_m),
			moisture: dryBasis(wet)
		}),
		...(odd.late_s === undefined ? {} : { late_s: odd.late_s }),
		...(odd.every_s === undefined ? {} : { every_s: odd.every_s }),
		// Gusts blow every other minute.
		weather: (at_s) => ({ ...still, gust_m_s: Math.floor(at_s / 60) % 2 ? (odd.gust_m_s ?? 0) : 0 })
	};
	return tend(cone, first, (at_s) => (at_s < from_s ? usual : otherwise), { dt_s, most_s });
}

const sumOf = ({ state }: Tended, of: (layer: (typeof state.layers)[number]) => number) =>
	state.layers.reduce((all, layer) => all + of(layer), 0);
const charOf = (fire: Tended) => sumOf(fire, ({ char_kg, ash_kg }) => char_kg + ash_kg);
const brandsOf = (fire: Tended) =>
	sumOf(fire, ({ dry_kg, parted }) => dry_kg * (1 - parted)) / fire.dry_kg;
const yieldOf = (fire: Tended) => charOf(fire) / fire.dry_kg;
const smokeOf = (fire: Tended) => fire.state.gone.smoke_kg / fire.dry_kg;
const burntOf = (fire: Tended) => fire.state.gone.burnt_kg / fire.dry_kg;
const hoursOf = ({ state }: Tended) => state.at_s / 3600;
const middleOf = ({ intervals_s }: Tended) =>
	([...intervals_s].sort((a, b) => a - b)[intervals_s.length >> 1] ?? 0) / 60;

const usual = burn();

describe('a cone fed with dry sticks at the cue', () => {
	it('yields what such fires yield, in their time, at their heat', () => {
		expect(usual.isThrough).toBe(true);
		expect(yieldOf(usual)).toBeGreaterThan(0.18);
		expect(yieldOf(usual)).toBeLessThan(0.24);
		expect(hoursOf(usual)).toBeGreaterThan(3.5);
		expect(hoursOf(usual)).toBeLessThan(6.5);
		expect(middleOf(usual)).toBeGreaterThan(4);
		expect(middleOf(usual)).toBeLessThan(8);
		expect(usual.zone_K - 273.15).toBeGreaterThan(600);
		expect(usual.zone_K - 273.15).toBeLessThan(750);
	});

	it('moves mass, water and heat, and makes none', () => {
		const { gone, heat } = usual.state;
		const left = sumOf(usual, ({ dry_kg, parted }) => dry_kg * (1 - parted));
		expect(gone.gas_kg + gone.burnt_kg + charOf(usual) + left).toBeCloseTo(usual.dry_kg, 6);
		const water = sumOf(usual, ({ dry_kg, moisture, dried }) => dry_kg * moisture * (1 - dried));
		expect(gone.steam_kg + water).toBeCloseTo(usual.water_kg, 6);
		const came = heat.fromFlame + heat.fromChar + heat.withChar - heat.intoWood - heat.lost;
		expect(came / heat.fromFlame).toBeCloseTo(heat.held / heat.fromFlame, 9);
	});

	it('is the same each time, and nearly so in steps of half a second and of two', () => {
		expect(burn()).toEqual(usual);
		for (const dt_s of [0.5, 2]) {
			const other = burn({ dt_s });
			expect(yieldOf(other) / yieldOf(usual)).toBeCloseTo(1, 1.7);
			expect(hoursOf(other) / hoursOf(usual)).toBeCloseTo(1, 1.7);
			expect(smokeOf(other) / smokeOf(usual)).toBeCloseTo(1, 1.7);
		}
	});

	it('runs at least 20,000 times as fast as the fire', () => {
		const from = performance.now();
		const fire = burn();
		const took_s = (performance.now() - from) / 1000;
		// Beside other tests it has a part of a core.
		expect(fire.state.at_s / took_s).toBeGreaterThan(5000);
	});
});

describe('what goes wrong at a fire', () => {
	it('wet wood smokes three times as much and takes longer', () => {
		const wet = burn({ wet: 0.3 });
		expect(wet.isThrough).toBe(true);
		expect(smokeOf(wet)).toBeGreaterThan(3 * smokeOf(usual));
		expect(hoursOf(wet)).toBeGreaterThan(hoursOf(usual) * 1.05);
	});
	it('two minutes late each time burns twice the char', () =>
		expect(burntOf(burn({ late_s: 120 }))).toBeGreaterThan(2 * burntOf(usual)));
	it('heavy layers smoke twice as much', () =>
		expect(smokeOf(burn({ perArea: 30 }))).toBeGreaterThan(2 * smokeOf(usual)));
	it('thick pieces last come out as brands, in the middle they char', () => {
		const last = burn({ thick: (fill_m) => (fill_m > 0.85 ? 0.08 : 0.025) });
		const middle = burn({ thick: (fill_m) => (fill_m > 0.45 && fill_m < 0.55 ? 0.08 : 0.025) });
		expect(brandsOf(last)).toBeGreaterThan(0.01);
		expect(brandsOf(middle)).toBeLessThan(0.005);
	});
	it('a layer every three minutes flares', () =>
		expect(burn({ every_s: 180 }).flame_m).toBeGreaterThan(1.3 * usual.flame_m));
	it('gusts smoke twice as much', () =>
		expect(smokeOf(burn({ gust_m_s: 4 }))).toBeGreaterThan(2 * smokeOf(usual)));
	it('wood of 40 % water never catches', () => {
		const soaked = burn({ wet: 0.4, from_s: 0 });
		expect(soaked.isThrough).toBe(false);
		expect(soaked.state.flame).toBeLessThan(0.05);
		expect(yieldOf(soaked)).toBeLessThan(0.05);
	});
});

describe('whatever is fed', () => {
	it('no mass is lost, nothing is negative, and nothing is no number', () => {
		fc.assert(
			fc.property(
				fc.record({
					wet: fc.double({ min: 0, max: 0.5, noNaN: true }),
					perArea: fc.double({ min: 1, max: 60, noNaN: true }),
					every_s: fc.integer({ min: 30, max: 1200 }),
					diameter: fc.double({ min: 0.005, max: 0.2, noNaN: true }),
					gust_m_s: fc.double({ min: 0, max: 12, noNaN: true })
				}),
				({ diameter, ...odd }) => {
					const fire = burn({ ...odd, thick: () => diameter, from_s: 600, most_s: 7200 });
					const { gone, zone_K, bed_K } = fire.state;
					const left = sumOf(fire, ({ dry_kg, parted }) => dry_kg * (1 - parted));
					const out = gone.gas_kg + gone.burnt_kg + charOf(fire) + left;
					expect(out / fire.dry_kg).toBeCloseTo(1, 9);
					expect(
						Math.min(gone.smoke_kg, gone.steam_kg, left, zone_K - 288, bed_K - 288)
					).toBeGreaterThanOrEqual(0);
					expect(Number.isFinite(zone_K + bed_K + fire.flame_m)).toBe(true);
				}
			),
			{ numRuns: 15 }
		);
	}, 60_000);
});
