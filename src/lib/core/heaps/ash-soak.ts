import type { Range } from '../units';

/** Fresh urine is urea; what stood has turned to ammonium. */
export type UrineAge = 'fresh' | 'stored';

/** As long as it stays above so much the urea keeps. Source: Senecal & Vinnerås 2017, Sci. Total Environ. 586. */
export const holdsFromPh = 10;

const takes = Object.freeze({ low: 0.6, high: 0.9 });
/** Salts that a litre of urine leaves. */
const salts_g = Object.freeze({ low: 40, high: 60 });
/** Source: alkaline drying keeps the urea of fresh urine; ammonium goes off as ammonia from stored. */
const kept = Object.freeze({
	fresh: { low: 0.7, high: 0.9 },
	stored: { low: 0.1, high: 0.4 }
});

/**
 * Ash that takes up so much urine, kg dry.
 * @example ashFor(2).low // 2.2
 */
export const ashFor = (urine_l: number): Range => span(urine_l / takes.high, urine_l / takes.low);

const span = (low: number, high: number): Range => ({ value: (low + high) / 2, low, high });

export interface SoakPlan {
	/** Litres of urine that the ash takes, just short of standing. */
	readonly urine_l: Range;
	/** Share of the nitrogen that stays. */
	readonly kept: Range;
	/** g of N in it once it is dry. */
	readonly nitrogen_g: Range;
	/** kg once it is dry. */
	readonly dry_kg: Range;
	/** It keeps as fresh only while its pH says so. */
	readonly isHeld: boolean;
}

/**
 * How much urine so much dry ash takes, and what of its nitrogen stays. Read below pH 10 at mixing, fresh urine is
 * judged as stored: urease works again.
 */
export function planSoak(asked: {
	readonly ash_kg: number;
	readonly urine: UrineAge;
	/** As much as is poured; none: as much as it takes. */
	readonly poured_l?: number | undefined;
	/** At mixing, where it was read. */
	readonly ph?: number | undefined;
}): SoakPlan {
	const { ash_kg, urine, poured_l, ph } = asked;
	const urine_l = span(takes.low * ash_kg, takes.high * ash_kg);
	const isHeld = urine === 'fresh' && (ph === undefined || ph >= holdsFromPh);
	const { low, high } = kept[isHeld ? 'fresh' : 'stored'];
	const litres = poured_l ?? urine_l.value;
	return {
		urine_l,
		kept: span(low, high),
		nitrogen_g: {
			value: litres * 6 * span(low, high).value,
			low: litres * 5 * low,
			high: litres * 7 * high
		},
		dry_kg: span(ash_kg + (litres * salts_g.low) / 1000, ash_kg + (litres * salts_g.high) / 1000),
		isHeld
	};
}
