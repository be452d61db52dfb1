import { searchDay, whatHelps, type Day, type Helps, type Searched } from '$lib/core/days';

/** What the page asks of the worker, and what it hears. */
export interface Asked {
	readonly day: Day;
	readonly tries: number;
}
export type SearchTold = (Searched & { readonly done: boolean }) | { readonly helps: Helps };

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
	let step = search.next();
	for (; !step.done; step = search.next())
		postMessage({ ...step.value, done: false } satisfies SearchTold);
	postMessage({ ...step.value, done: true } satisfies SearchTold);
	const asking = whatHelps(day, step.value.best.end, tries, chances());
	let help = asking.next();
	while (!help.done) help = asking.next();
	postMessage({ helps: help.value } satisfies SearchTold);
});
