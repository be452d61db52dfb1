import { searchDay, type Day, type Searched } from '$lib/core/days';

/** What the page asks of the worker, and what it hears. */
export interface Asked {
	readonly day: Day;
	readonly tries: number;
}
export type Told = Searched & { readonly done: boolean };

const seed = 20261124;

/** The same day always gives the same timetable. */
function chances(): () => number {
	let state = seed;
	return () => {
		state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
		return state / 2 ** 32;
	};
}

addEventListener('message', ({ data: { day, tries } }: MessageEvent<Asked>) => {
	const search = searchDay(day, tries, chances());
	for (;;) {
		const step = search.next();
		postMessage({ ...step.value, done: step.done ?? false } satisfies Told);
		if (step.done) return;
	}
});
