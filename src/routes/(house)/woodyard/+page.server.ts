import { stackSchema } from '$lib/input/woodyard';
import { act, asked, deskOf, newActId, partOf } from '$lib/server/page';
import { stackLines, stackRow } from '$lib/server/questions/woodyard';
import { measureStack } from '$lib/server/usecases/measure-stack';
import { dryToBurn, woodyardAnswer } from './answer';
import type { Actions, PageServerLoad } from './$types';

const perPage = 12;

export const load: PageServerLoad = (event) => {
	const { books, reading } = deskOf(event);
	const lines = stackLines(books);
	const part = partOf(event.url, lines, perPage);
	return {
		actId: newActId(),
		asked: asked(event.url),
		answer: woodyardAnswer(lines, reading.system),
		dryToBurn: dryToBurn(lines),
		stacks: { ...part, rows: part.rows.map(stackRow) },
		spent: books.woodyard.usedUp(12).map(({ code, name }) => ({ code, name }))
	};
};

export const actions: Actions = {
	measure: (event) => act(event, 'measure', stackSchema, measureStack)
};
