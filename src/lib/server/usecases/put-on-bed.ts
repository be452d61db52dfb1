import type { PutInput } from '../../input/beds';
import { partOnBed, waysOfPutting } from '../../core/beds';
import { judgeApplying } from '../../core/applying';
import { charWithin } from '../../core/char';
import { isGoods } from '../../core/materials';
import { kgOf, type Contents } from '../../core/ledger';
import type { Books } from '../db/books';
import { moves } from '../db/movements';
import { toPut } from '../questions/applying';
import { standsOn } from '../questions/stands';
import { bedToTreat } from '../questions/targets';
import { perform, postOrRefuse, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';
import { inLitres } from '../../core/units';
import { fieldOfLot, lotOrRefuse, partOf, takenOf } from './gates';

/**
 * Anything else in stock on a bed: ash, compost, leaf mould, manure. What it brings goes with it. Ash
 * what speaks against it wants a reason.
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
		if (!isGoods(lot.kind)) refuse('putLot', 'not-stock', { code: lot.code });
		const { thing, gates } =
			toPut(books, lot, envelope.happenedAt_ms) ??
			refuse('putLot', 'not-stock', { code: lot.code });
		const volume_ul = partOf(books, lot, partOnBed(input.part, bed.ground), 'part');
		const taken = takenOf(books, lot, volume_ul, envelope.happenedAt_ms);
		const goesDown = waysOfPutting.find(({ id }) => id === input.way)?.goesDown ?? false;
		return {
			path: `/beds/${encodeURIComponent(bed.name)}`,
			gates: gates(),
			cautions: judgeApplying({
				thing,
				target: standsOn(books, bed, envelope.happenedAt_ms),
				way: input.way,
				at_ms: envelope.happenedAt_ms,
				litres: inLitres(taken.volume_ul),
				gives: taken.contents
			}),
			fieldOf: fieldOfLot(lot.code, 'putLot', 'part'),
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
					...charOf(taken.contents),
					reason: envelope.reason ?? ''
				});
			}
		};
	});
}

/** Char that came with it, out of a heap or a stall, counts on the bed as any other. */
export function charOf(contents: Contents) {
	const { value, low, high } = charWithin(contents);
	const density = value > 0 ? kgOf(contents, 'char') / value : 0;
	return { char_l: value, charLow_l: low, charHigh_l: high, density };
}
