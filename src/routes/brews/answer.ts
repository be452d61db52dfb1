import type { BrewState } from '$lib/core/brews';
import type { Window } from '$lib/core/time';
import { sayMoment, type Almanac } from '$lib/format/dates';
import { brewWords } from '$lib/format/rooms/brews';
import { capital, count, list } from '$lib/format/words';

interface BrewFacts {
	readonly code: string;
	readonly state: BrewState;
	readonly window: Window;
	readonly volume_ml: number;
}

const told: readonly (readonly [BrewState, string, string])[] = [
	['failed', 'has failed', 'have failed'],
	['ripe', 'is ripe', 'are ripe'],
	['fading', 'is fading', 'are fading'],
	['wants-smell', 'wants a nose', 'want a nose'],
	['past', 'is off', 'are off'],
	['working', 'works', 'work']
];

/** What is ripe this hour, and what is going off? */
export function brewsAnswer(lines: readonly Pick<BrewFacts, 'state'>[]): string {
	if (lines.length === 0)
		return 'Nothing brews: a pail, rain water and castings make a tea in a day';
	const parts = told.flatMap(([state, one, many]) => {
		const n = lines.filter((line) => line.state === state).length;
		return n > 0 ? [count(n, `brew ${one}`, `brews ${many}`)] : [];
	});
	return capital(list(parts));
}

/** Is it good, and until when? */
export function brewAnswer(
	{ code, state, window, volume_ml }: BrewFacts,
	almanac: Almanac
): string {
	const { usable_ms, past_ms } = window;
	const at = (ms: number) => sayMoment(ms, almanac);
	if (volume_ml <= 0) return `${code} is used up`;
	if (state === 'failed') return `${code} has failed: pour it on a heap, not on food`;
	if (usable_ms === null) return `${code} comes to nothing at this temperature`;
	if (state === 'past')
		return past_ms === null ? `${code} is off` : `${code} is off since ${at(past_ms)}`;
	if (state === 'working') return `${code} is ripe from ${at(usable_ms)}`;
	const before = past_ms === null ? '' : `; use it before ${at(past_ms)}`;
	if (state === 'wants-smell') return `The hour of ${code} has come: smell it${before}`;
	return `${code} is ${brewWords[state]}${before}`;
}
