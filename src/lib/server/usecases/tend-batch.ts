import { inLitres } from '../../core/units';
import type { MoveInput, TendInput } from '../../input/batch';
import type { Books } from '../db/books';
import { soakIn } from '../questions/vessels';
import { perform, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';
import { batchOrRefuse, refuseHeld } from './gates';

const verbs = { stirred: 'stir', turned: 'turn', 'mucked-out': 'muck-out' } as const;

/** A batch was stirred or turned: a fact with its time, which moves nothing. */
export function tendBatch(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: TendInput
): Outcome {
	return perform(books, now_ms, verbs[input.how], envelope, { ...input }, () => {
		const { batch, lot } = batchOrRefuse(books, input.code, 'code', envelope.happenedAt_ms);
		if (input.how === 'mucked-out' && batch.school !== 'bedding')
			refuse('how', 'no-bedding', { code: batch.code });
		return {
			path: `/charging/${batch.code}`,
			write: ({ actId, happenedAt_ms }) => {
				books.findings.insert({ actId, thingId: lot.id, what: input.how });
				// Litter that was mucked out begins to compost that day.
				if (input.how === 'mucked-out')
					books.batches.insertState(actId, lot.id, { ...batch, startedAt_ms: happenedAt_ms });
			}
		};
	});
}

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
