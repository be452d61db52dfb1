import { days } from '../time';
import type { Range } from '../units';
import { heapWay } from './data/ways';
import { usualAir } from './sinking';

/** A walkway that is filled as a long low bin. */
export interface PathSize {
	readonly length_m: number;
	readonly width_m: number;
	/** Trodden, before it rots. */
	readonly filled_m: number;
}

export interface PathGives {
	/** As it is filled: sums that take this as the harvest promise about double. */
	readonly filled_l: number;
	readonly out_l: Range;
	/** Square metres that it mulches so deep. */
	readonly mulches_m2: Range;
}

/** @example pathGives({ length_m: 9, width_m: 0.45, filled_m: 0.3 }, 0.05).filled_l // 1215 */
export function pathGives({ length_m, width_m, filled_m }: PathSize, mulch_m: number): PathGives {
	const filled_l = length_m * width_m * filled_m * 1000;
	const { left } = heapWay('path');
	const by = (end: number) => filled_l * end;
	const out_l = { value: by(left.value), low: by(left.low), high: by(left.high) };
	const area = (out: number) => out / 1000 / mulch_m;
	return {
		filled_l,
		out_l,
		mulches_m2: { value: area(out_l.value), low: area(out_l.low), high: area(out_l.high) }
	};
}

/** How deep it must be filled for a wanted mulch, m; the range is that of what is left. */
export function fillFor(
	{ length_m, width_m }: Pick<PathSize, 'length_m' | 'width_m'>,
	beds_m2: number,
	mulch_m: number
): Range {
	const { left } = heapWay('path');
	const wanted = (beds_m2 * mulch_m) / (length_m * width_m);
	return { value: wanted / left.value, low: wanted / left.high, high: wanted / left.low };
}

/** As many paths of one size as mulch all beds: whole ones, by the middle of what is left. */
export const pathsFor = (size: PathSize, beds_m2: number, mulch_m: number): number =>
	Math.ceil(beds_m2 / pathGives(size, mulch_m).mulches_m2.value - 1e-9);

/** Deeper than so nobody walks on it. A judgement. */
export const deepestPath_m = 0.5;

/** What a path lies on. */
export const unders = Object.freeze(['earth', 'paper', 'woven', 'hard'] as const);
export type Under = (typeof unders)[number];

/** Air is let in, and one looks, about every six weeks. A judgement on "at intervals". */
const turned_days = 42;
/** Below this air of the day a season ends: little rots. A judgement. */
const seasonsEnd_c = 8;
const step_days = 10;

/** When the air of the year falls below what rots, next after a moment; a year on where it never does. */
export function seasonEnds(from_ms: number, latitude?: number): number {
	const warmth = (at_ms: number) => usualAir(at_ms, latitude);
	for (let ahead = step_days; ahead <= 370; ahead += step_days) {
		const at_ms = from_ms + days(ahead);
		if (warmth(at_ms) < seasonsEnd_c && warmth(at_ms - days(step_days)) >= seasonsEnd_c)
			return at_ms;
	}
	return from_ms + days(365);
}

/** The first day from a moment on with air that anything rots in; that moment where none comes in a year. */
function warmFrom(from_ms: number, latitude?: number): number {
	for (let ahead = 0; ahead <= 370; ahead += step_days)
		if (usualAir(from_ms + days(ahead), latitude) >= seasonsEnd_c) return from_ms + days(ahead);
	return from_ms;
}

/** When a path is to be turned next, none past the end of its season, and when that is. */
export function pathDates(
	start_ms: number,
	turned_ms: readonly number[],
	now_ms: number,
	latitude?: number
): { readonly turn_ms: number | undefined; readonly ends_ms: number } {
	const ends_ms = seasonEnds(start_ms, latitude);
	const last_ms = Math.max(start_ms, ...turned_ms.filter((at) => at <= now_ms));
	const turn_ms = warmFrom(last_ms + days(turned_days), latitude);
	return { turn_ms: turn_ms < ends_ms ? turn_ms : undefined, ends_ms };
}
