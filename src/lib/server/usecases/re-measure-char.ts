import type { SampleInput } from '../../input/ledger';
import { sampledDensity } from '../../core/char';
import type { Books } from '../db/books';
import { perform, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';
import { lotOrRefuse, refuseHeld, refuseOddDensity } from './gates';
import { weighAnew } from './weigh-anew';

/**
 * A later, better density of a char lot, for what is left of it and for what came of it.
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
		return {
			path: `/char/${lot.code}`,
			write: (stamp) => weighAnew(books, stamp, char, density, 'sampleMass')
		};
	});
}
