import { inLitres } from '$lib/core/units';
import { isCulture, recipeOf } from '$lib/core/brews';
import { hours } from '$lib/core/time';
import { brewPlanPath } from '$lib/format/paths';
import { deskOf, partOf } from '$lib/server/page';
import { brewLines, brewsUsedUp, type BrewLine } from '$lib/server/questions/brews';
import { programmeLines } from '$lib/server/questions/programmes';
import { nextOf } from '$lib/server/rooms/brews';
import type { Books } from '$lib/server/db/books';
import { brewsAnswer } from './answer';
import { drawn } from './shown.server';
import type { PageServerLoad } from './$types';

const mostUsed = 12;
const perPage = 12;
const mostStarts = 8;

export const load: PageServerLoad = (event) => {
	const { books, now_ms, reading } = deskOf(event);
	const almanac = { timeZone: reading.timeZone, now_ms };
	const lines = brewLines(books, now_ms);
	const starts = startsOf(books, now_ms);
	const order = [...lines].sort((a, b) => rank(a) - rank(b));
	const { rows, ...part } = partOf(event.url, order, perPage);
	return {
		...part,
		answer: brewsAnswer(
			lines.map(({ brew, state }) => ({ recipe: brew.recipe, state })),
			starts.map(({ recipe }) => recipe)
		),
		lines: rows.map((line) => ({
			code: line.brew.code,
			name: line.brew.name,
			recipe: line.brew.recipe,
			state: line.state,
			window: line.window,
			says: nextOf(line, { almanac }),
			held_l: inLitres(line.brew.volume_ul),
			group: groupOf(line),
			drawing: drawn(books, line, reading.system)
		})),
		starts: starts.slice(0, mostStarts),
		startsLeft: Math.max(0, starts.length - mostStarts),
		usedUp: brewsUsedUp(books, mostUsed)
	};
};

const startsOf = (books: Books, now_ms: number) =>
	programmeLines(books, now_ms).flatMap(({ programme, rounds, needs_l }) =>
		rounds.flatMap(({ starts, at_ms }) =>
			starts
				.filter(({ uses, start_ms }) => uses === undefined && start_ms <= now_ms + hours(24))
				.map(({ recipe, start_ms }) => ({
					recipe,
					start_ms,
					href: brewPlanPath(recipe, { recipe: programme.recipe, needs_l }),
					for_ms: at_ms,
					programme: programme.name
				}))
		)
	);

const groups = ['now', 'works', 'shelf'] as const;
const rank = (line: BrewLine) => groups.indexOf(groupOf(line));

/** By the hour, by the week, or on the shelf. */
function groupOf({ brew, state, window }: BrewLine): (typeof groups)[number] {
	const stays = (window.past_ms ?? Infinity) - (window.usable_ms ?? 0) > hours(24 * 14);
	if (state === 'working') return 'works';
	if (state === 'failed' || state === 'wants-smell') return 'now';
	return isCulture(brew.recipe) || !recipeOf(brew.recipe).soil || stays ? 'shelf' : 'now';
}
