import type { SpreadInput } from '../../input/beds';
import { judgeApplying } from '../../core/applying';
import { isFirstSeason, workOutDose } from '../../core/beds';
import { inLitres, microlitres } from '../../core/units';
import type { Books } from '../db/books';
import { moves } from '../db/movements';
import { toPut } from '../questions/applying';
import { standsOn } from '../questions/stands';
import { spreadable } from '../questions/beds';
import { bedToTreat } from '../questions/targets';
import { perform, postOrRefuse, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';
import { fieldOfLot, lotOrRefuse, takenOf } from './gates';

/** Put a rate of a lot on a bed. Raw, uncured and over-limit doses say so and want a reason. */
export function spreadLot(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: SpreadInput
): Outcome {
	return perform(books, now_ms, 'spread', envelope, { ...input }, () => {
		const bed =
			bedToTreat(books, input.bed, envelope.happenedAt_ms) ??
			refuse('bed', 'unknown-bed', { name: input.bed });
		const lot = lotOrRefuse(books, input.lot, 'lot', envelope.happenedAt_ms);
		const source =
			spreadable(books, lot.code, envelope.happenedAt_ms) ??
			refuse('lot', 'not-spreadable', { code: lot.code });
		const { thing, gates } =
			toPut(books, lot, envelope.happenedAt_ms) ??
			refuse('lot', 'not-spreadable', { code: lot.code });
		const firstSeason = isFirstSeason(bed.firstChar_ms, envelope.happenedAt_ms);
		const worked = workOutDose(input.ask, { ...bed, firstSeason }, source);
		if (worked.status === 'moisture-wanted') refuse('moisture', 'moisture-wanted');
		if (worked.status === 'more-than-soil')
			refuse('amount', 'more-than-soil', { most: worked.most });
		if (worked.status === 'nothing') return refuse('amount', 'nothing');
		const { dose } = worked;
		if (dose.over.includes('stock'))
			refuse('amount', 'short', {
				code: lot.code,
				missing_l: dose.mixLitres.value - inLitres(lot.volume_ul),
				held_l: inLitres(lot.volume_ul)
			});
		const way = input.way ?? 'dug-in';
		const asked_ul = microlitres(dose.mixLitres.value);
		const taken = takenOf(books, lot, Math.min(lot.volume_ul, asked_ul), envelope.happenedAt_ms);
		if (taken.volume_ul <= 0) refuse('amount', 'nothing');
		// Over the rest by what the page's rounding hides: the exact rest goes on, and its char alone.
		const char_l = dose.charLitres * Math.min(1, taken.volume_ul / Math.max(1, asked_ul));
		const { value, low, high } = source.charShare;
		return {
			path: `/beds/${encodeURIComponent(bed.name)}`,
			gates: gates(),
			cautions: judgeApplying({
				thing,
				target: standsOn(books, bed, envelope.happenedAt_ms),
				way,
				at_ms: envelope.happenedAt_ms,
				litres: inLitres(taken.volume_ul),
				gives: taken.contents,
				dose
			}),
			fieldOf: fieldOfLot(lot.code, 'lot', 'amount'),
			write: (stamp) => {
				postOrRefuse(
					books,
					stamp,
					[moves('out', { lotId: lot.id }, taken), moves('in', { bedId: bed.id }, taken)],
					'amount'
				);
				books.applications.insert({
					actId: stamp.actId,
					bedId: bed.id,
					lotId: lot.id,
					way,
					depth_m: bed.ground.depth,
					char_l,
					charLow_l: (char_l * low) / value,
					charHigh_l: (char_l * high) / value,
					density: source.density.value,
					reason: envelope.reason ?? ''
				});
			}
		};
	});
}
