import type { Recipe } from '../../../core/brews';
import type { BrewInput } from '../../../input/brews';
import type { Books } from '../../db/books';
import type { Vessel } from '../../db/vessels';
import { soakIn } from '../../questions/vessels';
import { refuse } from '../act';

/** The vessel that was chosen, where its recipe wants one. */
export function vesselOrRefuse(
	books: Books,
	{ vessel }: Pick<BrewInput, 'vessel'>,
	{ standsAnywhere = false }: Recipe
): Vessel | undefined {
	if (vessel) return tubOrRefuse(books, vessel, 'vessel');
	if (!standsAnywhere) refuse('vessel', 'bad-empty');
	return undefined;
}

/** A tub by its name. */
function tubOrRefuse(books: Books, name: string, field: string): Vessel {
	const vessel = books.vessels.maybeOne(name) ?? refuse(field, 'no-vessel', { name });
	if (vessel.usedFor !== 'tub') refuse(field, 'no-tub', { name: vessel.name });
	return vessel;
}

/** A tub by its name, with nothing in it at that moment. */
export function freeTub(books: Books, name: string, field: string, at_ms: number): Vessel {
	const vessel = tubOrRefuse(books, name, field);
	const held = soakIn(books, vessel.id, at_ms);
	if (held) refuse(field, 'tub-busy', { name: vessel.name, code: held.of });
	return vessel;
}
