import { inLitres } from '$lib/core/units';
import type { HeapState } from '$lib/core/heaps';
import { deskOf, partOf } from '$lib/server/page';
import { heapLines } from '$lib/server/questions/heaps';
import { nextOfHeap } from '$lib/server/rooms/heaps';
import { heapsAnswer } from './answer';
import type { PageServerLoad } from './$types';

const perPage = 12;
const order: readonly HeapState[] = ['wants', 'forgotten', 'look', 'done', 'usable', 'working'];

export const load: PageServerLoad = (event) => {
	const { books, now_ms, reading } = deskOf(event);
	const saying = { almanac: { timeZone: reading.timeZone, now_ms }, system: reading.system };
	const lines = heapLines(books, now_ms)
		.map((line) => ({ line, says: nextOfHeap(line, saying) }))
		.sort((a, b) => order.indexOf(a.line.state) - order.indexOf(b.line.state));
	const { rows, ...part } = partOf(event.url, lines, perPage);
	return {
		...part,
		answer: heapsAnswer(
			lines.map(({ line, says }) => ({ name: line.heap.name, state: line.state, says }))
		),
		lines: rows.map(({ line, says }) => ({
			...{ code: line.heap.code, name: line.heap.name, way: line.heap.start.way },
			...{ state: line.state, says, seen_ms: line.seen_ms, window: line.window },
			laid_l: inLitres(line.heap.volume_ul),
			gives_l: line.gives_l
		}))
	};
};
