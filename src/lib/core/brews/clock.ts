import { hours } from '../time';
import type { Celsius } from '../units';

/** What the life in a brew does at a temperature. */
export type Pace = 'asleep' | 'working' | 'dead';

/**
 * How fast a brew works, in times its speed at 20 °C: doubles each 10 °C; asleep below 8 °C, no faster above
 * 38 °C, dead past 45 °C.
 * @throws RangeError for a temperature that is no number
 */
export function brewSpeed(temperature: Celsius): number {
	if (!Number.isFinite(temperature)) throw new RangeError(`brewSpeed: ${temperature} °C`);
	if (paceAt(temperature) !== 'working') return 0;
	return 2 ** ((Math.min(temperature, 38) - 20) / 10);
}

export function paceAt(temperature: Celsius): Pace {
	if (temperature > 45) return 'dead';
	return temperature < 8 ? 'asleep' : 'working';
}

/** A temperature that held from a moment on. */
export interface Warmth {
	readonly from_ms: number;
	readonly temperature: Celsius;
}

/**
 * Its temperatures in the order of time: the one it was set going at, then each reading from the moment it
 * was made.
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

/** When it was read too hot to live; null where it never was. Cooled down again it stays dead. */
export const diedAt = (warmth: readonly Warmth[]): number | null =>
	warmth.find(({ temperature }) => paceAt(temperature) === 'dead')?.from_ms ?? null;

/** Hours at 20 °C that have passed by a moment, summed over what held from reading to reading while it lived. */
export function hoursAt20(warmth: readonly Warmth[], at_ms: number): number {
	const end_ms = Math.min(at_ms, diedAt(warmth) ?? Infinity);
	return (
		warmth.reduce((sum, { from_ms, temperature }, i) => {
			const to_ms = Math.min(end_ms, warmth[i + 1]?.from_ms ?? Infinity);
			return to_ms > from_ms ? sum + (to_ms - from_ms) * brewSpeed(temperature) : sum;
		}, 0) / hours(1)
	);
}

/**
 * The moment at which so many hours at 20 °C have passed since a moment, if the last temperature goes on;
 * null when it is too cold or dead for it ever to come.
 */
export function whenWorked(
	warmth: readonly Warmth[],
	worked_h: number,
	since_ms = warmth[0]?.from_ms ?? 0
): number | null {
	let left_ms = hours(worked_h);
	for (const [i, { from_ms, temperature }] of warmth.entries()) {
		if (paceAt(temperature) === 'dead') return null;
		const begin = Math.max(from_ms, since_ms);
		const end = warmth[i + 1]?.from_ms ?? Infinity;
		if (end <= begin) continue;
		const speed = brewSpeed(temperature);
		const worked = speed === 0 ? 0 : (end - begin) * speed;
		if (worked >= left_ms && speed > 0) return begin + left_ms / speed;
		left_ms -= worked;
	}
	return null;
}
