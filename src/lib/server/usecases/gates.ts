import { othersIn } from '../questions/vessels';
import { plausibleCharDensity } from '../../core/char';
import { judge } from '../../core/cautions';
import { takingRules, type ProofStage, type Taking } from '../../core/fires';
import { takePart, type Amount } from '../../core/ledger';
import { minutes } from '../../core/time';
import {
	litresOfPart,
	nameKey,
	type Part,
	inLitres,
	microlitres,
	type Litres
} from '../../core/units';
import { hiddenBy } from '../../format/figure';
import type { Caution } from '../../core/cautions';
import type { Batch } from '../db/batch-row';
import type { Books } from '../db/books';
import type { Lot } from '../db/lot-row';
import { heldBecause, proofOf, provenBy, releasesOf } from '../questions/standing';
import { refuse } from './act';

/**
 * Refuse at a field unless the lot is free to move.
 * @returns the acts that lifted a quarantine from it, or from what it came of: the act rests on them
 */
export function refuseHeld(books: Books, lot: Lot, field: string): readonly string[] {
	refuseTaking(
		{ code: lot.code, held: heldBecause(books, lot.id), proofs: [], needed: 'once' },
		field
	);
	return releasesOf(books, lot.id);
}

/**
 * Refuse at a field until the burn a char lot came from is proven as far as an act needs.
 * @returns the checks that prove it: the act rests on them
 */
export function refuseUnproven(
	books: Books,
	burnId: number | null,
	at_ms: number,
	field: string,
	needed: ProofStage
): readonly string[] {
	if (burnId === null) return [];
	const burn = books.burns.byId(burnId)?.code ?? '';
	const proof = proofOf(books, burnId, at_ms);
	refuseTaking({ code: burn, proofs: [{ burn, proof }], needed }, field);
	return provenBy(books, burnId, at_ms, needed);
}

/** What of a lot stays where it is. */
export function refuseTaking(taking: Taking, field: string): void {
	const [first] = judge(takingRules, taking);
	if (first) refuse(field, first.code, first.facts);
}

/** A lot by its code, or a refusal at the field that named it, or at the date where it was not yet made. */
export function lotOrRefuse(books: Books, code: string, field: string, at_ms: number): Lot {
	const lot = books.ledger.maybeLot(code) ?? refuse(field, 'unknown-lot', { code });
	// The making itself is of that very moment; a form sent to the minute may fall just before it.
	if (at_ms + minutes(1) <= madeAt(books, lot)) refuse('happenedAt', 'before-lot', { code });
	return lot;
}

const madeAt = (books: Books, { actId }: Lot): number =>
	books.acts.maybeOne(actId)?.happenedAt_ms ?? 0;

/** What the figures of a page leave open of a lot, L: shown as 220 gal it may hold a little less. */
export const slackOf = (books: Books, { volume_ul }: Pick<Lot, 'volume_ul'>): number =>
	hiddenBy(inLitres(volume_ul), 'L', books.settings.current().system);

/**
 * Whole or part of a lot in mL: a part must be there and more than nothing. What is over the rest by
 * no more than the rounding of the page is the exact rest.
 */
export function partOf(books: Books, lot: Lot, part: Part, field: string): number {
	if (lot.volume_ul <= 0) refuse(field, 'empty', { code: lot.code });
	const asked = microlitres(litresOfPart(part, inLitres(lot.volume_ul), slackOf(books, lot)));
	if (asked <= 0) refuse(field, 'nothing');
	if (asked > lot.volume_ul)
		refuse(field, 'short', {
			code: lot.code,
			missing_l: inLitres(asked - lot.volume_ul),
			held_l: inLitres(lot.volume_ul)
		});
	return asked;
}

/** A batch by its code, with its lot. */
export function batchOrRefuse(
	books: Books,
	code: string,
	field: string,
	at_ms: number
): { readonly batch: Batch; readonly lot: Lot } {
	const lot = lotOrRefuse(books, code, field, at_ms);
	const batch = books.batches.maybeOne(lot.code) ?? refuse(field, 'no-batch', { code });
	return { batch, lot };
}

/** What a part of a lot carries at a moment: all of it the exact rest, a part what was there then. */
export function takenOf(books: Books, lot: Lot, volume_ul: number, at_ms: number): Amount {
	if (volume_ul === lot.volume_ul) return amountOf(lot);
	const then = books.ledger.heldAt(lot.id, at_ms);
	return takePart(then.volume_ul > volume_ul ? then : amountOf(lot), volume_ul);
}

const amountOf = ({ volume_ul, mass_mg, contents }: Amount): Amount => ({
	volume_ul,
	mass_mg,
	contents
});

/** Refuse at a field a sample that no dry char can be. */
export function refuseOddDensity(
	sample: { readonly litres: number; readonly kg: number },
	field: string
): void {
	const density = sample.litres > 0 ? sample.kg / sample.litres : 0;
	if (density < plausibleCharDensity.low || density > plausibleCharDensity.high)
		refuse(field, 'odd-density', { density });
}

/** The one that goes by a name, whatever its case and spacing. */
export const namedAlike = <T extends { readonly name: string }>(
	known: readonly T[],
	name: string
): T | undefined => known.find((one) => nameKey(one.name) === nameKey(name));

/** A vessel holds what stands in it and no more: this at its new level, and whatever else stands there. */
export function refuseOverfull(
	books: Books,
	{ code, vesselVersionId }: { readonly code: string; readonly vesselVersionId: number | null },
	level: Litres,
	field: string,
	at_ms: number
): void {
	const vessel = vesselVersionId === null ? null : books.vessels.version(vesselVersionId);
	if (!vessel) return;
	const others = othersIn(books, vessel.id, code, at_ms);
	const stands_l = level + others.reduce((sum, { left_ul }) => sum + inLitres(left_ul), 0);
	if (stands_l > vessel.capacity_l * 1.005)
		refuse(field, 'overfull', { name: vessel.name, capacity_l: vessel.capacity_l, stands_l });
}

/** Where it stands on a form what no reason makes right: what is wrong with the lot at its choice, else at the bed. */
export const fieldOfLot =
	(code: string, lotField: string, bedField: string) =>
	({ of }: Pick<Caution, 'of'>): string =>
		of === code ? lotField : bedField;
