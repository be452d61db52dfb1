import { chanceOf } from '../trials';
import type { Range } from '../units';

/** Draws of a lognormal by its mean and standard deviation, from draws of a normal. */
export function lognormal(normal: Float64Array, mean: number, sd: number): Float64Array {
	const variance = Math.log(1 + (sd / mean) ** 2);
	const [mu, sigma] = [Math.log(mean) - variance / 2, Math.sqrt(variance)];
	return normal.map((one) => Math.exp(mu + sigma * one));
}

/** So many draws of a normal, the same from the same seed. */
export function drawn(draws: number, seed: number): Float64Array {
	const { normal } = chanceOf(seed);
	return Float64Array.from({ length: draws }, () => normal());
}

/** The same words, the same seed; other words, another (FNV-1a). */
export const hashOf = (text: string): number =>
	[...text].reduce(
		(hash, sign) => Math.imul(hash ^ sign.charCodeAt(0), 16_777_619),
		2_166_136_261
	) >>> 2;

/** 2.5, 50 and 97.5 % of all draws. */
export function ends(values: Float64Array): Range {
	const sorted = values.slice().sort();
	const at = (share: number) => sorted[Math.floor(share * (sorted.length - 1))] ?? 0;
	return { value: at(0.5), low: at(0.025), high: at(0.975) };
}

/** Alike ones together. */
export function grouped<T>(all: readonly T[], keyOf: (one: T) => string): ReadonlyMap<string, T[]> {
	const groups = new Map<string, T[]>();
	for (const one of all) {
		const key = keyOf(one);
		const group = groups.get(key) ?? [];
		group.push(one);
		groups.set(key, group);
	}
	return groups;
}
