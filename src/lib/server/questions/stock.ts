import { compositionOf, type Composition, type MaterialId } from '../../core/materials';
import type { Books } from '../db/books';

/** What a material brings as it is known now: the grower's own measures over the table. */
export const compositionNow = (books: Books, material: MaterialId): Composition =>
	compositionOf(material, books.stock.analyses(material));
