import { harvestOf, type Harvest } from '../../core/beds';
import { germClasses, materialOf, type GermClass } from '../../core/materials';
import { days } from '../../core/time';
import type { Batch } from '../db/batch-row';
import type { Books } from '../db/books';

const worseOf = (a: GermClass, b: GermClass): GermClass =>
	germClasses.indexOf(b) > germClasses.indexOf(a) ? b : a;

/** The worst of what went into a batch, and into what was joined to it; curing alone lowers none of it. */
export const germsIn = (books: Books, { ingredients }: Pick<Batch, 'ingredients'>): GermClass =>
	ingredients.reduce<GermClass>((worst, { material, fromCode }) => {
		if (material === 'char') return worst;
		if (material !== 'batch') return worseOf(worst, materialOf(material).germs);
		const joined = fromCode === null ? null : books.batches.maybeOne(fromCode);
		return joined ? worseOf(worst, germsIn(books, joined)) : worst;
	}, 'none');

/** The germs a lot carries: of stock as it was known, of a batch the worst inside. */
export function germsOf(books: Books, code: string): GermClass {
	const stock = books.stock.maybeOne(code);
	if (stock) return stock.composition.germs;
	const batch = books.batches.maybeOne(code);
	return batch ? germsIn(books, batch) : 'none';
}

/** No wait is longer. */
const longest = days(120);
const mostLooked = 60;

/** From when what grows on a bed may be eaten raw, by what went on it. */
export function harvestFrom(books: Books, bedId: number, now_ms: number): Harvest | undefined {
	const put = books.applications
		.ofBed(bedId, mostLooked)
		.filter(({ at_ms }) => at_ms + longest + days(7) > now_ms)
		.map(({ lotCode, at_ms }) => ({ code: lotCode, at_ms, germs: germsOf(books, lotCode) }));
	return harvestOf(put);
}
