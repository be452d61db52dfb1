import { harvestOf, type Harvest } from '../../core/beds';
import { germClasses, isMaterial, materialOf, type GermClass } from '../../core/materials';
import { days } from '../../core/time';
import type { IngredientMaterial } from '../db/batch-row';
import type { Books } from '../db/books';

const worseOf = (a: GermClass, b: GermClass): GermClass =>
	germClasses.indexOf(b) > germClasses.indexOf(a) ? b : a;

interface Inside {
	readonly ingredients: readonly {
		readonly material: IngredientMaterial;
		readonly fromCode: string | null;
	}[];
}

/**
 * The worst of what went into a batch or brew, and into what was joined to it or it was started from; curing and
 * brewing lower none of it.
 */
export const germsIn = (books: Books, { ingredients }: Inside): GermClass =>
	ingredients.reduce<GermClass>((worst, { material, fromCode }) => {
		if (material === 'char') return worst;
		const own = isMaterial(material) ? worseOf(worst, materialOf(material).germs) : worst;
		const made = fromCode === null ? null : madeOf(books, fromCode);
		return made ? worseOf(own, germsIn(books, made)) : own;
	}, 'none');

const madeOf = (books: Books, code: string): Inside | null =>
	books.brews.maybeOne(code) ?? books.batches.maybeOne(code);

/** The germs a lot carries: of stock as it was known, of a batch or brew the worst inside. */
export function germsOf(books: Books, code: string): GermClass {
	const stock = books.stock.maybeOne(code);
	if (stock) return stock.composition.germs;
	const made = madeOf(books, code);
	return made ? germsIn(books, made) : 'none';
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
