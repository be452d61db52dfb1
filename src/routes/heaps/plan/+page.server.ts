import { carbonOf, heapMaterials } from '$lib/core/heaps';
import { materialOf, type MaterialId } from '$lib/core/materials';
import { inLitres } from '$lib/core/units';
import { heapSchema } from '$lib/input/heaps';
import { act, asked, deskOf, newActId } from '$lib/server/page';
import { refusedLots } from '$lib/server/questions/applying';
import { heldLots } from '$lib/server/questions/held';
import { charsInStock, goodsInStock } from '$lib/server/questions/in-stock';
import { analysesOf } from '$lib/server/questions/stock';
import { startHeap } from '$lib/server/usecases/heaps/start-heap';
import type { Books } from '$lib/server/db/books';
import type { HeapStock } from './told';
import type { Actions, PageServerLoad } from './$types';

/** As many lots as one chooses from: the fullest. */
const mostLots = 14;

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	return {
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
		.map(({ code, name, volume_ul, composition, material }): HeapStock => ({
			...{ code, name, composition, left_l: inLitres(volume_ul) },
			isAsh: materialOf(material).sort === 'ash'
		}));
	const chars = charsInStock(books)
		.filter(({ lotId }) => !held.has(lotId))
		.slice(0, 3)
		.map(({ code, name, volume_ul }): HeapStock => ({
			...{ code, name, left_l: inLitres(volume_ul), isAsh: false }
		}));
	return [...goods.slice(0, mostLots), ...chars];
}

export const actions: Actions = {
	start: (event) => act(event, 'start', heapSchema, startHeap)
};
