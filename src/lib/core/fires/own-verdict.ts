import { inMinutes } from '../time';
import { predict, standsTo, type Prediction, type Stands } from '../yields';

/** A yield against those before it. */
export interface OwnVerdict extends Prediction {
	readonly verdict: Stands;
}

/**
 * A yield against one's own earlier burns of that way: outside their prediction limits it is not the usual scatter.
 * @param earlier yields of those before it, shares in (0, 1); undefined below five of them
 */
export function againstOwn(massYield: number, earlier: readonly number[]): OwnVerdict | undefined {
	const limits = predict(earlier);
	if (!limits) return undefined;
	const { low, high } = limits;
	return {
		...limits,
		...{ low: Math.max(0, low), high: Math.min(1, high) },
		verdict: standsTo(massYield, limits)
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
