import { recipeOf, type StartBy } from '$lib/core/brews';
import { sayDay, sayMoment, type Almanac } from '$lib/format/dates';
import { capital, count } from '$lib/format/words';

interface Round {
	readonly at_ms: number;
	readonly state: string;
	readonly starts: readonly StartBy[];
	readonly served?: string;
}

interface Facts {
	readonly programme: { readonly name: string };
	readonly now?: Round;
	readonly next?: Round;
}

/** What is due this month, and what must I start for it? */
export function programmesAnswer(lines: readonly Facts[], almanac: Almanac): string {
	if (lines.length === 0) return 'No programme yet: say which beds, how often, and with what';
	const due = lines.filter(({ now }) => now !== undefined);
	const starts = lines
		.flatMap(({ now, next, programme }) =>
			[now, next].flatMap((round) =>
				(round?.starts ?? [])
					.filter(({ uses }) => uses === undefined)
					.map((start) => ({ ...start, name: programme.name }))
			)
		)
		.sort((a, b) => a.start_ms - b.start_ms);
	const [first] = starts;
	const start = first
		? first.start_ms < almanac.now_ms
			? `${recipeOf(first.recipe).name} for it should have been started ${sayMoment(first.start_ms, almanac)}`
			: `start ${recipeOf(first.recipe).name} ${sayMoment(first.start_ms, almanac)}`
		: '';
	if (due.length > 0) {
		const one = due[0]!;
		const what =
			due.length === 1
				? `The round of ${one.programme.name} is due`
				: capital(count(due.length, 'round is due', 'rounds are due'));
		return one.now?.served
			? `${what}, and ${one.now.served} serves it`
			: `${what}${start ? `; ${start}` : ''}`;
	}
	const next = lines
		.flatMap(({ next }) => (next ? [next] : []))
		.sort((a, b) => a.at_ms - b.at_ms)[0];
	if (!next) return 'Every programme has run its course';
	return `The next round is on ${sayDay(next.at_ms, almanac)}${start ? `; ${start}` : next.served ? `, and ${next.served} serves it` : ''}`;
}
