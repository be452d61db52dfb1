/** Across the inside of the ring that people drive in, m: six inches. */
export const usualRing_m = 0.1524;
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

/** What a ring said of a bed, as it was poured. */
export interface SeepRead {
	readonly water_l: number;
	readonly minutes: number;
	readonly ring_m?: number | undefined;
	readonly run?: 'first' | 'second' | undefined;
}

/** A slurry of one part of soil in five of water above this is too strong, dS/m. Source: judged. */
export const saltySlurry_dS_m = 0.4;
