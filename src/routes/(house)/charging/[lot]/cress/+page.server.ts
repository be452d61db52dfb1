import { testSchema } from '$lib/input/batch';
import { act, deskOf, newActId } from '$lib/server/page';
import { testCharge } from '$lib/server/usecases/test-charge';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	const charge = books.batches.maybeOne(event.params.lot) ?? error(404, 'No such charge');
	return {
		actId: newActId(),
		code: charge.code,
		name: charge.name,
		before: books.tests
			.of(charge.lotId)
			.filter(({ found }) => found.cress !== undefined)
			.reverse()
	};
};

export const actions: Actions = {
	test: (event) =>
		act(event, 'test', (r, values) => testSchema(r, event.params.lot, values), testCharge)
};
