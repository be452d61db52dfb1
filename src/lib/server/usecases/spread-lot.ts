import type { SpreadInput } from '../../input/beds';
import { askedRate, isFirstSeason, planDose } from '../../core/beds';
import { kgDryPerLitre, inLitres, microlitres } from '../../core/units';
import type { Books } from '../db/books';
import { moves } from '../db/movements';
import { spreadable, type Spreadable } from '../questions/beds';
import { bedToTreat } from '../questions/targets';
import { mayLie, proofOf } from '../questions/standing';
import { perform, postOrRefuse, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';
import { lotOrRefuse, mayLieBy, refuseHeld, refuseProof, takenOf } from './gates';

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
		refuseHeld(books, lot, 'lot');
		const source =
			spreadable(books, lot.code, envelope.happenedAt_ms) ??
			refuse('lot', 'not-spreadable', { code: lot.code });
		refuseLying(books, source, lot.id, envelope.happenedAt_ms);
		const typed = askedRate(input.ask, bed.ground, source, {
			density: kgDryPerLitre(source.density.value),
			depth: bed.ground.depth
		});
		if (typed.status === 'moisture-wanted') refuse('moisture', 'moisture-wanted');
		if (typed.status === 'more-than-soil') refuse('amount', 'more-than-soil', { most: typed.most });
		if (!(typed.rate > 0)) refuse('amount', 'nothing');
		const firstSeason = isFirstSeason(bed.firstChar_ms, envelope.happenedAt_ms);
		const dose = planDose(typed.rate, bed.ground, { ...bed, firstSeason }, source);
		if (dose.over.includes('stock'))
			refuse('amount', 'short', {
				code: lot.code,
				missing_l: dose.mixLitres.value - inLitres(lot.volume_ul),
				held_l: inLitres(lot.volume_ul)
			});
		const warnings = [...source.warnings, ...dose.over];
		if (warnings.length > 0 && input.reason === '')
			refuse('reason', 'reason-wanted', { why: warnings.join(' ') });
		const asked_ul = microlitres(dose.mixLitres.value);
		const taken = takenOf(books, lot, Math.min(lot.volume_ul, asked_ul), envelope.happenedAt_ms);
		if (taken.volume_ul <= 0) refuse('amount', 'nothing');
		// Over the rest by what the page's rounding hides: the exact rest goes on, and its char alone.
		const char_l = dose.charLitres * Math.min(1, taken.volume_ul / Math.max(1, asked_ul));
		const { value, low, high } = source.charShare;
		return {
			path: `/beds/${encodeURIComponent(bed.name)}`,
			gates: [
				...source.burnIds.flatMap((burnId) =>
					mayLieBy(books, { burnId, lotId: lot.id }, envelope.happenedAt_ms)
				),
				...(input.reason === '' ? source.ripeBy : [])
			],
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
					way: input.way ?? 'dug-in',
					depth_m: bed.ground.depth,
					char_l,
					charLow_l: (char_l * low) / value,
					charHigh_l: (char_l * high) / value,
					density: source.density.value,
					reason: input.reason
				});
			}
		};
	});
}

/** Every fire its char came from must be proven as far as a bed needs. */
function refuseLying(books: Books, source: Spreadable, lotId: number, at_ms: number): void {
	for (const burnId of source.burnIds)
		if (!mayLie(books, { burnId, lotId }, at_ms))
			refuseProof(books, burnId, 'lot', 'series', proofOf(books, burnId, at_ms));
}
