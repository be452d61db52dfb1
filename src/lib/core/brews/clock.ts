import { hours, whenWorkedAt, workedBy, type Warmth } from '../time';
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

/**
 * How fast a ripe brew ages while it is kept, in times its speed at up to 15 °C: what is stated to keep holds up to
 * there, and half as long for each 10 °C above.
 * @throws RangeError for a temperature that is no number
 */
export function ageingSpeed(temperature: Celsius): number {
	if (!Number.isFinite(temperature)) throw new RangeError(`ageingSpeed: ${temperature} °C`);
	return 2 ** (Math.max(0, temperature - 15) / 10);
}

/** The moment at which so many hours of keeping are over, counted from when it was ripe. */
export const whenAged = (warmth: readonly Warmth[], kept_h: number, since_ms: number): number =>
	whenWorkedAt(warmth, ageingSpeed, hours(kept_h), since_ms) ?? since_ms;

export function paceAt(temperature: Celsius): Pace {
	if (temperature > 45) return 'dead';
	return temperature < 8 ? 'asleep' : 'working';
}

/** When it was read too hot to live; null where it never was. Cooled down again it stays dead. */
export const diedAt = (warmth: readonly Warmth[]): number | null =>
	warmth.find(({ temperature }) => paceAt(temperature) === 'dead')?.from_ms ?? null;

/** Hours at 20 °C that have passed by a moment, summed over what held from reading to reading while it lived. */
export const hoursAt20 = (warmth: readonly Warmth[], at_ms: number): number =>
	workedBy(warmth, brewSpeed, Math.min(at_ms, diedAt(warmth) ?? Infinity)) / hours(1);

/**
 * The moment at which so many hours at 20 °C have passed since a moment, if the last temperature goes on;
 * null when it is too cold or dead for it ever to come.
 */
export function whenWorked(
	warmth: readonly Warmth[],
	worked_h: number,
	since_ms = warmth[0]?.from_ms ?? 0
): number | null {
	if (worked_h === 0) return since_ms;
	const died_ms = diedAt(warmth);
	const lived = died_ms === null ? warmth : warmth.filter(({ from_ms }) => from_ms < died_ms);
	const when = whenWorkedAt(lived, brewSpeed, hours(worked_h), since_ms);
	return when !== null && died_ms !== null && when > died_ms ? null : when;
}

/** Whether it is too cold for it to work now; warmed again its hours go on. */
export const isAsleep = (warmth: readonly Warmth[]): boolean => {
	const last = warmth.at(-1);
	return last !== undefined && diedAt(warmth) === null && paceAt(last.temperature) === 'asleep';
};
