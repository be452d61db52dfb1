import { stuffOfMaterial, type Kit } from '$lib/core/fate';
import { inLitres } from '$lib/core/units';
import { fateSchema } from '$lib/input/fate-doors';
import { act, asked, deskOf, newActId } from '$lib/server/page';
import { refusedLots } from '$lib/server/questions/applying';
import { heapLines } from '$lib/server/questions/heaps';
import { heldLots } from '$lib/server/questions/held';
import { goodsInStock, vesselsInUse } from '$lib/server/questions/in-stock';
import { mulchBeds } from '$lib/server/questions/mulch-beds';
import { ownCrops } from '$lib/server/questions/stands';
import { tubsHold } from '$lib/server/questions/vessels';
import { stackLines } from '$lib/server/questions/woodyard';
import { chooseFates } from '$lib/server/usecases/choose-fates';
import type { Books } from '$lib/server/db/books';
import type { PileSource } from './reckoning';
import type { Actions, PageServerLoad } from './$types';

const mostSources = 16;
const mostVessels = 12;

export const load: PageServerLoad = (event) => {
	const { books, now_ms, settings } = deskOf(event);
	const uses = vesselsInUse(books);
	const holds = tubsHold(books, now_ms);
	const tubs = uses.filter(({ usedFor, name }) => usedFor === 'tub' && !holds.has(name));
	const heaps = heapLines(books, now_ms).map(({ heap }) => ({
		code: heap.code,
		name: heap.name,
		way: heap.start.way
	}));
	const hasWay = (way: string) => heaps.some((heap) => heap.way === way);
	// What the books know of; the rest is ticked.
	const kit: readonly Kit[] = [
		...(uses.some(({ usedFor }) => usedFor !== 'tub') ? ['kiln' as const] : []),
		...(uses.some(({ usedFor }) => usedFor === 'tub') ? ['barrel' as const] : []),
		...(hasWay('worms') ? ['worm-bin' as const] : []),
		...(hasWay('leaf-mould') ? ['hoop' as const] : []),
		...(hasWay('path') ? ['path' as const] : [])
	];
	return {
		actId: newActId(),
		asked: asked(event.url),
		kit,
		heaps: heaps.slice(0, mostSources),
		vessels: tubs.slice(0, mostVessels).map(({ name, capacity_l }) => ({ name, capacity_l })),
		beds: mulchBeds(books, now_ms),
		ownCrops: ownCrops(books),
		sources: sourcesIn(books),
		timeZone: settings.timeZone
	};
};

/** What lies about in the books and may go one of the ways: soft stuff in stock, and wood. */
function sourcesIn(books: Books): readonly PileSource[] {
	const held = heldLots(books);
	const refused = refusedLots(books);
	const stock = goodsInStock(books).flatMap(({ code, name, lotId, material, volume_ul }) => {
		const stuff = stuffOfMaterial[material];
		const isFree = !held.has(lotId) && !refused.has(lotId);
		return stuff && isFree ? [{ code, name, stuff, left_l: inLitres(volume_ul) }] : [];
	});
	const wood = stackLines(books).flatMap(({ stack, held: why }) =>
		why === undefined
			? [
					{
						...{ code: stack.code, name: stack.name, stuff: 'woody-thin' as const },
						left_l: inLitres(stack.volume_ul)
					}
				]
			: []
	);
	return [...stock.slice(0, mostSources), ...wood.slice(0, mostSources)];
}

export const actions: Actions = {
	begin: (event) => act(event, 'begin', fateSchema, chooseFates)
};
