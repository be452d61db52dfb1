import type { Range } from '../units';
import type { Prices } from './data/prices';

/** What was made, and stands in for what is bought. */
export interface Made {
	/** Whole char, L. */
	readonly char_l: number;
	/** Compost and leaf mould drawn off, L. */
	readonly compost_l: number;
	/** Lime in own ash, kg as CaCO₃. */
	readonly lime_kg: number;
	/** Nitrogen put on, kg. */
	readonly nitrogen_kg: number;
	/** Potash put on, kg K₂O. */
	readonly potash_kg: number;
}

const amounts = [
	['char', 'char_l'],
	['compost', 'compost_l'],
	['lime', 'lime_kg'],
	['nitrogen', 'nitrogen_kg'],
	['potash', 'potash_kg']
] as const;

export interface Spared {
	readonly of: (typeof amounts)[number][0];
	readonly amount: number;
	readonly price: number;
	readonly spared: number;
}

/**
 * What the same would have cost to buy, by each thing that has a price.
 * @example sparedBy({ …, char_l: 90 }, { char: 1.2 }) // [{ of: 'char', amount: 90, price: 1.2, spared: 108 }]
 */
export const sparedBy = (made: Made, prices: Prices): readonly Spared[] =>
	amounts.flatMap(([of, key]) => {
		const price = prices[of];
		return price !== undefined && made[key] > 0
			? [{ of, amount: made[key], price, spared: price * made[key] }]
			: [];
	});

/** Hours and cash of something that was made, for each of what it came to. */
export interface EachOf {
	readonly minutes: Range;
	readonly cash: number;
}

/** @returns nothing where none was made */
export function eachOf(minutes: Range, cash: number, made: number): EachOf | undefined {
	if (!(made > 0)) return undefined;
	const each = (value: number) => value / made;
	return {
		minutes: { value: each(minutes.value), low: each(minutes.low), high: each(minutes.high) },
		cash: each(cash)
	};
}

/** What an hour at it brought, in the money of the place: what it would have cost to buy, less the cash, by the hours. */
export function hourBrings(
	spared: number,
	cash: number,
	minutes: Range
): { readonly value: number; readonly low: number; readonly high: number } | undefined {
	if (!(minutes.value > 0)) return undefined;
	const by = (length: number) => ((spared - cash) * 60) / length;
	const ends = [by(minutes.low || minutes.value), by(minutes.high)];
	return { value: by(minutes.value), low: Math.min(...ends), high: Math.max(...ends) };
}

/** Hours and cash that went into some stuff or a way, and the litres of char that came of it. */
export interface Effort {
	readonly name: string;
	readonly minutes: Range;
	readonly cash: number;
	readonly char_l: number;
}

export type Verdict = 'worth' | 'not-worth' | 'unclear' | 'no-price';

export interface Judged extends Effort {
	readonly perLitre: EachOf;
	readonly brings?: { readonly value: number; readonly low: number; readonly high: number };
	readonly verdict: Verdict;
}

/**
 * Whether some stuff or way is worth the work: what an hour at it brings against what an hour is worth to the grower;
 * where the guesses leave it open that is said. Without a price of char nothing can be told.
 * @example judgeEffort({ name: 'hazel', minutes: byClock(840), cash: 0, char_l: 90 }, { char: 1.2, hour: 12 }).verdict
 * // 'not-worth': an hour brought 7.71
 */
export function judgeEffort(effort: Effort, prices: Prices): Judged | undefined {
	const perLitre = eachOf(effort.minutes, effort.cash, effort.char_l);
	if (!perLitre) return undefined;
	const { char, hour } = prices;
	const brings =
		char === undefined ? undefined : hourBrings(char * effort.char_l, effort.cash, effort.minutes);
	if (!brings) return { ...effort, perLitre, verdict: 'no-price' };
	// Nobody said what an hour is worth: only what costs more cash than it spares is surely not worth it.
	const wanted = hour ?? 0;
	const verdict =
		brings.low >= wanted && brings.value > 0
			? 'worth'
			: brings.high < wanted || brings.value <= 0
				? 'not-worth'
				: 'unclear';
	return { ...effort, perLitre, brings, verdict };
}

/** So much of hours that were told of nothing falls to each, by the char it gave. */
export const fallsTo = (general: Range, char_l: number, all_l: number): Range => {
	const share = all_l > 0 ? char_l / all_l : 0;
	return {
		value: general.value * share,
		low: general.low * share,
		high: general.high * share
	};
};
