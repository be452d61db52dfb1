import {
	heapCaseOf,
	heapRules,
	litresAt,
	type HeapCase,
	type HeapSize,
	type LaidOn
} from '../../../core/heaps';
import { judge, type Caution } from '../../../core/cautions';
import { charWithin } from '../../../core/char';
import { celsius, inKilograms, inLitres, microlitres } from '../../../core/units';
import { pathOf } from '../../../format/paths';
import type { Envelope } from '../../../input/act';
import type { AddInput, HeapInput } from '../../../input/heaps';
import type { Books } from '../../db/books';
import type { HeapStart } from '../../db/finding-kinds';
import type { Heap } from '../../db/heaps';
import type { Stamp } from '../../db/ledger';
import { moves } from '../../db/movements';
import { refusedLots } from '../../questions/applying';
import { charInHeap } from '../../questions/heap-mix';
import { pathGround } from '../../questions/heaps';
import { perform, postOrRefuse, refuse, type Outcome } from '../act';
import { stuffsFor, together, type LaidStuff } from '../laid-stuffs';

/** What is known of the warmth of a heap that is begun: nothing yet. */
const begunAt = celsius(15);

const typedSize = ({ across, length, width }: HeapInput): HeapSize | undefined =>
	across !== undefined
		? { shape: 'ring', across }
		: length !== undefined && width !== undefined
			? { shape: 'box', length, width }
			: undefined;

/** A path that is measured as ground of the books lies on it: one thing, measured once. */
function sizeOf(books: Books, input: HeapInput): HeapSize | undefined {
	const typed = typedSize(input);
	if (typed || input.way !== 'path') return typed;
	const ground = pathGround(books, input.name);
	return ground && { shape: 'box', length: ground.length, width: ground.width };
}

/** Stuff is laid in a corner: from then on it sinks, warms and comes to something else. */
export function startHeap(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: HeapInput
): Outcome {
	return perform(books, now_ms, 'heap', envelope, { ...input }, () => {
		const stuffs = stuffsFor(books, input.parts, envelope.happenedAt_ms);
		const size = sizeOf(books, input);
		const amount = together(stuffs);
		// As it stands in its ring, where that was measured: trodden leaves are fewer litres than they were carried.
		const stands =
			size && input.depth !== undefined ? litresAt(size, input.depth) : inLitres(amount.volume_ul);
		if (!(stands > 0)) refuse('part1', 'nothing');
		const code = books.ledger.nextCode('heap');
		const start: HeapStart = {
			way: input.way,
			...(size ? { size } : {}),
			...(input.depth === undefined ? {} : { depth_m: input.depth }),
			...flagsOf(input),
			...(input.urine ? { urine: input.urine } : {}),
			...(input.under ? { under: input.under } : {}),
			...(envelope.reason ? { reason: envelope.reason } : {})
		};
		return {
			path: pathOf('heap', code),
			gates: stuffs.flatMap(({ gates }) => gates),
			cautions: judgeHeap(
				books,
				{ name: input.name, start, laid_l: 0, ash_l: 0, char_l: 0 },
				stuffs
			),
			fieldOf: () => 'part1',
			write: (stamp) => {
				const { actId } = stamp;
				const lotId = books.ledger.insertLot({ code, kind: 'heap', name: input.name, actId });
				lay(books, stamp, lotId, stuffs, { ...amount, volume_ul: microlitres(stands) }, () => {
					books.batches.insert({
						lotId,
						actId,
						school: input.way,
						temperature_c: begunAt,
						burnIds: []
					});
				});
				books.findings.insert({ actId, thingId: lotId, what: 'heap-start', found: start });
			}
		};
	});
}

const flagsOf = (input: HeapInput) => {
	const { isTough, isShredded, isStreet, isCovered, forAcidLovers, hasTimber } = input;
	const flags = { isTough, isShredded, isStreet, isCovered, forAcidLovers, hasTimber };
	return Object.fromEntries(Object.entries(flags).filter(([, is]) => is));
};

/** More on a heap, for as long as it is filled: it grows by what is laid and not by what is poured on. */
export function addToHeap(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: AddInput
): Outcome {
	return perform(books, now_ms, 'heap-add', envelope, { ...input }, () => {
		const heap = heapOrRefuse(books, input.code, 'part1', envelope.happenedAt_ms);
		if (input.parts.some(({ lot }) => lot === heap.code))
			refuse('stuff1', 'same-lot', { code: heap.code });
		const stuffs = stuffsFor(books, input.parts, envelope.happenedAt_ms);
		return {
			path: pathOf('heap', heap.code),
			gates: stuffs.flatMap(({ gates }) => gates),
			cautions: judgeHeap(books, soFar(heap), stuffs, lastWarmth(books, heap)),
			fieldOf: () => 'part1',
			write: (stamp) => lay(books, stamp, heap.lotId, stuffs, together(stuffs))
		};
	});
}

/** Refused at a field unless it is a heap that is still there. */
export function heapOrRefuse(books: Books, code: string, field: string, at_ms: number): Heap {
	const heap = books.heaps.maybeOne(code) ?? refuse(field, 'no-heap', { code });
	if (heap.startedAt_ms > at_ms) refuse(field, 'not-yet', { code });
	if (heap.volume_ul <= 0) refuse(field, 'empty', { code });
	return heap;
}

function lay(
	books: Books,
	stamp: Stamp,
	lotId: number,
	stuffs: readonly LaidStuff[],
	amount: ReturnType<typeof together>,
	first: () => void = () => undefined
): void {
	const went = stuffs.map((stuff) => ({ stuff, ...stuff.take(stamp) }));
	postOrRefuse(
		books,
		stamp,
		[...went.flatMap(({ lines }) => lines), moves('in', { lotId }, amount)],
		'part1'
	);
	first();
	for (const { stuff, fromLotId } of went)
		books.batches.insertIngredient({
			actId: stamp.actId,
			batchLotId: lotId,
			fromLotId,
			material: stuff.material,
			volume_ul: stuff.amount.volume_ul,
			planned_ul: null
		});
}

interface SoFar {
	readonly name: string;
	readonly start: HeapStart;
	readonly laid_l: number;
	readonly ash_l: number;
	readonly char_l: number;
}

/** Ash is a material of its own, whatever the wood. */
const isAshName = (material: string) => material.endsWith('-ash');

function soFar(heap: Heap): SoFar {
	const { name, start, laid_l, ingredients } = heap;
	const ash_l = ingredients
		.filter(({ material }) => isAshName(material))
		.reduce((sum, { volume_ul }) => sum + inLitres(volume_ul), 0);
	return { name, start, laid_l, ash_l, char_l: charInHeap(heap) };
}

/** As it was last read, where it was. */
const lastWarmth = (books: Books, { lotId }: Heap): number | undefined =>
	books.findings.of(lotId, 'heat')[0]?.found.temperature_c;

/** The first of what is laid whose source is refused. */
function refusedOf(books: Books, stuffs: readonly LaidStuff[]): HeapCase['refused'] {
	const refused = refusedLots(books);
	const lot = stuffs.flatMap(({ from }) => from ?? []).find(({ id }) => refused.has(id));
	return lot && { code: lot.code, what: refused.get(lot.id) ?? '' };
}

function judgeHeap(
	books: Books,
	{ start, ...before }: SoFar,
	stuffs: readonly LaidStuff[],
	temperature_c?: number
): readonly Caution[] {
	const { way, size, urine, forAcidLovers = false, isStreet = false } = start;
	const refused = refusedOf(books, stuffs);
	const of = { ...before, way, size, urine, forAcidLovers, isStreet, temperature_c, refused };
	return judge(heapRules, heapCaseOf(of, stuffs.map(laidOn)));
}

const laidOn = ({ amount, material, ...one }: LaidStuff): LaidOn => ({
	...one,
	litres: inLitres(amount.volume_ul),
	kg: inKilograms(amount.mass_mg),
	char_l: material === 'char' ? inLitres(amount.volume_ul) : charWithin(amount.contents).value
});
