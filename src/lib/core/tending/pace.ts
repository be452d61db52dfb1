import { minutes } from '../time';
import { sizeFactors, starts } from './data/starts';
import type { Course, LayerOn } from './course';

/** What a pace begins with: minutes from a usual layer to white edges, and how far off that may be, as a log. */
export interface PaceStart {
	readonly minutes: number;
	readonly spread: number;
	/** Own fires of the vessel it rests on; none where the fire model gave it. */
	readonly fires: number;
}

/**
 * How far fires lie apart, as logs. Working assumptions: the model is off by a third either way, one's fires in one
 * vessel by a fifth, one layer from the next by a quarter, and a pace drifts as the bed widens.
 */
export const paceSpread = Object.freeze({
	ofModel: 0.35,
	betweenFires: 0.2,
	withinFire: 0.25,
	drift: 0.06,
	/** Laid on without a word of white edges: less is known of what was seen. */
	unsaid: 0.35
});
/** Four in five fall between. */
export const z80 = 1.2816;

/** The model's start, between its rows in straight lines; outside them as at the edge. */
export function modelStart(diameter_m: number, water: number): PaceStart {
	const rows = starts.minutes;
	const at = (by: readonly number[]) => between(starts.waters, by, water);
	const value = between(
		rows.map((row) => row.diameter_m),
		rows.map(({ by }) => at(by)),
		diameter_m
	);
	return { minutes: value, spread: paceSpread.ofModel, fires: 0 };
}

function between(xs: readonly number[], ys: readonly number[], x: number): number {
	const above = xs.findIndex((one) => one >= x);
	if (above === 0) return ys[0] ?? 0;
	if (above < 0) return ys.at(-1) ?? 0;
	const [x0 = 0, x1 = 1, y0 = 0, y1 = 0] = [xs[above - 1], xs[above], ys[above - 1], ys[above]];
	return y0 + ((x - x0) / (x1 - x0)) * (y1 - y0);
}

/** One's own fires of a vessel over the model's start: normal on logs, each fire one draw. */
export function ownStart(model: PaceStart, fires: readonly number[]): PaceStart {
	const usable = fires.filter((one) => one > 0);
	if (usable.length === 0) return model;
	const { betweenFires } = paceSpread;
	const weight = 1 / model.spread ** 2;
	const own = 1 / betweenFires ** 2;
	const sum = usable.reduce(
		(all, one) => all + Math.log(one) * own,
		Math.log(model.minutes) * weight
	);
	const precision = weight + usable.length * own;
	return {
		minutes: Math.exp(sum / precision),
		// The next fire differs from the mean of one's fires by its own part.
		spread: Math.sqrt(1 / precision + betweenFires ** 2),
		fires: usable.length
	};
}

/** Minutes of a layer as if it had been a usual one; undefined where nothing says when it wanted the next. */
function seenOf({ at_ms, white_ms, next_ms, layer, isHigh }: LayerOn) {
	// Fed into flames: when it would have shown white is not known.
	const isEarly = white_ms === undefined && isHigh;
	const end_ms = white_ms ?? (isEarly ? undefined : next_ms);
	if (end_ms === undefined || end_ms <= at_ms) return undefined;
	return {
		log: Math.log((end_ms - at_ms) / minutes(1) / sizeFactors[layer]),
		spread: white_ms === undefined ? paceSpread.unsaid : paceSpread.withinFire
	};
}

/** What the layers so far say of the pace: the start pulled along by each, and drifting between. */
export interface Learnt {
	readonly log: number;
	readonly variance: number;
	/** Layers of this fire it rests on. */
	readonly layers: number;
}

/** Laid on sooner than a layer burns, with no word of white edges: that is how one feeds, not how it burns. */
const isHasty = ({ white_ms }: LayerOn, log: number, expected: number, variance: number): boolean =>
	white_ms === undefined && log < expected - z80 * Math.sqrt(variance + paceSpread.withinFire ** 2);

export function learnPace(start: PaceStart, layers: readonly LayerOn[]): Learnt {
	return layers.reduce<Learnt>(
		(known, layer) => {
			const seen = seenOf(layer);
			const variance = known.variance + paceSpread.drift ** 2;
			if (!seen || isHasty(layer, seen.log, known.log, variance)) return { ...known, variance };
			const gain = variance / (variance + seen.spread ** 2);
			return {
				log: known.log + gain * (seen.log - known.log),
				variance: (1 - gain) * variance,
				layers: known.layers + 1
			};
		},
		{ log: Math.log(start.minutes), variance: start.spread ** 2, layers: 0 }
	);
}

/** When the next layer is wanted. */
export interface Pace {
	/** Of the last layer, ms; its white edges are expected between these. */
	readonly since_ms: number;
	readonly low_ms: number;
	readonly mid_ms: number;
	readonly high_ms: number;
	/** It was seen: the next is wanted now. */
	readonly isSeen: boolean;
	readonly layers: number;
	readonly fires: number;
}

/** Four times in five the next layer is wanted between low and high; undefined before the first. */
export function paceOf(course: Pick<Course, 'layers'>, start: PaceStart): Pace | undefined {
	const last = course.layers.at(-1);
	if (!last) return undefined;
	const known = learnPace(start, course.layers.slice(0, -1));
	const log = known.log + Math.log(sizeFactors[last.layer]);
	const spread = Math.sqrt(known.variance + paceSpread.withinFire ** 2);
	const after = (deviates: number) => last.at_ms + minutes(Math.exp(log + deviates * spread));
	return {
		since_ms: last.at_ms,
		low_ms: after(-z80),
		mid_ms: after(0),
		high_ms: after(z80),
		isSeen: last.white_ms !== undefined,
		layers: known.layers,
		fires: start.fires
	};
}

/** Of a finished fire, minutes from a usual layer to white edges: what the next in its vessel begins with. */
export function paceLeft(layers: readonly LayerOn[]): number | undefined {
	const logs = layers.flatMap((layer) => seenOf(layer)?.log ?? []);
	if (logs.length < 3) return undefined;
	return Math.exp(logs.reduce((sum, one) => sum + one, 0) / logs.length);
}

/** How the last layer came after the one before. */
export type Timing = 'early' | 'right' | 'late';

/** Of each layer from the second on, by what was known before it. */
export function timings(
	layers: readonly LayerOn[],
	start: PaceStart
): readonly (Timing | undefined)[] {
	return layers.map((layer, i) => {
		const before = paceOf({ layers: layers.slice(0, i) }, start);
		const [previous] = layers.slice(i - 1, i);
		if (!before || !previous || i === 0) return undefined;
		if (previous.white_ms !== undefined) {
			// White edges stood for more than half of what a layer takes.
			const stood = layer.at_ms - previous.white_ms;
			return stood > (before.mid_ms - before.since_ms) / 2 ? 'late' : 'right';
		}
		if (layer.at_ms < before.low_ms) return 'early';
		return layer.at_ms > before.high_ms ? 'late' : 'right';
	});
}
