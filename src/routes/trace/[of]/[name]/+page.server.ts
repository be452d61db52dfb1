import { deskOf } from '$lib/server/page';
import { pictureOf, recallOf, type Traced } from '$lib/server/questions/ledger';
import type { Books } from '$lib/server/db/books';
import { heldBecause } from '$lib/server/questions/standing';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	const { of, name } = event.params;
	const traced = tracedBy(books, of, name) ?? error(404, 'No such lot or bed');
	const picture = pictureOf(books, traced);
	return {
		picture,
		recall: 'lot' in traced ? recallOf(books, picture) : undefined,
		held: 'lot' in traced ? heldBecause(books, traced.lot.id) : undefined,
		all: event.url.searchParams.get('rows') === 'all',
		as: event.url.searchParams.get('as') === 'kg' ? ('kg' as const) : ('L' as const)
	};
};

function tracedBy(books: Books, of: string, name: string): Traced | undefined {
	if (of === 'lot') {
		const lot = books.ledger.maybeLotEver(name);
		return lot ? { lot } : undefined;
	}
	const bed = of === 'bed' ? books.beds.maybeOne(name) : null;
	return bed ? { bed } : undefined;
}
