import { harvestOf, type Harvest } from '../../core/beds';
import { wayOf, type TimedFlow } from '../../core/ledger';
import { germClasses, isMaterial, materialOf, type GermClass } from '../../core/materials';
import { days } from '../../core/time';
import type { Bed } from '../db/beds';
import type { PutInto } from '../db/batches';
import type { Books } from '../db/books';
import { knownOfThings, rememberingEach } from './remember';
import { givenAround } from './targets';

/** A material that went into something, as a node of its way. */
const stuff = 'stuff:';

/** What a lot carries, and when anything was last put into it. */
interface Carried {
	readonly germs: ReadonlySet<GermClass>;
	readonly last?: Pick<PutInto, 'at_ms' | 'seq'>;
}

/** What is put into a lot, though it was entered late, may have gone on into all that was made of it. */
const knownCarried = knownOfThings<Carried>(
	(books, seen) => [...books.acts.thingsSince(seen), ...books.batches.changedSince(seen)],
	['ingredient', 'stock']
);

/**
 * Every class of germs that a lot carries: of stock as it was known, of a batch or brew all that went into it and
 * into what that came of, in the order of time; curing and brewing lower none of it.
 */
export const germsIn = (books: Books, code: string): ReadonlySet<GermClass> =>
	carriedBy(books, { id: books.ledger.idOf(code) ?? 0, code }, knownCarried(books), new Set())
		.germs;

/** A lot, or what went into one. */
interface OfLot {
	readonly id: number;
	readonly code: string;
}

/**
 * From what was put in and what that carried, where that was the same then as it is now; else the whole way is gone.
 * @param asked lots that wait for this answer: one that is among them came of itself
 */
function carriedBy(
	books: Books,
	lot: OfLot,
	known: Map<number, Carried>,
	asked: ReadonlySet<number>
): Carried {
	const before = known.get(lot.id);
	if (before) return before;
	const stock = books.stock.maybeOne(lot.code);
	const carried = stock
		? { germs: new Set([stock.composition.germs]) }
		: ofBatch(books, lot, known, new Set([...asked, lot.id]));
	known.set(lot.id, carried);
	return carried;
}

function ofBatch(
	books: Books,
	lot: OfLot,
	known: Map<number, Carried>,
	asked: ReadonlySet<number>
): Carried {
	const put = books.batches.putInto(lot.id);
	const last = put.toSorted(inTime).at(-1);
	const germs = new Set(put.flatMap(({ material }) => germsOfMaterial(material)));
	for (const one of put) {
		if (one.fromId === null) continue;
		const giver = asked.has(one.fromId)
			? undefined
			: carriedBy(books, { id: one.fromId, code: one.fromCode ?? '' }, known, asked);
		const isAsThen = giver && (giver.last === undefined || inTime(giver.last, one) < 0);
		if (!isAsThen) return { germs: germsOnTheWay(books, lot.code), ...(last ? { last } : {}) };
		for (const germ of giver.germs) germs.add(germ);
	}
	return { germs, ...(last ? { last } : {}) };
}

const inTime = (one: Pick<PutInto, 'at_ms' | 'seq'>, other: Pick<PutInto, 'at_ms' | 'seq'>) =>
	one.at_ms - other.at_ms || one.seq - other.seq;

const germsOfMaterial = (material: string): readonly GermClass[] =>
	material !== 'char' && isMaterial(material) ? [materialOf(material).germs] : [];

/** Along the whole way of a lot, step by step: long where it descends from many. */
export function germsOnTheWay(books: Books, code: string): ReadonlySet<GermClass> {
	const wentIn: readonly TimedFlow[] = books.batches
		.wentInto(code)
		.flatMap(({ into, material, fromCode, act, at_ms, seq }) => [
			{ from: `${stuff}${material}`, to: into, act, at_ms, seq },
			...(fromCode === null ? [] : [{ from: fromCode, to: into, act, at_ms, seq }])
		]);
	return new Set(
		[...wayOf(wentIn, code, 'back').nodes].flatMap((node) =>
			node.startsWith(stuff) ? germsOfMaterial(node.slice(stuff.length)) : []
		)
	);
}

/** The worst germs a lot carries. */
export function germsOf(books: Books, code: string): GermClass {
	const all = germsIn(books, code);
	return germClasses.findLast((one) => all.has(one)) ?? 'none';
}

/** No wait is longer. */
const longest = days(120);

/** From when what grows on a bed may be eaten raw, by what went on it. */
export const harvestFrom = rememberingEach(
	(books, bed: Bed, now_ms): Harvest | undefined => {
		const put = givenAround(books, bed, now_ms - longest - days(7), now_ms)
			.filter(({ code }) => code !== '')
			.map(({ code, at_ms }) => ({ code, at_ms, germs: germsOf(books, code) }));
		return harvestOf(put);
	},
	({ id }) => id
);
