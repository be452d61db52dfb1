import type { CheckedPlace } from '../../core/fires';
import type { Celsius } from '../../core/units';
import type { Books } from '../db/books';
import { perform, refuse, type Envelope, type Outcome } from './act';

export interface CheckInput {
	readonly burn: string;
	readonly places: readonly CheckedPlace[];
	readonly smoke: boolean;
	readonly whiteSpots: boolean;
	/** Air beside the heap. */
	readonly air?: Celsius | undefined;
	/** An old notebook's word that the whole series was walked. */
	readonly wholeSeries?: boolean;
}

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
		if (!burn.record) refuse('places', 'not-burnt', { code: burn.code });
		if (envelope.happenedAt_ms < (burn.record?.quenchedAt_ms ?? 0))
			refuse('happenedAt', 'before-quench', { code: burn.code });
		if (input.places.length === 0) refuse('places', 'nothing');
		return {
			path: `/fires/${burn.code}`,
			write: (stamp) =>
				books.checks.insert({
					actId: stamp.actId,
					burnId: burn.id,
					lotId: burn.record?.charLotId ?? 0,
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
