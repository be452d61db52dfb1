import {
	depthOf,
	groundUnder,
	heapCall,
	heapState,
	heapWindow,
	isQuick,
	heatOf,
	leftAfter,
	leftSince,
	litresLeft,
	pathDates,
	monthsWorked,
	readyWithin,
	sinksBy,
	sinksOfWay,
	type HeapCall,
	type HeapPace,
	type HeapState,
	type HeatReading,
	type HeatTold,
	type Lost,
	type Stage
} from '../../core/heaps';
import type { Window } from '../../core/time';
import { inLitres, metres, type Metres, type Range } from '../../core/units';
import type { Books } from '../db/books';
import type { Heap } from '../db/heaps';
import { foundInStock, foundOf, type Finds } from './found';
import { heatLogOf, lossesOf, mixOfHeap } from './heap-mix';
import { heapsInStock } from './in-stock';
import { bedNamed } from './kept-beds';
import { remembering } from './remember';
import { settingsOf } from './settings';

/** How deep a heap stands: as it was laid, now, and by what. */
export interface Standing {
	readonly laid_m: number;
	readonly now: Range;
	readonly read: { readonly depth_m: number; readonly at_ms: number } | undefined;
}

export interface HeapLine {
	readonly heap: Heap;
	readonly state: HeapState;
	readonly window: Window;
	readonly ready: ReturnType<typeof readyWithin>;
	readonly call: HeapCall;
	readonly heat: HeatTold;
	readonly readings: readonly HeatReading[];
	readonly turned_ms: readonly number[];
	readonly stage: Stage | undefined;
	readonly seen_ms: number;
	readonly stands: Standing | undefined;
	/** Litres that it gives at last. */
	readonly gives_l: Range;
	readonly cn: number;
	readonly coarse: number;
	/** Nothing in it is of known carbon. */
	readonly isGuessed: boolean;
	readonly charShare: number;
	readonly lost: Lost;
	/** Of a path. */
	readonly dates: ReturnType<typeof pathDates> | undefined;
	/** Its number on the round, where one was given. */
	readonly walk: number | undefined;
}

const seenBy = [
	'looked-at',
	'turned',
	'moistened',
	'heat',
	'sunk',
	'stage',
	'heap-smell',
	'remark'
] as const;

/** A heap at a moment, by what was seen of it until then. */
export function heapLine(books: Books, finds: Finds, heap: Heap, now_ms: number): HeapLine {
	const { way } = heap.start;
	const all = finds.of(heap.lotId, ...seenBy).filter(({ at_ms }) => at_ms <= now_ms);
	const [readings, turned_ms] = heatLogOf(finds, heap, now_ms);
	const smelt = finds.of(heap.lotId, 'heap-smell').find(({ at_ms }) => at_ms <= now_ms);
	const smell =
		smelt && smelt.found.is !== 'earthy' ? { is: smelt.found.is, at_ms: smelt.at_ms } : undefined;
	const stage = finds.of(heap.lotId, 'stage').find(({ at_ms }) => at_ms <= now_ms)?.found.stage;
	const { cn, coarse, char, mix } = mixOfHeap(books, heap);
	const { stands, times } = standingOf(books, finds, heap, now_ms);
	const pace: HeapPace = { ...howOf(heap), times };
	const window = heapWindow(way, heap.startedAt_ms, pace);
	const ready = readyWithin(way, heap.startedAt_ms, pace);
	const laid = heap.ingredients.map(({ at_ms }) => at_ms).filter((at_ms) => at_ms <= now_ms);
	const seen_ms = Math.max(heap.startedAt_ms, ...laid, ...all.map(({ at_ms }) => at_ms));
	const call = way === 'compost' ? heapCall(readings, turned_ms, smell) : undefined;
	const state = heapState(
		{
			...{ way, seen_ms, call, stage },
			usable_ms: ready.usable_ms[0],
			done_ms: window.best_ms ?? ready.best_ms[1]
		},
		now_ms
	);
	return {
		...{ heap, state, window, ready, call, readings, turned_ms, stage, seen_ms, stands },
		heat: heatOf(readings, turned_ms),
		gives_l: litresLeft(way, inLitres(heap.volume_ul)),
		...{ cn, coarse, charShare: char, isGuessed: mix === undefined },
		lost: lossesOf(finds, heap, { cn, coarse, char }),
		dates: way === 'path' ? datesOf(books, heap, turned_ms, now_ms) : undefined,
		walk: finds.of(heap.lotId, 'walk').find(({ at_ms }) => at_ms <= now_ms)?.found.number
	};
}

const datesOf = (books: Books, heap: Heap, turned_ms: readonly number[], now_ms: number) =>
	pathDates(heap.startedAt_ms, turned_ms, now_ms, settingsOf(books).latitude ?? undefined);

const howOf = ({ start, ingredients }: Heap) => ({
	isTough: start.isTough ?? false,
	isFast: (start.isShredded ?? false) || ingredients.some(({ material }) => isQuick(material))
});

/** Where it stands in its ring, by a stick where one was put in, and how many times as slow as usual that makes it. */
function standingOf(
	books: Books,
	finds: Finds,
	heap: Heap,
	now_ms: number
): { readonly stands: Standing | undefined; readonly times: number } {
	const { size, way, depth_m } = heap.start;
	const sinks = sinksOfWay(way, howOf(heap));
	const latitude = settingsOf(books).latitude ?? undefined;
	const worked = (to_ms: number) => monthsWorked(heap.startedAt_ms, to_ms, latitude);
	if (!size || !sinks) return { stands: undefined, times: 1 };
	const laid_m = depth_m ?? depthOf(size, inLitres(heap.volume_ul));
	const found = finds.of(heap.lotId, 'sunk').find(({ at_ms }) => at_ms <= now_ms);
	const read = found && { depth_m: found.found.depth_m, at_ms: found.at_ms };
	const by = read ? sinksBy(sinks, read.depth_m / laid_m, worked(read.at_ms)) : sinks;
	const left = read
		? leftSince(by, read.depth_m / laid_m, worked(now_ms) - worked(read.at_ms))
		: leftAfter(by, worked(now_ms));
	const at = (share: number) => laid_m * share;
	return {
		times: by.months.value / sinks.months.value,
		stands: {
			...{ laid_m, read },
			now: { value: at(left.value), low: at(left.low), high: at(left.high) }
		}
	};
}

/** Every heap that anything is left of. */
export const heapLines = remembering((books: Books, now_ms: number): readonly HeapLine[] =>
	heapsInStock(books).map((heap) => heapLine(books, foundInStock(books), heap, now_ms))
);

/** In the order in which one walks: numbered corners first, the others as they were laid. */
export const inWalkingOrder = (lines: readonly HeapLine[]): readonly HeapLine[] =>
	lines.toSorted(
		(a, b) => (a.walk ?? Infinity) - (b.walk ?? Infinity) || a.heap.lotId - b.heap.lotId
	);

/** One, by its code. */
export function heapLineOf(books: Books, code: string, now_ms: number): HeapLine | undefined {
	const heap = books.heaps.maybeOne(code);
	return heap ? heapLine(books, foundOf(books, heap.lotId), heap, now_ms) : undefined;
}

/** Square metres it covers; none where nobody measured it. */
export const groundOfHeap = ({ start }: Heap): number | undefined =>
	start.size ? groundUnder(start.size) : undefined;

/** The ground in the books that a path lies on: a target of that kind and name. */
export function pathGround(
	books: Books,
	name: string
): { readonly name: string; readonly length: Metres; readonly width: Metres } | undefined {
	const bed = bedNamed(books, name);
	if (bed?.target !== 'path') return undefined;
	return { name: bed.name, length: metres(bed.length_m), width: metres(bed.width_m) };
}

/** The path that lies on such a ground, by the name they share. */
export const pathOn = (books: Books, name: string): Heap | undefined =>
	heapsInStock(books).find(
		(heap) => heap.start.way === 'path' && heap.name.toLowerCase() === name.toLowerCase()
	);
