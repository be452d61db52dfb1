import type { Envelope } from '../../input/act';
import type { RoundInput } from '../../input/beds';
import type { Books } from '../db/books';
import type { Outcome } from './act';
import { inRound } from './round';
import { spreadLot } from './spread-lot';

/** One lot over several beds, and beside it any other that a bed is given by name. */
export function spreadRound(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	{ lot, stops }: RoundInput
): Outcome {
	return inRound(books, envelope, { stops, path: '/beds' }, (one, stop) =>
		spreadLot(books, now_ms, one, { bed: stop.bed, lot: stop.lot ?? lot, ask: stop.ask })
	);
}
