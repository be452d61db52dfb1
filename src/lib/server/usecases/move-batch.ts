import { inLitres } from '../../core/units';
import type { MoveInput } from '../../input/batch';
import type { Books } from '../db/books';
import { soakIn } from '../questions/vessels';
import { perform, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';
import { batchOrRefuse, refuseHeld } from './gates';

/** A batch is moved to another vessel, or out of any. */
export function moveBatch(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: MoveInput
): Outcome {
	return perform(books, now_ms, 'move', envelope, { ...input }, () => {
		const { batch, lot } = batchOrRefuse(books, input.code, 'vessel', envelope.happenedAt_ms);
		refuseHeld(books, lot, 'vessel');
		const vessel =
			input.vessel === undefined
				? undefined
				: (books.vessels.maybeOne(input.vessel) ??
					refuse('vessel', 'no-vessel', { name: input.vessel }));
		if (vessel && vessel.usedFor !== 'tub') refuse('vessel', 'no-tub', { name: vessel.name });
		if ((vessel?.versionId ?? null) === batch.vesselVersionId)
			refuse('vessel', 'stands-there', { code: batch.code });
		const held = vessel && soakIn(books, vessel.id, envelope.happenedAt_ms);
		if (held) refuse('vessel', 'tub-busy', { name: vessel.name, code: held.of });
		if (vessel && inLitres(lot.volume_ul) > vessel.capacity_l)
			refuse('vessel', 'more-than-vessel', { name: vessel.name, capacity_l: vessel.capacity_l });
		return {
			path: `/charging/${batch.code}`,
			write: ({ actId }) => {
				books.findings.insert({ actId, thingId: lot.id, what: 'moved' });
				books.batches.insertPlace({
					actId,
					lotId: lot.id,
					vesselVersionId: vessel?.versionId ?? null
				});
			}
		};
	});
}
