import type { PutInput } from '../../input/beds';
import { ashCap, isOverAshCap, waysOfPutting } from '../../core/beds';
import { materialOf } from '../../core/materials';
import { days } from '../../core/time';
import type { Part } from '../../core/units';
import type { Books } from '../db/books';
import type { Bed } from '../db/beds';
import { moves } from '../db/movements';
import { bedToTreat, hadBy } from '../questions/targets';
import type { StockLot } from '../db/stock';
import { perform, postOrRefuse, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';
import { lotOrRefuse, partOf, refuseHeld, takenOf } from './gates';

/** What must be said before a material goes on a bed. */
export type PutWarning = 'ash-cap' | 'acid-lover' | 'raw-germs';

/**
 * Anything else in stock on a bed: ash, compost, leaf mould, manure. What it brings goes with it. Ash
 * past the year's cap or under acid lovers, and raw manure where food is eaten raw, want a reason.
 */
export function putOnBed(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: PutInput
): Outcome {
	return perform(books, now_ms, 'put-on-bed', envelope, { ...input }, () => {
		const bed =
			bedToTreat(books, input.bed, envelope.happenedAt_ms) ??
			refuse('bed', 'unknown-bed', { name: input.bed });
		const lot = lotOrRefuse(books, input.lot, 'putLot', envelope.happenedAt_ms);
		refuseHeld(books, lot, 'putLot');
		const stock =
			books.stock.maybeOne(lot.code) ?? refuse('putLot', 'not-stock', { code: lot.code });
		const volume_ul = partOf(books, lot, litresOn(bed, input.part), 'part');
		const taken = takenOf(books, lot, volume_ul, envelope.happenedAt_ms);
		const year = hadBy(books, bed, envelope.happenedAt_ms - days(ashCap.days));
		const warnings = warningsOf(bed, stock, isOverAshCap(year, taken.contents, bed.ground));
		if (warnings.length > 0 && input.reason === '')
			refuse('putReason', 'put-reason-wanted', { why: warnings.join(' ') });
		const goesDown = waysOfPutting.find(({ id }) => id === input.way)?.goesDown ?? false;
		return {
			path: `/beds/${encodeURIComponent(bed.name)}`,
			write: (stamp) => {
				postOrRefuse(
					books,
					stamp,
					[moves('out', { lotId: lot.id }, taken), moves('in', { bedId: bed.id }, taken)],
					'part'
				);
				books.applications.insert({
					actId: stamp.actId,
					bedId: bed.id,
					lotId: lot.id,
					way: input.way,
					depth_m: goesDown ? bed.ground.depth : null,
					char_l: 0,
					charLow_l: 0,
					charHigh_l: 0,
					density: 0,
					reason: input.reason
				});
			}
		};
	});
}

/** Litres for the whole bed, where it was said by its area. */
const litresOn = ({ ground }: Pick<Bed, 'ground'>, part: PutInput['part']): Part => {
	if (typeof part !== 'object' || 'share' in part) return part;
	return 'perM2' in part ? part.perM2 * ground.area : part.depth_m * ground.area * 1000;
};

/** Source: the year's cap of ash, lime under acid lovers, raw manure and food eaten raw. */
export function warningsOf(
	bed: Pick<Bed, 'acidLover' | 'eatenRaw'>,
	{ material }: Pick<StockLot, 'material'>,
	isOverCap: boolean
): readonly PutWarning[] {
	const { sort, germs } = materialOf(material);
	return [
		...(isOverCap ? ['ash-cap' as const] : []),
		...(bed.acidLover && sort === 'ash' ? ['acid-lover' as const] : []),
		...(bed.eatenRaw && germs !== 'none' ? ['raw-germs' as const] : [])
	];
}
