import type { BedInput } from '../../input/beds';
import { pathOf } from '../../format/paths';
import type { Books } from '../db/books';
import { namedAlike } from './gates';
import { perform, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';

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
