import { saltySlurry_dS_m, slow_mm_h } from '../beds';
import type { ClueId } from './data/causes';

/** What the books hold of a bed, as far as it bears on what may ail it. */
export interface BooksOfBed {
	readonly isCovered: boolean;
	/** Days since raw or uncured char went on it, and fresh chips; undefined where none did. */
	readonly rawChar_d?: number | undefined;
	readonly chips_d?: number | undefined;
	/** Of this season: nitrogen that plants can take, g/m², and what its crops want at least; without crops none. */
	readonly nitrogen_g_m2: number;
	readonly wanted_g_m2?: number | undefined;
	readonly isHeavyFeeder: boolean;
	readonly isLight: boolean;
	readonly staysWet: boolean;
	/** Wood ash within a year, g/m², and whether it is over what a year bears. */
	readonly ash_g_m2: number;
	readonly isOverCap: boolean;
	/** Potassium within half a year, g/m². */
	readonly potassium_g_m2: number;
	/** As it was read within a year. */
	readonly ph?: number | undefined;
	/** Days since urine, fresh manure or a liquid feed went on. */
	readonly strong_d?: number | undefined;
	readonly salt_dS_m?: number | undefined;
	/** Straw, hay, manure or compost of a field nobody knows within a year. */
	readonly hadSuspect: boolean;
	readonly failedBeans: boolean;
	readonly infiltration_mm_h?: number | undefined;
	readonly isSameFamily: boolean;
	readonly isOutOfWindow: boolean;
}

/** Windows and bounds of the clues. Source: judged, as the table. */
export const clueBounds = Object.freeze({
	rawChar_d: 90,
	chips_d: 182,
	strong_d: 14,
	noNitrogen_g_m2: 1,
	muchPotassium_g_m2: 20
});

const within = (since: number | undefined, days: number) => since !== undefined && since <= days;

/** Asked of the grower; the books don't know them. */
export const askedClues = Object.freeze([
	'ten-dry-days',
	'much-rain',
	'cold-soil',
	'trodden'
] as const) satisfies readonly ClueId[];

/** Clues that the books give, each one time. */
export function cluesOf(books: BooksOfBed): readonly ClueId[] {
	const { ph, infiltration_mm_h: seep } = books;
	const raw = within(books.rawChar_d, clueBounds.rawChar_d);
	const chips = within(books.chips_d, clueBounds.chips_d);
	const held: readonly (readonly [ClueId, boolean])[] = [
		['no-cover', !books.isCovered],
		['raw-char-lately', raw],
		['chips-lately', chips],
		['no-raw-no-chips', !raw && !chips],
		['no-nitrogen', books.nitrogen_g_m2 < clueBounds.noNitrogen_g_m2],
		['heavy-feeder', books.isHeavyFeeder],
		['fed-enough', books.wanted_g_m2 !== undefined && books.nitrogen_g_m2 >= books.wanted_g_m2],
		['light-soil', books.isLight],
		['ash-within-year', books.ash_g_m2 > 0],
		['much-potash', books.ash_g_m2 > 0 || books.potassium_g_m2 >= clueBounds.muchPotassium_g_m2],
		['over-cap', books.isOverCap],
		['ph-7.3', ph !== undefined && ph >= 7.3],
		['ph-6.5', ph !== undefined && ph <= 6.5],
		['ph-5.4', ph !== undefined && ph <= 5.4],
		['ph-5.8', ph !== undefined && ph > 5.4 && ph <= 5.8],
		['ph-6.2', ph !== undefined && ph >= 6.2],
		['strong-lately', within(books.strong_d, clueBounds.strong_d)],
		['salty', books.salt_dS_m !== undefined && books.salt_dS_m > saltySlurry_dS_m],
		['suspect-stuff', books.hadSuspect],
		['failed-beans', books.failedBeans],
		['slow-5', seep !== undefined && seep < slow_mm_h.waterlogged],
		['slow-15', seep !== undefined && seep >= slow_mm_h.waterlogged && seep < slow_mm_h.compacted],
		['stays-wet', books.staysWet],
		['same-family', books.isSameFamily],
		['out-of-window', books.isOutOfWindow]
	];
	return held.flatMap(([clue, holds]) => (holds ? [clue] : []));
}
