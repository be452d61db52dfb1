import { firstRecipes } from '../../core/brews';
import { inLitres, microlitres } from '../../core/units';
import type { DrainInput } from '../../input/fires';
import { keptBySoak, schoolOf } from '../../core/charging';
import { nothing, type Amount, type Contents } from '../../core/ledger';
import type { Litres } from '../../core/units';
import type { Books } from '../db/books';
import type { Batch } from '../db/batch-row';
import type { Stamp } from '../db/ledger';
import { moves, type NewMovement } from '../db/movements';
import { perform, postOrRefuse, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';

/**
 * A soak is drained and taken out of its tub, which is free from then on. What its char does not hold
 * runs off under its own name. Char that was sunk before the series of its fire was walked wants one
 * check now: it may flare once the liquid is gone.
 */
export function drainCharge(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: DrainInput
): Outcome {
	return perform(books, now_ms, 'drain', envelope, { ...input }, () => {
		const batch =
			books.batches.maybeOne(input.code) ?? refuse('places', 'unknown-lot', { code: input.code });
		if (schoolOf(batch.school).kind !== 'soak') refuse('places', 'no-soak', { code: batch.code });
		if (batch.drainedAt_ms !== null) refuse('places', 'already-drained', { code: batch.code });
		if (envelope.happenedAt_ms < batch.startedAt_ms)
			refuse('happenedAt', 'before-start', { code: batch.code });
		refuseTooMuch(batch, input.liquor);
		const { lotId } = batch;
		return {
			path: `/charging/${batch.code}`,
			write: (stamp) => {
				const { actId } = stamp;
				const held = books.ledger.heldAt(lotId, stamp.happenedAt_ms);
				const char_l = inLitres(held.volume_ul) * batch.charShare.value;
				const { runsOff } = keptBySoak({
					char_l,
					char_kg: (held.contents.char ?? 0) / 1e6,
					liquid_l: batch.mix_l > 0 ? inLitres(batch.liquid_l * held.volume_ul) / batch.mix_l : 0,
					withSolids: schoolOf(batch.school).partnerBy === 'ratio',
					contents: held.contents
				});
				const lines =
					input.liquor === undefined
						? lost(lotId, { ...nothing, contents: runsOff })
						: caught(books, stamp, batch, runsOff, input.liquor);
				postOrRefuse(books, stamp, lines, 'places');
				books.findings.insert({ actId, thingId: lotId, what: 'drained' });
				// What its pores hold is of its own litres.
				books.batches.insertState(actId, lotId, { ...batch, liquid_l: 0 });
				books.batches.insertPlace({ actId, lotId, vesselVersionId: null });
				if (input.places.length > 0 && batch.burnId !== null)
					books.checks.insert({
						actId,
						burnId: batch.burnId,
						lotId,
						drained: true,
						places: input.places,
						smoke: input.smoke,
						whiteSpots: input.whiteSpots
					});
			}
		};
	});
}

/** No more runs off than stood around the char; a dipstick errs by a tenth. */
function refuseTooMuch({ code, liquid_l }: Batch, liquor: Litres | undefined): void {
	if (liquor !== undefined && liquor > liquid_l * 1.1)
		refuse('liquor', 'more-than-liquid', { code, held_l: liquid_l });
}

/** Nothing was caught: what its char does not hold is gone under its own name. */
const lost = (lotId: number, gone: Amount): readonly NewMovement[] =>
	Object.keys(gone.contents).length > 0
		? [moves('out', { lotId }, gone), moves('in', { account: 'drained' }, gone)]
		: [];

/** The liquor is a brew of its own, as strong as what ran off: ready at once, and soon spent. */
function caught(
	books: Books,
	{ actId }: Stamp,
	batch: Batch,
	runsOff: Contents,
	volume: Litres
): readonly NewMovement[] {
	const lotId = books.ledger.insertLot({
		code: books.ledger.nextCode('brew'),
		kind: 'brew',
		name: `liquor of ${batch.code}`,
		actId
	});
	const volume_ul = microlitres(volume);
	const { temperature_c } = batch;
	books.batches.insert({ lotId, actId, school: firstRecipes.drained, temperature_c, burnIds: [] });
	books.batches.insertPlace({ actId, lotId, vesselVersionId: null });
	books.batches.insertIngredient({
		actId,
		batchLotId: lotId,
		fromLotId: batch.lotId,
		material: 'batch',
		volume_ul,
		planned_ul: null
	});
	const amount: Amount = { volume_ul, mass_mg: volume_ul, contents: runsOff };
	// Its litres were around the char, not of it: the batch keeps its own.
	const gone = { ...nothing, contents: runsOff };
	return [
		...(Object.keys(runsOff).length > 0 ? [moves('out', { lotId: batch.lotId }, gone)] : []),
		moves('in', { lotId }, amount)
	];
}
