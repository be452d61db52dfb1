import { recipeOf, type BrewState, type RecipeId } from '$lib/core/brews';
import { days, type Window } from '$lib/core/time';
import { sayDay, sayMoment, type Almanac } from '$lib/format/dates';
import { brewWords } from '$lib/format/rooms/brews';
import { capital, count, list } from '$lib/format/words';

interface BrewFacts {
	readonly code: string;
	readonly recipe: RecipeId;
	readonly state: BrewState;
	readonly window: Window;
	readonly volume_ul: number;
	/** Too cold for it to work. */
	readonly asleep?: boolean;
}

const told: readonly (readonly [BrewState, string, string])[] = [
	['failed', 'has failed', 'have failed'],
	['ripe', 'is ripe', 'are ripe'],
	['fading', 'is fading', 'are fading'],
	['wants-smell', 'wants a nose', 'want a nose'],
	['past', 'is off', 'are off'],
	['working', 'works', 'work']
];

/** What is ripe this hour, what is going off, and what must be started today? */
export function brewsAnswer(
	lines: readonly Pick<BrewFacts, 'state' | 'recipe'>[],
	toStart: readonly RecipeId[] = []
): string {
	const start =
		toStart.length === 0
			? ''
			: `; ${list([...new Set(toStart)].map((id) => recipeOf(id).name))} must be started today`;
	// What feeds other brews waits in its jar: it is not what one asks for.
	const used = lines.filter(({ recipe, state }) => state === 'failed' || recipeOf(recipe).soil);
	if (used.length === 0)
		return start === ''
			? 'Nothing brews: a pail, rain water and castings make a tea in a day'
			: `Nothing brews${start}`;
	const parts = told.flatMap(([state, one, many]) => {
		const n = used.filter((line) => line.state === state).length;
		return n > 0 ? [count(n, `brew ${one}`, `brews ${many}`)] : [];
	});
	const besides = lines.length - used.length;
	const kept = besides > 0 ? `, besides ${count(besides, 'culture', 'cultures')} on the shelf` : '';
	return `${capital(list(parts))}${kept}${start}`;
}

/** Is it good, and until when? */
export function brewAnswer(
	{ code, recipe, state, window, volume_ul, asleep = false }: BrewFacts,
	almanac: Almanac
): string {
	const { usable_ms, past_ms } = window;
	// What is good for weeks is told by its day.
	const at = (ms: number) =>
		ms - window.start_ms > days(10) ? sayDay(ms, almanac) : sayMoment(ms, almanac);
	const { soil, end } = recipeOf(recipe);
	if (volume_ul <= 0) return `${code} is used up`;
	if (state === 'failed')
		return end === 'unopened'
			? `${code} has failed: discard it unopened`
			: `${code} has failed: pour it on a heap, not on food`;
	if (usable_ms === null && asleep)
		return `${code} sleeps in the cold: once it is warmer its hours go on`;
	if (usable_ms === null)
		return `${code} comes to nothing: it was too hot, or too long without air`;
	if (state === 'past')
		return past_ms === null ? `${code} is off` : `${code} is off since ${at(past_ms)}`;
	if (state === 'working') return `${code} is ripe from ${at(usable_ms)}`;
	const before =
		past_ms === null
			? ''
			: soil
				? `; use it before ${at(past_ms)}`
				: `; it keeps until ${at(past_ms)}`;
	if (state === 'wants-smell') return `The hour of ${code} has come: smell it${before}`;
	return `${code} is ${brewWords[state]}${before}`;
}
