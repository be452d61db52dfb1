import { vesselSchema } from '$lib/server/input/vessels';
import { act, asked, deskOf, newActId } from '$lib/server/page';
import { measureVessel } from '$lib/server/usecases/measure-vessel';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

/** The name under which a vessel not yet measured is asked for. */
const unmeasured = 'new';

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	const vessel = books.vessels.maybeOne(event.params.name);
	if (!vessel && event.params.name !== unmeasured) error(404, 'No such vessel');
	return { actId: newActId(), asked: asked(event.url), vessel };
};

export const actions: Actions = {
	measure: (event) => act(event, 'measure', vesselSchema, measureVessel)
};
