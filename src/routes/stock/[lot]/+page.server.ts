import { deskOf } from '$lib/server/page';
import { heldBecause } from '$lib/server/questions/standing';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	const stock = books.stock.maybeOne(event.params.lot) ?? error(404, 'Nothing of that in stock');
	return {
		stock,
		held: heldBecause(books, stock.lotId),
		beds: books.beds.names()
	};
};
