import type { DrainInput } from '../../input/fires';
import { keptBySoak, schoolOf } from '../../core/charging';
import { nothing } from '../../core/ledger';
import type { Books } from '../db/books';
import { moves } from '../db/movements';
import { perform, postOrRefuse, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';

/**
 * A soak is drained and taken out of its tub, which is free from then on. What its char does not hold
 * runs off under its own name. Char that was sunk before the series of its fire was walked wants one
 * check now: it may flare once the liquid is gone.
 */
export function drainCharge(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: DrainInput
): Outcome {
	return perform(books, now_ms, 'drain', envelope, { ...input }, () => {
		const batch =
			books.batches.maybeOne(input.code) ?? refuse('places', 'unknown-lot', { code: input.code });
		if (schoolOf(batch.school).kind !== 'soak') refuse('places', 'no-soak', { code: batch.code });
		if (batch.drainedAt_ms !== null) refuse('places', 'already-drained', { code: batch.code });
		if (envelope.happenedAt_ms < batch.startedAt_ms)
			refuse('happenedAt', 'before-start', { code: batch.code });
		const { lotId } = batch;
		return {
			path: `/charging/${batch.code}`,
			write: (stamp) => {
				const { actId } = stamp;
				const held = books.ledger.heldAt(lotId, stamp.happenedAt_ms);
				const char_l = (held.volume_ml / 1000) * batch.charShare.value;
				const { runsOff } = keptBySoak({
					char_l,
					char_kg: (held.contents.char ?? 0) / 1e6,
					liquid_l: batch.mix_l > 0 ? (batch.liquid_l * held.volume_ml) / 1000 / batch.mix_l : 0,
					contents: held.contents
				});
				const gone = { ...nothing, contents: runsOff };
				postOrRefuse(
					books,
					stamp,
					Object.keys(runsOff).length > 0
						? [moves('out', { lotId }, gone), moves('in', { account: 'drained' }, gone)]
						: [],
					'places'
				);
				books.batches.insertFact({ actId, lotId, fact: 'drained' });
				books.batches.insertPlace({ actId, lotId, vesselVersionId: null });
				if (input.places.length > 0)
					books.checks.insert({
						actId,
						burnId: batch.burnId,
						lotId,
						drained: true,
						places: input.places,
						smoke: input.smoke,
						whiteSpots: input.whiteSpots
					});
			}
		};
	});
}
