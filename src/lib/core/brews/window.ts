import { stateAt, type BandState, type Warmth, type Window } from '../time';
import { recipeOf, type RecipeId, type Smell, type SmellVerdict } from './data/recipes';
import { diedAt, whenWorked } from './clock';

/** Of its longest time: until then at its best, and until then of any use. */
const lasts = Object.freeze({ best: 1.3, fading: 1.6 });

/**
 * When a brew may be used, is best, fades and is off. While it is kept going it is best from the middle of its
 * time to 1.3 × the longest and of use to 1.6 ×; once that stops, only for the hours it keeps. All on the one
 * clock of its temperatures.
 * @param stopped_ms when the pump was stopped, where it was
 */
export function brewWindow(
	id: RecipeId,
	warmth: readonly Warmth[],
	stopped_ms: number | null = null
): Window {
	const { hours, keepsHours } = recipeOf(id);
	const [low, high] = hours;
	const usable = whenWorked(warmth, low);
	const best = whenWorked(warmth, (low + high) / 2);
	const died = diedAt(warmth);
	// The hours it keeps, and the moment it died, end it wherever its own time would have.
	const until = (worked: number, keeps: number) => {
		const kept = stopped_ms === null ? null : whenWorked(warmth, keeps, stopped_ms);
		const ends = [whenWorked(warmth, worked), kept, died].filter((end) => end !== null);
		return ends.length > 0 ? Math.min(...ends) : null;
	};
	const past = until(high * lasts.fading, keepsHours[1]);
	const before = (at: number | null, end: number | null) =>
		at !== null && end !== null && at >= end ? null : at;
	const start_ms = warmth[0]?.from_ms ?? 0;
	const first = before(usable, past);
	if (first === null)
		return { start_ms, usable_ms: null, best_ms: null, fading_ms: null, past_ms: past };
	const fading = until(high * lasts.best, keepsHours[0]);
	return {
		start_ms,
		usable_ms: first,
		best_ms: before(best, fading),
		// Stopped before its hour it is past its freshness the moment it may be used.
		fading_ms: fading === null ? null : Math.max(first, fading),
		past_ms: past
	};
}

export interface SmellCheck {
	readonly at_ms: number;
	readonly smell: Smell;
}

/** How a brew stands: by its clock, and by what a nose said of it. */
export type BrewState = 'working' | 'wants-smell' | 'ripe' | 'fading' | 'past' | 'failed';

export const verdictOf = (id: RecipeId, smell: Smell): SmellVerdict => recipeOf(id).smells[smell];

/**
 * Ripe is an hour and a smell: the newest smell counts, and only one taken once its hour had come says that it is
 * ripe. One that says it has failed overrides any hour.
 */
export function brewState(
	id: RecipeId,
	window: Window,
	smells: readonly SmellCheck[],
	now_ms: number
): { readonly state: BrewState; readonly band: BandState } {
	const band = stateAt(window, now_ms);
	const newest = smells
		.filter(({ at_ms }) => at_ms <= now_ms)
		.reduce<SmellCheck | undefined>(
			(last, one) => (last && last.at_ms > one.at_ms ? last : one),
			undefined
		);
	const verdict = newest && verdictOf(id, newest.smell);
	if (verdict === 'failed') return { state: 'failed', band };
	if (band === 'past') return { state: 'past', band };
	if (band === 'working') return { state: 'working', band };
	const isTold = newest !== undefined && newest.at_ms >= (window.usable_ms ?? Infinity);
	if (!isTold || verdict !== 'as-it-should') return { state: 'wants-smell', band };
	return { state: band === 'fading' ? 'fading' : 'ripe', band };
}
