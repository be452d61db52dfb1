import { deskOf, pageOf } from '$lib/server/page';
import { pictureOfBed, pictureOfLot, recallOf } from '$lib/server/questions/ledger';
import { bedNamed, lifeOf } from '$lib/server/questions/kept-beds';
import { heldBecause } from '$lib/server/questions/standing';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

/** Spreadings of a bed on one picture: more could not be told apart. */
const perPage = 10;

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	const { of, name } = event.params;
	const bed = of === 'bed' ? bedNamed(books, name) : null;
	const spreads = bed ? lifeOf(books, bed.id).times : 0;
	const { page, pages, skip } = pageOf(event.url, spreads, perPage);
	const lot = of === 'lot' ? books.ledger.maybeLotEver(name) : null;
	const picture = bed
		? pictureOfBed(books, bed.id, bed.name, perPage, skip)
		: pictureOfLot(books, ...named(lot ?? error(404, 'No such lot or bed')));
	return {
		picture,
		spreads,
		/** Which of them are drawn, counted from the newest. */
		drawn: [skip + 1, Math.min(spreads, skip + perPage)] as const,
		page,
		pages,
		recall: lot ? recallOf(books, picture) : undefined,
		held: lot ? heldBecause(books, lot.id) : undefined,
		all: event.url.searchParams.get('rows') === 'all',
		as: event.url.searchParams.get('as') === 'kg' ? ('kg' as const) : ('L' as const)
	};
};

const named = ({ id, code }: { id: number; code: string }) => [id, code] as const;
