import type { Texture } from '../liming';

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
