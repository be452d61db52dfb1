import { inLitres, microlitres } from '../../core/units';
import type { Envelope } from '../../input/act';
import type { RelitInput } from '../../input/after-burn';
import type { Books } from '../db/books';
import { moves } from '../db/movements';
import { perform, postOrRefuse, refuse, type Outcome } from './act';
import { lotOrRefuse, takenOf } from './gates';

/**
 * A fire that was thought out burnt again: what is left is measured, what is gone went up under that name,
 * and as it was seen burning its proof begins anew.
 */
export function relightBurn(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: RelitInput
): Outcome {
	return perform(books, now_ms, 'relit', envelope, { ...input }, () => {
		const burn =
			books.burns.maybeOne(input.burn) ?? refuse('left', 'unknown-burn', { code: input.burn });
		const { record } = burn;
		if (!record) return refuse('left', 'not-burnt', { code: burn.code });
		if (envelope.happenedAt_ms < record.quenchedAt_ms)
			refuse('happenedAt', 'before-quench', { code: burn.code });
		const lot = lotOrRefuse(books, record.charCode, 'left', envelope.happenedAt_ms);
		const held = books.ledger.heldAt(lot.id, envelope.happenedAt_ms);
		const gone_ul = held.volume_ul - microlitres(input.left);
		if (gone_ul <= 0)
			refuse('left', 'relit-more', { code: lot.code, held_l: inLitres(held.volume_ul) });
		return {
			path: `/fires/${burn.code}`,
			write: (stamp) => {
				const gone = takenOf(books, lot, gone_ul, envelope.happenedAt_ms);
				const lines = [
					moves('out', { lotId: lot.id }, gone),
					moves('in', { account: 'gas-and-ash' }, gone)
				];
				postOrRefuse(books, stamp, lines, 'left');
				books.checks.insert({
					actId: stamp.actId,
					burnId: burn.id,
					lotId: lot.id,
					drained: false,
					places: [{ heatFelt: true }],
					smoke: true,
					whiteSpots: true
				});
			}
		};
	});
}
