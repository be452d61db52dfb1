import type { DrainInput } from '../../input/fires';
import { keptBySoak, schoolOf } from '../../core/charging';
import { nothing, type Amount, type Contents } from '../../core/ledger';
import { compositionOf, type Composition, type GermClass } from '../../core/materials';
import { exactly, type Litres } from '../../core/units';
import type { Books } from '../db/books';
import type { Batch } from '../db/batch-row';
import type { Stamp } from '../db/ledger';
import { moves, type NewMovement } from '../db/movements';
import { germsIn } from '../questions/germs';
import { perform, postOrRefuse, refuse, toMl, type Outcome } from './act';
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
		const { lotId } = batch;
		return {
			path: `/charging/${batch.code}`,
			write: (stamp) => {
				const { actId } = stamp;
				const held = books.ledger.heldAt(lotId, stamp.happenedAt_ms);
				const char_l = (held.volume_ml / 1000) * batch.charShare.value;
				const { runsOff } = keptBySoak({
					char_l,
					char_kg: (held.contents.char ?? 0) / 1e6,
					liquid_l: batch.mix_l > 0 ? (batch.liquid_l * held.volume_ml) / 1000 / batch.mix_l : 0,
					withSolids: schoolOf(batch.school).partnerBy === 'ratio',
					contents: held.contents
				});
				const lines =
					input.liquor === undefined
						? lost(lotId, { ...nothing, contents: runsOff })
						: caught(books, stamp, batch, runsOff, input.liquor);
				postOrRefuse(books, stamp, lines, 'places');
				books.batches.insertFact({ actId, lotId, fact: 'drained' });
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

/** Nothing was caught: what its char does not hold is gone under its own name. */
const lost = (lotId: number, gone: Amount): readonly NewMovement[] =>
	Object.keys(gone.contents).length > 0
		? [moves('out', { lotId }, gone), moves('in', { account: 'drained' }, gone)]
		: [];

/** The liquor is a lot of its own, as strong as what ran off says. */
function caught(
	books: Books,
	{ actId }: Stamp,
	batch: Batch,
	runsOff: Contents,
	volume: Litres
): readonly NewMovement[] {
	const lotId = books.ledger.insertLot({
		code: books.ledger.nextCode('stock'),
		kind: 'stock',
		name: `liquor of ${batch.code}`,
		actId
	});
	books.stock.insert({
		lotId,
		actId,
		material: 'soak-liquor',
		composition: liquorOf(batch, germsIn(books, batch), runsOff, volume)
	});
	const volume_ml = toMl(volume);
	const amount: Amount = { volume_ml, mass_g: volume_ml, contents: runsOff };
	// Its litres were around the char, not of it: the batch keeps its own.
	const gone = { ...nothing, contents: runsOff };
	return [
		...(Object.keys(runsOff).length > 0 ? [moves('out', { lotId: batch.lotId }, gone)] : []),
		moves('in', { lotId }, amount)
	];
}

/** What a litre of it brings, by the books of its soak. */
function liquorOf(batch: Batch, germs: GermClass, runsOff: Contents, volume: Litres): Composition {
	const table = compositionOf('soak-liquor');
	const source = `what ran off ${batch.code}, by its books`;
	const grams = (of: keyof Contents) => (runsOff[of] ?? 0) / 1000;
	const perLitre = (of: keyof Contents) => ({
		...exactly(grams(of) / volume),
		origin: 'computed' as const,
		source
	});
	const nitrogen = grams('nitrogen');
	return {
		...table,
		germs,
		nitrogen: perLitre('nitrogen'),
		mineralShare: {
			...exactly(nitrogen > 0 ? grams('mineral-nitrogen') / nitrogen : 0),
			origin: 'computed',
			source
		},
		phosphorus: perLitre('phosphorus'),
		potassium: perLitre('potassium')
	};
}
