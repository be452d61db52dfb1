import type { MaterialId } from '../../core/materials';
import type { Books } from '../db/books';
import { goodsInStock } from './in-stock';
import { mixOf } from './mixes';

/** One line of a form: what goes in, and how much. */
type Line = readonly [stuff: string, litres: number];

/**
 * A mix once more, as lines of a form: each part out of its lot while enough of that is left, else out of another lot
 * of the same, else brought in.
 */
export function mixAgain(books: Books, code: string): readonly Line[] {
	return (mixOf(books, code)?.parts ?? []).map(({ code: from, litres }): Line => {
		const stock = books.stock.maybeOne(from);
		if (!stock) return [`lot:${from}`, litres];
		return [lotOf(books, stock.material, litres, from) ?? stock.material, litres];
	});
}

/** The lot of a material that has so much: the one it came from first. */
export function lotOf(
	books: Books,
	material: MaterialId,
	litres: number,
	first = ''
): string | undefined {
	const enough = goodsInStock(books).filter(
		(lot) => lot.material === material && lot.volume_ul >= litres * 1e6
	);
	const lot = enough.find(({ code }) => code === first) ?? enough[0];
	return lot && `lot:${lot.code}`;
}

/** As the fields of the form. */
export const asFields = (lines: readonly Line[]): Readonly<Record<string, string>> =>
	Object.fromEntries(
		lines.flatMap(([stuff, litres], i) => [
			[`stuff${i + 1}`, stuff],
			[`part${i + 1}`, `${Number(litres.toPrecision(3))} L`]
		])
	);
