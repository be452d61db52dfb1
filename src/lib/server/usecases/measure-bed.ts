import { pathOf } from '../../format/paths';
import type { Books } from '../db/books';
import type { NewBed } from '../db/beds';
import { namedAlike } from './gates';
import { perform, refuse, type Envelope, type Outcome } from './act';

export interface BedInput extends Omit<NewBed, 'actId'> {
	/** Not in the books yet; a name that is taken is then refused, so that no other bed is overwritten. */
	readonly isNew: boolean;
}

/** A bed by measurement; measuring again makes a new version, what it had stays with it. */
export function measureBed(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: BedInput
): Outcome {
	return perform(books, now_ms, 'measure-bed', envelope, { ...input }, () => {
		const known = namedAlike(books.beds.all(), input.name);
		if (input.isNew && known) refuse('name', 'name-taken', { name: known.name });
		if (!input.isNew && !known) refuse('name', 'unknown-bed', { name: input.name });
		return {
			path: pathOf('bed', known?.name ?? input.name),
			write: (stamp) =>
				books.beds.insertVersion({ ...input, name: known?.name ?? input.name, actId: stamp.actId })
		};
	});
}
