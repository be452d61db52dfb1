import { stackSchema } from '$lib/server/input/woodyard';
import { act, asked, deskOf, newActId } from '$lib/server/page';
import { burnableOf, inOrderOfUse, stackLines } from '$lib/server/questions/woodyard';
import { measureStack } from '$lib/server/usecases/measure-stack';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	const stacks = inOrderOfUse(
		stackLines(books).map((line) => ({ ...line, burnable: burnableOf(line) }))
	);
	return { actId: newActId(), asked: asked(event.url), stacks };
};

export const actions: Actions = {
	measure: (event) => act(event, 'measure', stackSchema, measureStack)
};
