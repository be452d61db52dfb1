import type { Envelope } from '../../input/act';
import type { OwnCrop } from '../../core/crops';
import type { Books } from '../db/books';
import { perform, type Outcome } from './act';

/** A crop as the grower knows it: from then on it goes before the table. */
export function keepCrop(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: OwnCrop
): Outcome {
	return perform(books, now_ms, 'keep-crop', envelope, { ...input }, () => ({
		path: '/beds/crops',
		write: ({ actId }) => books.crops.insert(actId, input)
	}));
}
