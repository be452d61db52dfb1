import { vesselSchema } from '$lib/input/vessels';
import { act, asked, deskOf, newActId, undo } from '$lib/server/page';
import { insideOf } from '$lib/server/questions/vessels';
import { measureVessel } from '$lib/server/usecases/measure-vessel';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

/** The name under which a vessel not yet measured is asked for. */
const unmeasured = 'new';

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const vessel = books.vessels.maybeOne(event.params.name);
	if (!vessel && event.params.name !== unmeasured) error(404, 'No such vessel');
	return {
		actId: newActId(),
		undoId: newActId(),
		asked: asked(event.url),
		vessel,
		inside: vessel ? insideOf(books, vessel, now_ms) : undefined
	};
};

export const actions: Actions = {
	measure: (event) => {
		const { name } = event.params;
		const known = name === unmeasured ? undefined : name;
		return act(event, 'measure', (reading) => vesselSchema(reading, known), measureVessel);
	},
	undo: (event) => undo(event, '/fires')
};
