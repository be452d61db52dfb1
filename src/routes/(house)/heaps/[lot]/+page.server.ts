import { carbonOf, feedPerDay } from '$lib/core/heaps';
import { isMaterial } from '$lib/core/materials';
import { inLitres } from '$lib/core/units';
import { addSchema, liftSchema } from '$lib/input/heaps';
import { act, deskOf, newActId, smallActions } from '$lib/server/page';
import { groundOfHeap, heapLineOf, pathGround, type HeapLine } from '$lib/server/questions/heaps';
import { heldBecause } from '$lib/server/questions/standing';
import { nextOfHeap } from '$lib/server/rooms/heaps';
import { addToHeap } from '$lib/server/usecases/heaps/start-heap';
import { liftHeap } from '$lib/server/usecases/heaps/lift-heap';
import { error } from '@sveltejs/kit';
import { goodsInStock } from '$lib/server/questions/in-stock';
import { heldLots } from '$lib/server/questions/held';
import type { Books } from '$lib/server/db/books';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

/** Readings that a line is drawn through, and layers that a section has. */
const mostReadings = 60;
const mostLayers = 60;
const mostLots = 10;
const mostRemarks = 6;

export const load: PageServerLoad = (event) => {
	const { books, now_ms, reading } = deskOf(event);
	const line =
		heapLineOf(books, event.params.lot.toUpperCase(), now_ms) ?? error(404, 'No such heap');
	const { heap, readings, turned_ms, ...more } = line;
	const saying = { almanac: { timeZone: reading.timeZone, now_ms }, system: reading.system };
	return {
		...more,
		heap: {
			...{ code: heap.code, name: heap.name, start: heap.start },
			...{ startedAt_ms: heap.startedAt_ms, volume_ul: heap.volume_ul },
			nitrogen_g: (heap.went.nitrogen ?? 0) / 1000
		},
		says: nextOfHeap(line, saying),
		readings: readings.toSorted((a, b) => a.at_ms - b.at_ms).slice(-mostReadings),
		turned_ms: turned_ms.slice(0, mostReadings),
		laid: heap.ingredients.slice(0, mostLayers).map(({ material, fromCode, volume_ul, at_ms }) => ({
			...{ material, fromCode, at_ms, litres: inLitres(volume_ul) },
			isCounted: isMaterial(material) && carbonOf(material) !== undefined
		})),
		more: Math.max(0, heap.ingredients.length - mostLayers),
		feeds: feedsOf(line),
		ground: heap.start.way === 'path' ? pathGround(books, heap.name)?.name : undefined,
		ash_l: heap.ingredients
			.filter(({ material }) => material.endsWith('-ash'))
			.reduce((sum, { volume_ul }) => sum + inLitres(volume_ul), 0),
		held: heldBecause(books, heap.lotId),
		remarks: books.findings.remarks(heap.lotId, mostRemarks),
		stock: stockFor(books),
		ids: { small: newActId(), add: newActId(), lift: newActId() }
	};
};

/** What a worm bed takes in a week, by its size and its last reading. */
function feedsOf({ heap, readings }: HeapLine) {
	const area = groundOfHeap(heap);
	if (heap.start.way !== 'worms' || area === undefined || heap.volume_ul <= 0) return undefined;
	const warmth = readings[0]?.probes[0] ?? 18;
	const a = feedPerDay(warmth);
	const week = (kg: number) => kg * area * 7;
	return { perWeek_kg: { value: week(a.value), low: week(a.low), high: week(a.high) }, warmth };
}

const stockFor = (books: Books) => {
	const held = heldLots(books);
	return goodsInStock(books)
		.filter(({ lotId }) => !held.has(lotId))
		.toSorted((a, b) => b.volume_ul - a.volume_ul)
		.slice(0, mostLots)
		.map(({ code, name, volume_ul }) => ({ code, name, left_l: inLitres(volume_ul) }));
};

export const actions: Actions = {
	...smallActions('lot', ({ params }: RequestEvent) => params.lot, [
		'look',
		'read-heat',
		'turn',
		'moisten',
		'read-depth',
		'tell-stage',
		'smell-heap',
		'bean-test',
		'read-soak',
		'place-on-walk',
		'remark'
	]),
	add: (event) =>
		act(event, 'add', (reading, values) => addSchema(reading, event.params.lot, values), addToHeap),
	lift: (event) => act(event, 'lift', (reading) => liftSchema(reading, event.params.lot), liftHeap)
};
