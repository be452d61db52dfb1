import type { Books } from '../db/books';
import type { NewBed } from '../db/beds';
import { perform, type Envelope, type Outcome } from './act';

export type BedInput = Omit<NewBed, 'actId'>;

/** A bed by measurement; measuring again makes a new version, what it had stays with it. */
export function measureBed(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: BedInput
): Outcome {
	return perform(books, now_ms, 'measure-bed', envelope, { ...input }, () => ({
		path: `/beds/${encodeURIComponent(input.name)}`,
		write: (stamp) => books.beds.insertVersion({ ...input, actId: stamp.actId })
	}));
}
