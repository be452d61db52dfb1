import { brewState, brewWindow, type BrewState, type SmellCheck } from '../../core/brews';
import { warmthOf, type BandState, type Warmth, type Window } from '../../core/time';
import { celsius } from '../../core/units';
import type { Books } from '../db/books';
import type { Brew } from '../db/brews';
import { remembering } from './remember';

export interface BrewLine {
	readonly brew: Brew;
	readonly warmth: readonly Warmth[];
	readonly window: Window;
	readonly smells: readonly SmellCheck[];
	readonly state: BrewState;
	readonly band: BandState;
}

/** A brew at a moment: its clock by the temperatures read by then, and what noses said. */
export function brewLine(books: Books, brew: Brew, now_ms: number): BrewLine {
	const readings = books.facts
		.temperatures({ lotId: brew.lotId })
		.filter(({ at_ms }) => at_ms <= now_ms);
	const warmth = warmthOf(brew.startedAt_ms, celsius(brew.temperature_c), readings);
	const window = brewWindow(brew.recipe, warmth, brew.stoppedAt_ms);
	const smells = books.brews.smells(brew.lotId);
	return { brew, warmth, window, smells, ...brewState(brew.recipe, window, smells, now_ms) };
}

/** Every brew in stock, those that want something first. */
export const brewLines = remembering((books, now_ms): readonly BrewLine[] =>
	books.brews.inStock().map((brew) => brewLine(books, brew, now_ms))
);
