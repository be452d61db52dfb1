import { air_K, flame, wood } from './tuning';
import type { Layer, Weather } from './state';

/** From here on a piece counts as alight. */
const alight = 0.12;

/** How many layers of pieces side by side lie raw on the fire. */
export function rawCover(layers: readonly Layer[], area_m2: number): number {
	let cover = 0;
	for (const { dry_kg, diameter_m, parted } of layers)
		if (parted < alight) cover += dry_kg / (area_m2 * ((wood.density * diameter_m * Math.PI) / 4));
	return cover;
}

const logistic = (x: number): number => 1 / (1 + Math.exp(-x));

/** What burns above the fire. */
export interface Burning {
	/** Share of the surface under flame that this gas would keep. */
	readonly cover: number;
	/** Heat, W/m². */
	readonly heat_W_m2: number;
	/** Unburnt, kg/(m²·s). */
	readonly smoke_kg_m2_s: number;
	readonly height_m: number;
	/** K. */
	readonly heat_K: number;
	/** How black its light is, 0…1. */
	readonly emits: number;
}

/**
 * The flame over so much gas and steam.
 * @param lit share of the surface under flame just now
 */
export function burningOf(
	gas: { readonly gas_kg_m2_s: number; readonly steam_kg_m2_s: number },
	at: {
		readonly lit: number;
		readonly zone_K: number;
		readonly raw: number;
		readonly area_m2: number;
		readonly weather: Weather;
	}
): Burning {
	const { gas_kg_m2_s: g, steam_kg_m2_s: steam } = gas;
	const { lit, zone_K, raw, area_m2, weather } = at;
	const wet = g > 0 ? steam / g : steam > 0 ? 10 : 0;
	const byHeat = logistic((zone_K - 700) / 30);
	const fed = (g * g) / (g * g + 0.0025 ** 2);
	const keeps = Math.min(1, Math.max(0, 1 - (1 - byHeat) * (1 - 1.15 * lit * fed)));
	const cover =
		(Math.exp(-Math.max(0, raw - 1.2) / 0.3) * keeps) / (1 + (Math.min(20, wet) / 1.25) ** 3);
	const burns =
		0.985 *
		lit *
		Math.max(0, 1 - 0.012 * Math.max(0, weather.wind_m_s - 3) - 0.022 * weather.gust_m_s);
	const heat_W_m2 = burns * g * flame.heat;
	const across_m = Math.sqrt((4 * area_m2) / Math.PI);
	const height_m = Math.max(0, 0.235 * ((heat_W_m2 * area_m2) / 1000) ** 0.4 - 1.02 * across_m);
	return {
		cover,
		heat_W_m2,
		smoke_kg_m2_s: (1 - burns) * g,
		height_m,
		heat_K: air_K + 915 / (1 + 0.25 * Math.min(20, wet)),
		emits: 1 - Math.exp(-height_m)
	};
}
