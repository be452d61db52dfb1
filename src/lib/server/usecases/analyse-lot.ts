import { changeTo } from '../../core/ledger';
import { analysedAnew, withMeasured, type PropertyName } from '../../core/materials';
import type { Envelope } from '../../input/act';
import type { LotAnalysisInput } from '../../input/stock';
import type { Books } from '../db/books';
import { perform, refuse, type Outcome } from './act';
import { lotOrRefuse, refuseHeld } from './gates';
import { postChange } from './weigh-anew';

/**
 * A laboratory’s sheet, or a weighed measure, of one lot: what is left of it goes by that from then on, the difference
 * named; what is on beds and in batches keeps what it went with.
 */
export function analyseLot(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	{ code, measured }: LotAnalysisInput
): Outcome {
	return perform(books, now_ms, 'analyse-lot', envelope, { code, measured }, () => {
		const lot = lotOrRefuse(books, code, 'nitrogen', envelope.happenedAt_ms);
		const stock = books.stock.maybeOne(lot.code) ?? refuse('nitrogen', 'not-stock', { code });
		const names = Object.keys(measured) as PropertyName[];
		if (names.length === 0) refuse('nitrogen', 'nothing');
		const held = books.ledger.heldAt(lot.id, envelope.happenedAt_ms);
		if (held.volume_ul <= 0) refuse('nitrogen', 'recount-empty', { code: lot.code });
		const known = withMeasured(stock.composition, measured, '');
		const wanted = analysedAnew(held, known, names);
		return {
			path: `/stock/${lot.code}`,
			gates: refuseHeld(books, lot, 'nitrogen'),
			write: (stamp) => {
				const found = { measured };
				books.findings.insert({ actId: stamp.actId, thingId: lot.id, what: 'analysed', found });
				postChange(books, stamp, lot.id, changeTo(held, wanted), 'nitrogen');
			}
		};
	});
}
