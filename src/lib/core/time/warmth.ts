import type { Celsius } from '../units';

/** A temperature that held from a moment on. */
export interface Warmth {
	readonly from_ms: number;
	readonly temperature: Celsius;
}

/**
 * The temperatures of a batch in the order of time: the one it was set going at, then each reading from the
 * moment it was made.
 */
export const warmthOf = (
	start_ms: number,
	temperature: Celsius,
	readings: readonly { readonly at_ms: number; readonly temperature: Celsius }[]
): readonly Warmth[] => [
	{ from_ms: start_ms, temperature },
	...readings
		.filter(({ at_ms }) => at_ms > start_ms)
		.sort((a, b) => a.at_ms - b.at_ms)
		.map(({ at_ms, temperature }) => ({ from_ms: at_ms, temperature }))
];

/** How fast life works at a temperature, in times its speed at 20 °C. */
export type Speed = (temperature: Celsius) => number;

/** Milliseconds at 20 °C that have passed by a moment, summed over what held from reading to reading. */
export const workedBy = (warmth: readonly Warmth[], speed: Speed, at_ms: number): number =>
	warmth.reduce((sum, { from_ms, temperature }, i) => {
		const to_ms = Math.min(at_ms, warmth[i + 1]?.from_ms ?? Infinity);
		return to_ms > from_ms ? sum + (to_ms - from_ms) * speed(temperature) : sum;
	}, 0);

/**
 * The moment at which so many milliseconds at 20 °C have passed since a moment, if the last temperature goes
 * on; null when it is too cold for it ever to come.
 */
export function whenWorkedAt(
	warmth: readonly Warmth[],
	speed: Speed,
	worked_ms: number,
	since_ms = warmth[0]?.from_ms ?? 0
): number | null {
	let left_ms = worked_ms;
	for (const [i, { from_ms, temperature }] of warmth.entries()) {
		const begin = Math.max(from_ms, since_ms);
		const end = warmth[i + 1]?.from_ms ?? Infinity;
		if (end <= begin) continue;
		const pace = speed(temperature);
		// Endless at no speed is no work, not NaN of it.
		const worked = pace === 0 ? 0 : (end - begin) * pace;
		if (pace > 0 && worked >= left_ms) return begin + left_ms / pace;
		left_ms -= worked;
	}
	return null;
}
