import { lately, type CultureLine } from '$lib/core/brews';
import { deskOf, partOf } from '$lib/server/page';
import { cultureLines } from '$lib/server/questions/brews';
import { linesAnswer } from './answer';
import type { PageServerLoad } from './$types';

const perPage = 4;
const mostDrawn = 24;

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	const lines = cultureLines(books);
	const part = partOf(event.url, lines, perPage);
	return { ...part, answer: linesAnswer(lines), rows: part.rows.map(shown) };
};

/** Long lines are drawn from their newest back. */
const shown = ({ members, ...line }: CultureLine) => ({ ...line, ...lately(members, mostDrawn) });
