import { mean, sampleStandardDeviation } from 'simple-statistics';
import { inMinutes } from '../time';

/** From so many own burns on, one's own spread is worth more than a book's. */
export const ownBurnsToJudge = 5;

export interface OwnVerdict {
	readonly burns: number;
	readonly mean: number;
	/** Mean ± 2 s of the others, never below nought. */
	readonly low: number;
	readonly high: number;
	readonly verdict: 'as-usual' | 'above' | 'below';
}

/**
 * A yield against one's own other burns of that way: outside mean ± 2 s it is not the usual scatter.
 * @param own yields of the others, shares in (0, 1); undefined below five of them
 */
export function againstOwn(massYield: number, own: readonly number[]): OwnVerdict | undefined {
	if (own.length < ownBurnsToJudge) return undefined;
	const centre = mean([...own]);
	const spread = 2 * sampleStandardDeviation([...own]);
	const [low, high] = [Math.max(0, centre - spread), Math.min(1, centre + spread)];
	return {
		burns: own.length,
		mean: centre,
		low,
		high,
		verdict: massYield < low ? 'below' : massYield > high ? 'above' : 'as-usual'
	};
}

export interface Pace {
	/** From the match to the quench. */
	readonly minutes: number;
	readonly minutesPer100L: number;
	/** Between one layer and the next, where they were counted. */
	readonly minutesPerLayer?: number;
}

/** How fast a fire went; undefined where nobody noted when it was lit, or not before its quench. */
export function paceOf(
	{ lit_ms, layers }: { readonly lit_ms?: number; readonly layers?: number },
	quenched_ms: number,
	charLitres: number
): Pace | undefined {
	if (lit_ms === undefined || lit_ms >= quenched_ms || charLitres <= 0) return undefined;
	const minutes = inMinutes(quenched_ms - lit_ms);
	return {
		minutes,
		minutesPer100L: (minutes * 100) / charLitres,
		...(layers !== undefined && layers > 1 ? { minutesPerLayer: minutes / (layers - 1) } : {})
	};
}
