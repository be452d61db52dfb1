import type { Texture } from '../liming';

/** Across the inside of the ring that people drive in, m: six inches. */
export const usualRing_m = 0.1524;
/** A second run tells more than the first: dry ground drinks the first. */
export const soakedRuns = 2;
/** Below these water goes in slowly, mm/h. Source: judged; of a ring in the second run. */
export const slow_mm_h = Object.freeze({ compacted: 15, waterlogged: 5 });

/**
 * How fast water went into the ground through a ring, mm/h.
 * @param water_l litres poured into the ring
 * @param minutes until the last of it was gone, above 0
 * @param ring_m across the inside, m
 * @example infiltration(0.444, 60, usualRing_m) // 24.3 mm/h
 */
export function infiltration(water_l: number, minutes: number, ring_m = usualRing_m): number {
	if (!(water_l > 0) || !(minutes > 0) || !(ring_m > 0))
		throw new RangeError(`infiltration: ${water_l} L in ${minutes} min through ${ring_m} m`);
	const area_m2 = (Math.PI / 4) * ring_m ** 2;
	return (water_l / area_m2) * (60 / minutes);
}

/** A slurry of one part of soil in five of water above this is too strong, dS/m. Source: judged. */
export const saltySlurry_dS_m = 0.4;
/** Saline from here on, dS/m of the paste extract. Source: USDA Handbook 60. */
export const saline_dS_m = 4;

const pasteTimes: Readonly<Record<Texture, number>> = {
	sand: 14,
	'sandy-silt': 14,
	loam: 9,
	'clay-loam': 7,
	clay: 7
};

/**
 * What the paste extract would read of a slurry 1 : 5, dS/m. Source: × 14 sand, 9 loam, 7 clay (judged).
 * @example pasteOfSlurry(0.5, 'loam') // 4.5 dS/m: saline
 */
export const pasteOfSlurry = (slurry_dS_m: number, texture: Texture): number =>
	slurry_dS_m * pasteTimes[texture];

/** Fewer worms than this in a spit are few. Source: judged, of a block a spade wide and deep in moist ground. */
export const fewWorms = 5;
