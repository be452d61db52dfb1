import type { SampleInput } from '../../input/ledger';
import { sampledDensity } from '../../core/char';
import { changeTo, weighedAnew } from '../../core/ledger';
import { moves } from '../db/movements';
import type { Books } from '../db/books';
import { perform, postOrRefuse, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';
import { lotOrRefuse, refuseHeld, refuseOddDensity } from './gates';

/**
 * A later, better density of a char lot. What is left is weighed anew by it, the difference in grams
 * named; what was moved on keeps the density it went with.
 */
export function reMeasureChar(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: SampleInput
): Outcome {
	return perform(books, now_ms, 're-measure', envelope, { ...input }, () => {
		const lot = lotOrRefuse(books, input.code, 'sampleVolume', envelope.happenedAt_ms);
		const char =
			books.char.maybeOne(lot.code) ?? refuse('sampleVolume', 'no-char', { code: lot.code });
		refuseHeld(books, lot, 'sampleVolume');
		refuseOddDensity(input, 'sampleMass');
		const held = books.ledger.heldAt(lot.id, envelope.happenedAt_ms);
		if (held.volume_ul <= 0) refuse('sampleVolume', 'recount-empty', { code: lot.code });
		const density = sampledDensity(input.litres, input.kg, char.state);
		const { comes, goes } = changeTo(held, weighedAnew(held, 'char', density.value));
		return {
			path: `/char/${lot.code}`,
			write: (stamp) => {
				books.char.insertDensity({ actId: stamp.actId, lotId: lot.id, density });
				postOrRefuse(
					books,
					stamp,
					[
						moves('in', { lotId: lot.id }, comes),
						moves('out', { account: 're-measured' }, comes),
						moves('out', { lotId: lot.id }, goes),
						moves('in', { account: 're-measured' }, goes)
					],
					'sampleMass',
					'recount-below'
				);
			}
		};
	});
}
