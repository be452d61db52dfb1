import { charWithin } from '$lib/core/char';
import { carbonOf, heapMaterials } from '$lib/core/heaps';
import { materialOf, type MaterialId } from '$lib/core/materials';
import { inLitres } from '$lib/core/units';
import { heapSchema } from '$lib/input/heaps';
import { act, asked, deskOf, newActId } from '$lib/server/page';
import { refusedLots } from '$lib/server/questions/applying';
import { heldLots } from '$lib/server/questions/held';
import {
	brewsInStock,
	chargesInStock,
	charsInStock,
	goodsInStock
} from '$lib/server/questions/in-stock';
import { analysesOf } from '$lib/server/questions/stock';
import { startHeap } from '$lib/server/usecases/heaps/start-heap';
import type { Books } from '$lib/server/db/books';
import type { HeapStock } from './told';
import type { Actions, PageServerLoad } from './$types';

/** As many lots as one chooses from: the fullest. */
const mostLots = 14;
const mostPoured = 4;

export const load: PageServerLoad = (event) => {
	const { books, settings } = deskOf(event);
	return {
		latitude: settings.latitude ?? undefined,
		actId: newActId(),
		asked: asked(event.url),
		stock: stockFor(books),
		analyses: analysesOf(books, heapMaterials)
	};
};

const goesOn = (material: MaterialId) =>
	carbonOf(material) !== undefined || materialOf(material).sort === 'ash';

/** What is held may not go in: it is not offered. */
function stockFor(books: Books): readonly HeapStock[] {
	const held = heldLots(books);
	const refused = refusedLots(books);
	const goods = goodsInStock(books)
		.filter(({ lotId, material }) => !held.has(lotId) && !refused.has(lotId) && goesOn(material))
		.toSorted((a, b) => b.volume_ul - a.volume_ul)
		.map(({ code, name, volume_ul, composition, material, contents }): HeapStock => ({
			...{ code, name, composition, left_l: inLitres(volume_ul) },
			...{ isAsh: materialOf(material).sort === 'ash', isChar: false },
			charShare: charWithin(contents).value / inLitres(volume_ul)
		}));
	const free = ({ lotId }: { readonly lotId: number }) => !held.has(lotId);
	const bare = { isAsh: false, isChar: false };
	const chars = charsInStock(books)
		.filter(free)
		.slice(0, 3)
		.map((one): HeapStock => ({ ...bare, ...named(one), isChar: true, charShare: 1 }));
	const brews = brewsInStock(books)
		.filter(free)
		.slice(0, mostPoured)
		.map((one): HeapStock => ({ ...bare, ...named(one), isLiquid: true }));
	const charges = chargesInStock(books)
		.filter(free)
		.slice(0, mostPoured)
		.map((one): HeapStock => ({ ...bare, ...named(one), charShare: one.charShare.value }));
	return [...goods.slice(0, mostLots), ...chars, ...brews, ...charges];
}

const named = ({
	code,
	name,
	volume_ul
}: {
	readonly code: string;
	readonly name: string;
	readonly volume_ul: number;
}) => ({ code, name, left_l: inLitres(volume_ul) });

export const actions: Actions = {
	start: (event) => act(event, 'start', heapSchema, startHeap)
};
