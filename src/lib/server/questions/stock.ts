import {
	compositionOf,
	type Composition,
	type MaterialId,
	type OwnAnalysis
} from '../../core/materials';
import type { Books } from '../db/books';

/** What a material brings as it is known now: the grower's own measures over the table. */
export const compositionNow = (books: Books, material: MaterialId): Composition =>
	compositionOf(material, books.stock.analyses(material));

/** Own analyses of some materials, of those that have any: a page that has the table needs no more. */
export function analysesOf(
	books: Books,
	materials: readonly MaterialId[]
): Partial<Record<MaterialId, readonly OwnAnalysis[]>> {
	const analysed = new Set(books.stock.analysed());
	return Object.fromEntries(
		materials.filter((id) => analysed.has(id)).map((id) => [id, books.stock.analyses(id)])
	);
}
