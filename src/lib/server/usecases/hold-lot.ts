import type { HoldInput } from '../../input/woodyard';
import { pathOf } from '../../format/paths';
import type { Books } from '../db/books';
import { perform, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';
import { lotOrRefuse } from './gates';

/** Quarantine a lot, and with it everything made of it; or release it. Either way with a reason. */
export function holdLot(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: HoldInput
): Outcome {
	return perform(books, now_ms, input.held ? 'hold' : 'release', envelope, { ...input }, () => {
		const lot = lotOrRefuse(books, input.code, 'reason', envelope.happenedAt_ms);
		if (books.woodyard.held().has(lot.id) === input.held)
			refuse('reason', input.held ? 'already-held' : 'not-held', { code: lot.code });
		return {
			path: pathOf(lot.kind, lot.code),
			write: (stamp) =>
				books.woodyard.insertHold({
					actId: stamp.actId,
					lotId: lot.id,
					held: input.held,
					reason: input.reason
				})
		};
	});
}
