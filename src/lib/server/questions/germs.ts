import { harvestOf, type Harvest } from '../../core/beds';
import { wayOf, type TimedFlow } from '../../core/ledger';
import { germClasses, isMaterial, materialOf, type GermClass } from '../../core/materials';
import { days } from '../../core/time';
import type { Books } from '../db/books';
import { rememberingAlways } from './remember';
import { putOn } from './targets';

const worseOf = (a: GermClass, b: GermClass): GermClass =>
	germClasses.indexOf(b) > germClasses.indexOf(a) ? b : a;

/** A material that went into something, as a node of its way. */
const stuff = 'stuff:';

/**
 * The germs a lot carries: of stock as it was known, of a batch or brew the worst of what went into it and into
 * what that came of, in the order of time; curing and brewing lower none of it.
 */
export const germsOf = rememberingAlways((books, code: string): GermClass => {
	const stock = books.stock.maybeOne(code);
	if (stock) return stock.composition.germs;
	const wentIn: readonly TimedFlow[] = books.batches
		.wentInto(code)
		.flatMap(({ into, material, fromCode, act, at_ms, seq }) => [
			{ from: `${stuff}${material}`, to: into, act, at_ms, seq },
			...(fromCode === null ? [] : [{ from: fromCode, to: into, act, at_ms, seq }])
		]);
	return [...wayOf(wentIn, code, 'back').nodes].reduce<GermClass>((worst, node) => {
		const material = node.startsWith(stuff) ? node.slice(stuff.length) : '';
		return material !== 'char' && isMaterial(material)
			? worseOf(worst, materialOf(material).germs)
			: worst;
	}, 'none');
});

/** No wait is longer. */
const longest = days(120);
const mostLooked = 60;

/** From when what grows on a bed may be eaten raw, by what went on it. */
export function harvestFrom(books: Books, bedId: number, now_ms: number): Harvest | undefined {
	const bed = books.beds.byId(bedId);
	if (!bed) return undefined;
	const put = putOn(books, bed, mostLooked)
		.filter(({ at_ms, lotCode }) => lotCode !== '' && at_ms + longest + days(7) > now_ms)
		.map(({ lotCode, at_ms }) => ({ code: lotCode, at_ms, germs: germsOf(books, lotCode) }));
	return harvestOf(put);
}
