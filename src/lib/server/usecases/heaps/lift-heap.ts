import { germClasses, materialOf, compositionOf, type GermClass } from '../../../core/materials';
import {
	heapWay,
	heatOf,
	litresAt,
	litresLeft,
	outturnOf,
	richness,
	type HeapSize
} from '../../../core/heaps';
import { dryKg, type Amount } from '../../../core/ledger';
import {
	exactly,
	inLitres,
	kilograms,
	metres,
	microlitres,
	milligrams,
	type Litres,
	type Metres,
	type Part,
	type Range
} from '../../../core/units';
import { pathOf } from '../../../format/paths';
import type { Envelope } from '../../../input/act';
import type { LiftInput } from '../../../input/heaps';
import type { Books } from '../../db/books';
import type { Heap } from '../../db/heaps';
import type { Stamp } from '../../db/ledger';
import { moves } from '../../db/movements';
import { germsOf } from '../../questions/germs';
import { heatLogOf, lossesOf, mixOfHeap } from '../../questions/heap-mix';
import { perform, postOrRefuse, refuse, type Outcome } from '../act';
import { lotOrRefuse, partOf, refuseHeld, takenOf } from '../gates';
import { heapOrRefuse } from './start-heap';

/** Turned and fluffed it may stand a little higher than it lay; more was never there. A judgement. */
const mostFluffed = 1.2;

/** A lot that comes off a heap, by its litres. */
interface Sieved {
	readonly volume: Litres;
	readonly kg?: number | undefined;
	readonly name: string;
}

/**
 * What comes off a heap, measured: what went in less what rotted away, named under its own account. Sieved, what went
 * through and what did not are lots apart, each with its share by litres.
 */
export function liftHeap(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: LiftInput
): Outcome {
	return perform(books, now_ms, 'lift-heap', envelope, { ...input }, () => {
		const at_ms = envelope.happenedAt_ms;
		const heap = heapOrRefuse(books, input.code, 'taken', at_ms);
		const lot = lotOrRefuse(books, heap.code, 'taken', at_ms);
		const gates = [...refuseHeld(books, lot, 'taken'), ...provingActs(books, heap, at_ms)];
		const lifted = inLitres(microlitres(input.fine)) + (input.coarse ?? 0);
		const asked = partOf(books, lot, partLifted(heap, input, lifted), 'taken');
		const taken = takenOf(books, lot, asked, at_ms);
		if (lifted > inLitres(taken.volume_ul) * mostFluffed)
			refuse('lifted', 'more-than-lay', { litres: inLitres(taken.volume_ul) });
		const { stays, goes } = outturnOf(taken.contents, lostBy(books, heap));
		const { gives } = heapWay(heap.start.way);
		// Litter and oil go on with the mould: its name says so wherever it is chosen.
		const from = heap.start.isStreet ? `${heap.name}, of street leaves` : heap.name;
		const called = input.name || `${materialOf(gives).name}, ${from}`;
		const sieved: readonly Sieved[] = [
			{ volume: input.fine, kg: input.kg, name: called },
			...(input.coarse
				? [{ volume: input.coarse, name: `${called}, what would not go through` }]
				: [])
		];
		return {
			path: pathOf('stock', books.ledger.nextCode('stock')),
			gates,
			write: (stamp) => {
				const out = sieved.map((one, i) => {
					const share = one.volume / lifted;
					const contents =
						i === sieved.length - 1 ? restOf(stays, sieved, lifted) : scaled(stays, share);
					return asLot(books, stamp, heap, one, contents);
				});
				postOrRefuse(
					books,
					stamp,
					[
						moves('out', { lotId: lot.id }, taken),
						moves('in', { account: 'rotted' }, { volume_ul: 0, mass_mg: 0, contents: goes }),
						...out.map(({ lotId, amount }) => moves('in', { lotId }, amount))
					],
					'lifted'
				);
			}
		};
	});
}

/** What of the heap that was: as it was said, a stretch by its length, of a path by its litres, else all. */
function partLifted(heap: Heap, { part, stretch }: LiftInput, lifted: number): Part {
	if (part !== undefined) return part;
	const { way, size } = heap.start;
	if (stretch !== undefined) {
		if (size?.shape !== 'box') return refuse('stretch', 'no-path', { code: heap.code });
		if (stretch > size.length) refuse('stretch', 'past-path', { length_m: size.length });
		return stretchOf(heap, size, stretch);
	}
	if (way !== 'path') return 'all';
	return { share: Math.min(1, lifted / litresLeft(way, inLitres(heap.volume_ul)).value) };
}

/** Litres as they were laid on a stretch: refilled stretches lie as deep as the rest. */
function stretchOf(heap: Heap, size: HeapSize & { shape: 'box' }, stretch: Metres): Part {
	const lies = inLitres(heap.volume_ul);
	const { depth_m } = heap.start;
	if (depth_m === undefined) return { share: stretch / size.length };
	return Math.min(lies, litresAt({ ...size, length: stretch }, metres(depth_m)));
}

const lostBy = (books: Books, heap: Heap) => lossesOf(books.findings, heap, mixOfHeap(books, heap));

const scaled = (contents: Amount['contents'], share: number): Amount['contents'] =>
	Object.fromEntries(
		Object.entries(contents).map(([of, mg]) => [of, Math.floor(mg * share)])
	) as Amount['contents'];

/** The last of several takes the exact rest. */
function restOf(
	stays: Amount['contents'],
	sieved: readonly Sieved[],
	lifted: number
): Amount['contents'] {
	const before = sieved.slice(0, -1).map(({ volume }) => scaled(stays, volume / lifted));
	return Object.fromEntries(
		Object.entries(stays).map(([of, mg]) => [
			of,
			mg - before.reduce((sum, one) => sum + (one[of as keyof typeof one] ?? 0), 0)
		])
	) as Amount['contents'];
}

/** Stock of what the way gives, with what is known of this heap over what is usual. */
function asLot(
	books: Books,
	{ actId, happenedAt_ms }: Stamp,
	heap: Heap,
	{ volume, kg, name }: Sieved,
	contents: Amount['contents']
) {
	const material = heapWay(heap.start.way).gives;
	const usual = compositionOf(material, books.stock.analyses(material));
	const dry = dryKg(contents);
	const mass = Math.max(kg ?? volume * usual.density.value, dry);
	const rich = richness(heap.went, lostBy(books, heap));
	const source = `what went into ${heap.code}, less what it lost`;
	const own = (measured: Readonly<Record<string, Range>>) => [{ measured, source }];
	const basis = materialOf(material).basis;
	const composition = compositionOf(material, [
		...own({
			density: exactly(mass / volume),
			water: exactly(Math.min(0.95, Math.max(0, 1 - dry / mass))),
			...(rich && basis === 'kg dry' ? { nitrogen: rich } : {})
		}),
		...books.stock.analyses(material)
	]);
	const code = books.ledger.nextCode('stock');
	const lotId = books.ledger.insertLot({ code, kind: 'stock', name, actId });
	const germs = provenOf(books, heap, happenedAt_ms);
	books.stock.insert({ lotId, actId, material, composition: { ...composition, germs } });
	return {
		lotId,
		amount: {
			volume_ul: microlitres(volume),
			mass_mg: milligrams(kilograms(mass)),
			contents
		}
	};
}

/** The germs of what went in, unless its heat was read as the rule has it since anything was last laid. */
const provenOf = (books: Books, heap: Heap, at_ms: number): GermClass =>
	heatOf(...heatLogOf(books.findings, heap, at_ms)).isHot
		? germClasses[0]
		: germsOf(books, heap.code);

/** Readings and turnings that let it pass as hot: what is lifted so rests on them. */
const provingActs = (books: Books, heap: Heap, at_ms: number): readonly string[] =>
	heatOf(...heatLogOf(books.findings, heap, at_ms)).isHot
		? books.findings
				.of(heap.lotId, 'heat', 'turned')
				.filter((one) => one.at_ms <= at_ms)
				.map(({ actId }) => actId)
		: [];
