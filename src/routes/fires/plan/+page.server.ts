import { burnSchema, planSchema } from '$lib/input/fires';
import { act, asked, deskOf, newActId } from '$lib/server/page';
import { planBurn } from '$lib/server/usecases/plan-burn';
import { recordBurn } from '$lib/server/usecases/record-burn';
import type { Actions, PageServerLoad } from './$types';
import { planStacks, planVessels } from './books.server';

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	return {
		actId: newActId(),
		asked: asked(event.url),
		vessels: planVessels(books),
		stacks: planStacks(books)
	};
};

export const actions: Actions = {
	plan: (event) => act(event, 'plan', planSchema, planBurn),
	record: (event) => act(event, 'record', burnSchema, recordBurn)
};
