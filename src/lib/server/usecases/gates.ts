import { plausibleCharDensity } from '../../core/char';
import type { Books } from '../db/books';
import type { Lot } from '../db/ledger';
import { heldBecause, proofOf } from '../questions/standing';
import { refuse } from './act';

/** Refuse at a field unless the lot is free to move. */
export function refuseHeld(books: Books, lot: Lot, field: string): void {
	const reason = heldBecause(books, lot.id);
	if (reason !== undefined) refuse(field, 'held', { code: lot.code, reason });
}

/** Refuse at a field until the burn a char lot came from is proven out at that moment. */
export function refuseUnproven(books: Books, burnId: number, at_ms: number, field: string): void {
	if (!proofOf(books, burnId, at_ms).proven)
		refuse(field, 'not-proven', { burn: books.burns.byId(burnId)?.code ?? '' });
}

/** A lot by its code, or a refusal at the field that named it. */
export function lotOrRefuse(books: Books, code: string, field: string): Lot {
	return books.ledger.maybeLot(code) ?? refuse(field, 'unknown-lot', { code });
}

/** Whole or part of a lot: a part must be there and more than nothing. */
export function partOf(lot: Lot, litres: number | 'all', field: string): number {
	if (lot.volume_ml <= 0) refuse(field, 'empty', { code: lot.code });
	if (litres === 'all') return lot.volume_ml;
	const asked = Math.round(litres * 1000);
	if (asked <= 0) refuse(field, 'nothing');
	if (asked > lot.volume_ml)
		refuse(field, 'short', {
			code: lot.code,
			missing_l: (asked - lot.volume_ml) / 1000,
			held_l: lot.volume_ml / 1000
		});
	return asked;
}

/** Refuse at a field a sample that no dry char can be. */
export function refuseOddDensity(
	sample: { readonly litres: number; readonly kg: number },
	field: string
): void {
	const density = sample.litres > 0 ? sample.kg / sample.litres : 0;
	if (density < plausibleCharDensity.low || density > plausibleCharDensity.high)
		refuse(field, 'odd-density', { density });
}
