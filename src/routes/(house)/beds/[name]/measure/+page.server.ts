import { bedNamed } from '$lib/server/questions/kept-beds';
import { bedAgainSchema } from '$lib/input/beds';
import { act, deskOf, newActId, undo } from '$lib/server/page';
import { measureBed } from '$lib/server/usecases/measure-bed';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	const bed = bedNamed(books, event.params.name) ?? error(404, 'No such bed');
	return { actId: newActId(), undoId: newActId(), bed };
};

export const actions: Actions = {
	measure: (event) =>
		act(event, 'measure', (reading) => bedAgainSchema(reading, event.params.name), measureBed),
	undo: (event) => undo(event, '/beds')
};
