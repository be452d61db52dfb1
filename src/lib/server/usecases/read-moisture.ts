import type { MoistureInput } from '../../input/woodyard';
import type { Books } from '../db/books';
import { perform, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';
import { lotOrRefuse } from './gates';

/** A set of readings of one stack, kept as read with its basis. */
export function readMoisture(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: MoistureInput
): Outcome {
	return perform(books, now_ms, 'read-moisture', envelope, { ...input }, () => {
		const lot = lotOrRefuse(books, input.code, 'pieces', envelope.happenedAt_ms);
		if (lot.kind !== 'stack') refuse('pieces', 'no-stack', { code: lot.code });
		return {
			path: `/woodyard/${lot.code}`,
			write: (stamp) =>
				books.woodyard.insertReading({
					actId: stamp.actId,
					lotId: lot.id,
					method: input.method,
					pieces: input.pieces
				})
		};
	});
}
