import { bedSchema } from '$lib/input/beds';
import { act, asked, deskOf, newActId } from '$lib/server/page';
import { measureBed } from '$lib/server/usecases/measure-bed';
import type { Actions, PageServerLoad } from './$types';

/** Nothing of the books is looked at: the ground is typed here. */
export const load: PageServerLoad = (event) => {
	deskOf(event);
	return { actId: newActId(), asked: asked(event.url) };
};

export const actions: Actions = {
	keep: (event) => act(event, 'keep', bedSchema, measureBed)
};
