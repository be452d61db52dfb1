import { harvestOf, type Harvest } from '../../core/beds';
import { wayOf, type TimedFlow } from '../../core/ledger';
import { germClasses, isMaterial, materialOf, type GermClass } from '../../core/materials';
import { days } from '../../core/time';
import type { Bed } from '../db/beds';
import type { Books } from '../db/books';
import { knownOfThings, rememberingEach } from './remember';
import { givenAround } from './targets';

/** A material that went into something, as a node of its way. */
const stuff = 'stuff:';

/** Nothing but what is put into a lot itself changes what it carries: what was made of it carries what it had then. */
const knownGerms = knownOfThings<ReadonlySet<GermClass>>(undefined, ['ingredient', 'stock']);

/**
 * Every class of germs that a lot carries: of stock as it was known, of a batch or brew all that went into it and
 * into what that came of, in the order of time; curing and brewing lower none of it.
 */
export function germsIn(books: Books, code: string): ReadonlySet<GermClass> {
	const id = books.ledger.idOf(code) ?? 0;
	const known = knownGerms(books);
	const germs = known.get(id) ?? germsWorkedOut(books, code);
	known.set(id, germs);
	return germs;
}

function germsWorkedOut(books: Books, code: string): ReadonlySet<GermClass> {
	const stock = books.stock.maybeOne(code);
	if (stock) return new Set([stock.composition.germs]);
	const wentIn: readonly TimedFlow[] = books.batches
		.wentInto(code)
		.flatMap(({ into, material, fromCode, act, at_ms, seq }) => [
			{ from: `${stuff}${material}`, to: into, act, at_ms, seq },
			...(fromCode === null ? [] : [{ from: fromCode, to: into, act, at_ms, seq }])
		]);
	return new Set(
		[...wayOf(wentIn, code, 'back').nodes].flatMap((node) => {
			const material = node.startsWith(stuff) ? node.slice(stuff.length) : '';
			return material !== 'char' && isMaterial(material) ? [materialOf(material).germs] : [];
		})
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
