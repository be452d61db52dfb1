import { inLitres } from '../../core/units';
import type { JoinInput, SplitInput } from '../../input/batch';
import { standingAfter, takesUp } from '../../core/charging';
import type { Batch } from '../db/batch-row';
import type { Books } from '../db/books';
import type { Stamp } from '../db/ledger';
import { moves } from '../db/movements';
import { perform, postOrRefuse, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';
import { liesBy, mayLie, proofOf } from '../questions/standing';
import { batchOrRefuse, partOf, refuseHeld, refuseTaking, takenOf, refuseOverfull } from './gates';

/** A part of a batch goes on by itself: the same clock, the same tests so far. */
export function splitBatch(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: SplitInput
): Outcome {
	return perform(books, now_ms, 'split', envelope, { ...input }, () => {
		const { batch, lot } = batchOrRefuse(books, input.code, 'part', envelope.happenedAt_ms);
		refuseHeld(books, lot, 'part');
		const volume_ul = partOf(books, lot, input.part, 'part');
		if (volume_ul === lot.volume_ul) refuse('part', 'split-all', { code: lot.code });
		const taken = takenOf(books, lot, volume_ul, envelope.happenedAt_ms);
		const code = books.ledger.nextCode('charge');
		const tests = books.tests.of(lot.id).filter(({ at_ms }) => at_ms <= envelope.happenedAt_ms);
		return {
			path: `/charging/${code}`,
			gates: tests.map(({ actId }) => actId),
			write: (stamp) => {
				const { actId } = stamp;
				const lotId = books.ledger.insertLot({ code, kind: 'charge', name: batch.name, actId });
				postOrRefuse(
					books,
					stamp,
					[moves('out', { lotId: lot.id }, taken), moves('in', { lotId }, taken)],
					'part'
				);
				writePart(books, stamp, batch, lotId, volume_ul / lot.volume_ul);
				const last = tests.at(-1);
				if (last)
					books.tests.insert({
						actId,
						lotId,
						passed: last.passed,
						germinationIndex: last.germinationIndex ?? null
					});
			}
		};
	});
}

function writePart(
	books: Books,
	{ actId }: Stamp,
	batch: Batch,
	lotId: number,
	share: number
): void {
	books.batches.insert({
		lotId,
		actId,
		school: batch.school,
		temperature_c: batch.temperature_c,
		burnIds: batch.burnIds
	});
	books.batches.insertState(actId, lotId, { ...batch, liquid_l: batch.liquid_l * share });
	books.findings.insert({ actId, thingId: batch.lotId, what: 'split' });
	if (batch.drainedAt_ms !== null)
		books.findings.insert({ actId, thingId: lotId, what: 'drained' });
	for (const { fromCode, material, volume_ul } of batch.ingredients)
		books.batches.insertIngredient({
			actId,
			batchLotId: lotId,
			fromLotId: fromCode === null ? null : books.ledger.lot(fromCode).id,
			material,
			volume_ul: Math.round(volume_ul * share),
			planned_ul: null
		});
}

/** One batch goes into another of its kind: the later clock holds, and tests lapse. */
export function joinBatches(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: JoinInput
): Outcome {
	return perform(books, now_ms, 'join', envelope, { ...input }, () => {
		const at_ms = envelope.happenedAt_ms;
		const into = batchOrRefuse(books, input.into, 'into', at_ms);
		const from = batchOrRefuse(books, input.code, 'code', at_ms);
		if (into.lot.code === from.lot.code) refuse('into', 'same-lot', { code: into.lot.code });
		if (into.batch.school !== from.batch.school)
			refuse('into', 'other-school', { code: into.lot.code, school: into.batch.name });
		refuseHeld(books, into.lot, 'into');
		refuseHeld(books, from.lot, 'code');
		const gates = provenOrRefuse(books, from.batch, at_ms);
		const taken = takenOf(books, from.lot, partOf(books, from.lot, input.part, 'part'), at_ms);
		const volume_l = inLitres(taken.volume_ul);
		const held = books.ledger.heldAt(into.lot.id, at_ms);
		if (held.volume_ul <= 0) refuse('into', 'empty', { code: into.lot.code });
		const share = taken.volume_ul / from.lot.volume_ul;
		const { charShare, density, mineralN } = from.batch;
		const times = (by: number) => ({
			value: by * charShare.value,
			low: by * charShare.low,
			high: by * charShare.high
		});
		const char_kg = (taken.contents.char ?? 0) / 1e6;
		const doubt = (of: { value: number; low: number; high: number }) => ({
			value: char_kg * of.value,
			low: char_kg * of.low,
			high: char_kg * of.high
		});
		const after = standingAfter(
			{ ...into.batch, volume_l: inLitres(held.volume_ul) },
			{
				volume_l,
				char_l: times(volume_l),
				char_kg: {
					value: char_kg,
					low: (char_kg * density.low) / density.value,
					high: (char_kg * density.high) / density.value
				},
				mineralN_g: doubt(mineralN)
			}
		);
		const liquid_l = into.batch.liquid_l + from.batch.liquid_l * share;
		const together_kg = (held.contents.char ?? 0) / 1e6 + char_kg;
		const level = takesUp(inLitres(held.volume_ul) + volume_l, together_kg, liquid_l);
		refuseOverfull(books, into.batch, level, 'part', at_ms);
		return {
			path: `/charging/${into.lot.code}`,
			gates,
			write: (stamp) => {
				const { actId } = stamp;
				const lotId = into.lot.id;
				postOrRefuse(
					books,
					stamp,
					[moves('out', { lotId: from.lot.id }, taken), moves('in', { lotId }, taken)],
					'part'
				);
				books.batches.insertState(actId, lotId, {
					...after,
					startedAt_ms: Math.max(into.batch.startedAt_ms, from.batch.startedAt_ms),
					liquid_l
				});
				books.findings.insert({ actId, thingId: lotId, what: 'joined' });
				books.batches.insertIngredient({
					actId,
					batchLotId: lotId,
					fromLotId: from.lot.id,
					material: 'batch',
					volume_ul: taken.volume_ul,
					planned_ul: null
				});
				for (const burnId of from.batch.burnIds)
					if (!into.batch.burnIds.includes(burnId))
						books.batches.insertBurn({ actId, lotId, burnId });
			}
		};
	});
}

/** Char of another fire goes into a heap only once it may lie by itself. */
function provenOrRefuse(books: Books, batch: Batch, at_ms: number): readonly string[] {
	return batch.burnIds.flatMap((burnId) => {
		const lot = { burnId, lotId: batch.lotId };
		if (!mayLie(books, lot, at_ms))
			refuseTaking(
				{
					code: batch.code,
					proofs: [
						{
							burn: books.burns.byId(burnId)?.code ?? '',
							proof: proofOf(books, burnId, at_ms)
						}
					],
					needed: 'series'
				},
				'code'
			);
		return liesBy(books, lot, at_ms);
	});
}
