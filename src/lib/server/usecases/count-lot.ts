import { microlitres } from '../../core/units';
import type { RecountInput, TakeAwayInput } from '../../input/ledger';
import { changeTo, recounted } from '../../core/ledger';
import { moves } from '../db/movements';
import { booksPath } from '../../format/paths';
import type { Books } from '../db/books';
import { perform, postOrRefuse, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';
import { lotOrRefuse, partOf, refuseHeld, refuseUnproven, takenOf } from './gates';

/** Books and tub differ: what was found stands from that moment on, the difference is named. */
export function recountLot(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: RecountInput
): Outcome {
	return perform(books, now_ms, 'recount', envelope, { ...input }, () => {
		const lot = lotOrRefuse(books, input.code, 'found', envelope.happenedAt_ms);
		refuseHeld(books, lot, 'found');
		const held = books.ledger.heldAt(lot.id, envelope.happenedAt_ms);
		if (held.volume_ul <= 0) refuse('found', 'recount-empty', { code: lot.code });
		const { comes, goes } = changeTo(held, recounted(held, microlitres(input.found)));
		if (comes.volume_ul === goes.volume_ul) refuse('found', 'recount-same', { code: lot.code });
		const isMore = comes.volume_ul > 0;
		const change = isMore ? comes : goes;
		return {
			path: booksPath('lot', lot.code),
			write: (stamp) =>
				postOrRefuse(
					books,
					stamp,
					[
						moves(isMore ? 'in' : 'out', { lotId: lot.id }, change),
						moves(isMore ? 'out' : 'in', { account: 'counted' }, change)
					],
					'found',
					'recount-below'
				)
		};
	});
}

const accountOf = { dispose: 'disposed', lose: 'lost', 'give-away': 'given-away' } as const;

/**
 * Out of the yard for good, under its own name: disposed of, lost, or given away. Disposal is the one
 * way on that a quarantined lot has; char is given away only once it may be bagged.
 */
export function takeAway(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: TakeAwayInput
): Outcome {
	return perform(books, now_ms, input.how, envelope, { ...input }, () => {
		const lot = lotOrRefuse(books, input.code, 'taken', envelope.happenedAt_ms);
		const free = input.how === 'dispose' ? [] : refuseHeld(books, lot, 'taken');
		const char = input.how === 'give-away' ? books.char.maybeOne(lot.code) : null;
		// Given away it goes into bags, out of anybody's sight here.
		const gates = char
			? refuseUnproven(books, char.burnId, envelope.happenedAt_ms, 'taken', 'stored')
			: [];
		const volume_ul = partOf(books, lot, input.part, 'taken');
		const part = takenOf(books, lot, volume_ul, envelope.happenedAt_ms);
		return {
			path: booksPath('lot', lot.code),
			gates: [...free, ...gates],
			write: (stamp) =>
				postOrRefuse(
					books,
					stamp,
					[
						moves('out', { lotId: lot.id }, part),
						moves('in', { account: accountOf[input.how] }, part)
					],
					'taken'
				)
		};
	});
}
