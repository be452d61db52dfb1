import type { CheckInput } from '../../input/fires';
import type { Books } from '../db/books';
import { perform, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';

/** What was felt and seen on a walk around a quenched burn. Whether it passes is core's to say. */
export function checkQuench(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: CheckInput
): Outcome {
	return perform(books, now_ms, 'check-quench', envelope, { ...input }, () => {
		const burn =
			books.burns.maybeOne(input.burn) ?? refuse('places', 'unknown-burn', { code: input.burn });
		const quenched_ms = burn.record?.quenchedAt_ms ?? burn.lit?.quenched?.at_ms;
		if (quenched_ms === undefined) refuse('places', 'not-burnt', { code: burn.code });
		if (envelope.happenedAt_ms < Number(quenched_ms))
			refuse('happenedAt', 'before-quench', { code: burn.code });
		if (input.places.length === 0) refuse('places', 'nothing');
		return {
			path: `/fires/${burn.code}`,
			// Before its char is measured it rests on the word that it was put out.
			gates: burn.record || !burn.lit?.quenched ? [] : [burn.lit.quenched.actId],
			write: (stamp) =>
				books.checks.insert({
					actId: stamp.actId,
					burnId: burn.id,
					lotId: burn.record?.charLotId ?? null,
					drained: false,
					places: input.places,
					smoke: input.smoke,
					whiteSpots: input.whiteSpots,
					...(input.air === undefined ? {} : { air: input.air }),
					...(input.wholeSeries ? { wholeSeries: true } : {})
				})
		};
	});
}
