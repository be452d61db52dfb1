import { stackSchema } from '$lib/input/woodyard';
import { act, asked, deskOf, newActId } from '$lib/server/page';
import { stackLines, stackRow } from '$lib/server/questions/woodyard';
import { measureStack } from '$lib/server/usecases/measure-stack';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	return {
		actId: newActId(),
		asked: asked(event.url),
		stacks: stackLines(books).map(stackRow),
		spent: books.woodyard.usedUp(12).map(({ code, name }) => ({ code, name }))
	};
};

export const actions: Actions = {
	measure: (event) => act(event, 'measure', stackSchema, measureStack)
};
