import { schoolOf } from '../../core/charging';
import type { CheckedPlace } from '../../core/fires';
import type { Books } from '../db/books';
import { perform, refuse, type Envelope, type Outcome } from './act';

export interface DrainInput {
	readonly code: string;
	/** Places felt or probed in the drained char; none where its fire was proven out before. */
	readonly places: readonly CheckedPlace[];
	readonly smoke: boolean;
	readonly whiteSpots: boolean;
}

/**
 * A soak is drained and taken out of its tub, which is free from then on. Char that was sunk before
 * the series of its fire was walked wants one check now: it may flare once the liquid is gone.
 */
export function drainCharge(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: DrainInput
): Outcome {
	return perform(books, now_ms, 'drain', envelope, { ...input }, () => {
		const charge =
			books.charging.maybeOne(input.code) ?? refuse('places', 'unknown-lot', { code: input.code });
		if (schoolOf(charge.school).kind !== 'soak') refuse('places', 'no-soak', { code: charge.code });
		if (charge.drainedAt_ms !== null) refuse('places', 'already-drained', { code: charge.code });
		if (envelope.happenedAt_ms < charge.startedAt_ms)
			refuse('happenedAt', 'before-start', { code: charge.code });
		return {
			path: `/charging/${charge.code}`,
			write: (stamp) => {
				books.charging.insertDrained({ actId: stamp.actId, lotId: charge.lotId });
				if (input.places.length > 0)
					books.checks.insert({
						actId: stamp.actId,
						burnId: charge.burnId,
						lotId: charge.lotId,
						places: input.places,
						smoke: input.smoke,
						whiteSpots: input.whiteSpots
					});
			}
		};
	});
}
