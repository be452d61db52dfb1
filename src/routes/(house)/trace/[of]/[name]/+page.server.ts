import { verbWords } from '$lib/format/room-words';
import { deskOf, pageOf } from '$lib/server/page';
import {
	pictureOfBed,
	pictureOfLot,
	recallOf,
	type FlowPicture
} from '$lib/server/questions/ledger';
import { bedNamed, lifeOf } from '$lib/server/questions/kept-beds';
import { heldBecause } from '$lib/server/questions/standing';
import { error } from '@sveltejs/kit';
import { ancestorsOf } from './answer';
import { pack } from './strands';
import type { PageServerLoad } from './$types';

/** Spreadings of a bed on one picture: more could not be told apart. */
const perPage = 10;
/** Acts in its table, the newest; a link has all of them. */
const mostRows = 16;

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
	const { start, nodes, lines } = picture;
	const as = event.url.searchParams.get('as') === 'kg' ? ('kg' as const) : ('L' as const);
	const listed = event.url.searchParams.get('rows') === 'all' ? lines.length : mostRows;
	return {
		start,
		...counted(picture),
		picture: pack(
			nodes,
			lines.map(({ from, to, litres, kgDry }) => ({
				from,
				to,
				amount: as === 'kg' ? kgDry : litres
			}))
		),
		// In words already: a page that named every act of every room would carry all their names.
		rows: lines
			.slice(-listed)
			.map(({ verb, ...line }) => ({ ...line, did: verbWords[verb] ?? verb })),
		earlier: Math.max(0, lines.length - listed),
		spreads,
		/** Which of them are drawn, counted from the newest. */
		span: [skip + 1, Math.min(spreads, skip + perPage)] as const,
		page,
		pages,
		recall: lot ? recallOf(books, picture) : undefined,
		held: lot ? heldBecause(books, lot.id) : undefined,
		as
	};
};

/** How many lots it came from, and how many came of it. */
function counted({ start, nodes, lines }: FlowPicture) {
	const before = ancestorsOf(start, lines);
	const isOther = ({ node, kind }: FlowPicture['nodes'][number]) =>
		kind !== 'bed' && kind !== 'gas-and-ash' && node !== start && !before.has(node);
	return { from: before.size, made: nodes.filter(isOther).length };
}

const named = ({ id, code }: { id: number; code: string }) => [id, code] as const;
