import type { Celsius } from '../units';

/**
 * Share of ammonium that stands as ammonia gas in solution.
 * Source: Emerson et al. 1975: pKa = 0.09018 + 2729.92 / T (kelvin).
 * @example ammoniaShare(9, celsius(20)) // 0.28
 * @throws RangeError for a pH outside 0–14
 */
export function ammoniaShare(ph: number, temperature: Celsius): number {
	if (!(ph >= 0 && ph <= 14)) throw new RangeError(`ammoniaShare: pH ${ph}`);
	const pKa = 0.09018 + 2729.92 / (273.15 + temperature);
	return 1 / (1 + 10 ** (pKa - ph));
}

/** Above this ammonium leaves as gas in an open tub. */
export const ammoniaFrom = Object.freeze({
	ph: 8.5,
	source: 'Emerson et al. 1975: 11 % as gas at pH 8.5 and 20 °C'
});
