import { stateAt, type BandState, type Warmth, type Window } from '../time';
import type { RecipeId, Smell } from './data/recipe';
import { recipeOf, verdictOf } from './data/recipes';
import { diedAt, whenAged, whenWorked } from './clock';

/** Of its longest time: until then at its best, and until then of any use, where no recipe says other. */
const lasts = Object.freeze({ best: 1.3, fading: 1.6 });

/** A time without its pump; null while it stands. */
export interface PumpRest {
	readonly off_ms: number;
	readonly on_ms: number | null;
}

/** When its pump stood, of what was done with a brew, in any order. */
export function pumpRests(
	done: readonly { readonly fact: string; readonly at_ms: number }[]
): readonly PumpRest[] {
	const turns = done
		.filter(({ fact }) => fact === 'pump-stopped' || fact === 'pump-started')
		.toSorted((a, b) => a.at_ms - b.at_ms);
	return turns.flatMap(({ fact, at_ms }, i) =>
		fact === 'pump-stopped' ? [{ off_ms: at_ms, on_ms: turns[i + 1]?.at_ms ?? null }] : []
	);
}

/** What happened to a brew that its window goes by. */
export interface BrewHappened {
	/** When its pump stood, oldest first. */
	readonly rests?: readonly PumpRest[];
	/** When a nose first found it ripe. */
	readonly ripe_ms?: number | null;
	/** Each time it was fed, oldest first. */
	readonly fed_ms?: readonly number[];
}

/**
 * When a brew may be used, is best, fades and is off, on the clock of its temperatures. What keeps, keeps from
 * the smell that found it ripe, else from the middle of its time, and again from each feeding; an aired one goes
 * on to 1.3 and 1.6 × its longest time, or for the hours it keeps while its pump stands.
 */
export function brewWindow(
	id: RecipeId,
	warmth: readonly Warmth[],
	happened: BrewHappened = {}
): Window {
	const start_ms = warmth[0]?.from_ms ?? 0;
	const [low, high] = recipeOf(id).hours;
	const usable = whenWorked(warmth, low);
	const best = whenWorked(warmth, (low + high) / 2);
	const [fading, past] = endsOf(id, warmth, { usable, best }, happened);
	const before = (at: number | null, end: number | null) =>
		at !== null && end !== null && at >= end ? null : at;
	const first = before(usable, past);
	if (first === null)
		return { start_ms, usable_ms: null, best_ms: null, fading_ms: null, past_ms: past };
	return {
		start_ms,
		usable_ms: first,
		best_ms: before(best, fading),
		// Stopped before its hour it is past its freshness the moment it may be used.
		fading_ms: fading === null ? null : Math.max(first, fading),
		past_ms: past
	};
}

/** When it fades and when it is past; what died is past from then. */
function endsOf(
	id: RecipeId,
	warmth: readonly Warmth[],
	{ usable, best }: { usable: number | null; best: number | null },
	{ rests = [], ripe_ms = null, fed_ms = [] }: BrewHappened
): readonly [fading: number | null, past: number | null] {
	const { hours, keeps } = recipeOf(id);
	const died = diedAt(warmth);
	const earliest = (...ends: (number | null)[]) => {
		const known = ends.filter((end) => end !== null);
		return known.length > 0 ? Math.min(...known) : null;
	};
	if (keeps?.from === 'ripe') {
		if (usable === null) return [died, died];
		const spent = (since_ms: number) => whenAged(warmth, keeps.hours[1], since_ms);
		const byClock = Math.max(usable, best ?? usable);
		// Neither a nose nor food brings back what was off by then.
		const isInTime = ripe_ms !== null && ripe_ms <= spent(byClock);
		const ripe = isInTime ? Math.max(usable, ripe_ms) : byClock;
		const since = fed_ms.reduce(
			(last, fed) => (fed > last && fed <= spent(last) ? fed : last),
			ripe
		);
		const [fading, past] = keeps.hours.map((kept) => earliest(whenAged(warmth, kept, since), died));
		return [fading ?? null, past ?? null];
	}
	const [fresh, kept] = keeps?.hours ?? [0, 0];
	const until = (worked: number, keeps_h: number) => {
		const stood = rests.map(({ off_ms, on_ms }) => {
			const spent = whenWorked(warmth, keeps_h, off_ms);
			return spent !== null && (on_ms === null || spent <= on_ms) ? spent : null;
		});
		return earliest(whenWorked(warmth, worked), ...stood, died);
	};
	return [until(hours[1] * lasts.best, fresh), until(hours[1] * lasts.fading, kept)];
}

export interface SmellCheck {
	readonly at_ms: number;
	readonly smell: Smell;
}

/** How a brew stands: by its clock, and by what a nose said of it. */
export type BrewState = 'working' | 'wants-smell' | 'ripe' | 'fading' | 'past' | 'failed';

/** When a nose first found it as it should be, its hour come. */
export const foundRipe = (
	id: RecipeId,
	usable_ms: number | null,
	smells: readonly SmellCheck[]
): number | null => {
	const found = smells
		.filter(({ at_ms, smell }) => at_ms >= (usable_ms ?? Infinity) && isGood(id, smell))
		.map(({ at_ms }) => at_ms);
	return found.length > 0 ? Math.min(...found) : null;
};

/** A doubtful growth is used by some: the line is marked, and the brew stands by its hour. */
const isGood = (id: RecipeId, smell: Smell) =>
	['as-it-should', 'doubtful'].includes(verdictOf(id, smell));

/**
 * Ripe is an hour and a smell: the newest smell counts, and only one taken once its hour had come says that it is
 * ripe. One that says it has failed overrides any hour and any later smell: what grew in it is still there.
 */
export function brewState(
	id: RecipeId,
	window: Window,
	smells: readonly SmellCheck[],
	now_ms: number
): { readonly state: BrewState; readonly band: BandState } {
	const band = stateAt(window, now_ms);
	const known = smells.filter(({ at_ms }) => at_ms <= now_ms);
	const newest = known.reduce<SmellCheck | undefined>(
		(last, one) => (last && last.at_ms > one.at_ms ? last : one),
		undefined
	);
	if (known.some(({ smell }) => verdictOf(id, smell) === 'failed'))
		return { state: 'failed', band };
	if (band === 'past') return { state: 'past', band };
	if (band === 'working') return { state: 'working', band };
	// What is good as it comes wants no nose to say so.
	const needsTold = recipeOf(id).hours[1] > 0;
	const isTold = newest !== undefined && newest.at_ms >= (window.usable_ms ?? Infinity);
	if (needsTold && (!isTold || !isGood(id, newest.smell))) return { state: 'wants-smell', band };
	return { state: band === 'fading' ? 'fading' : 'ripe', band };
}
