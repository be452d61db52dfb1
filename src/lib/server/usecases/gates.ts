import { othersIn } from '../questions/vessels';
import { plausibleCharDensity } from '../../core/char';
import { failingsOf, reaches, type ProofStage, type ProofState } from '../../core/fires';
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
import { clash, failedLast, type Stay } from '../../core/vessels';
import { hiddenBy } from '../../format/figure';
import type { Envelope } from '../../input/act';
import type { Batch } from '../db/batch-row';
import type { Books } from '../db/books';
import type { Lot } from '../db/lot-row';
import { kitOf } from '../questions/found';
import { heldBecause, proofOf } from '../questions/standing';
import { askUnlessSure, refuse } from './act';

/** Refuse at a field unless the lot is free to move. */
export function refuseHeld(books: Books, lot: Lot, field: string): void {
	const reason = heldBecause(books, lot.id);
	if (reason !== undefined) refuse(field, 'held', { code: lot.code, reason });
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
	const proof = proofOf(books, burnId, at_ms);
	if (!reaches(proof, needed)) refuseProof(books, burnId, field, needed, proof);
	return provenBy(books, burnId, at_ms, needed);
}

/** Checks without which a proof would not have reached a stage; where any one would do, the first since it was last found hot. */
export function provenBy(
	books: Books,
	burnId: number,
	at_ms: number,
	needed: ProofStage
): readonly string[] {
	const made = books.checks.of(burnId).filter((check) => check.at_ms <= at_ms);
	const hot = made.findLastIndex((check) => failingsOf(check).some((why) => why !== 'places'));
	const passed = made
		.slice(hot + 1)
		.filter((check) => failingsOf(check).length === 0)
		.map(({ actId }) => actId);
	const wanted = passed.filter((actId) => !reaches(proofOf(books, burnId, at_ms, actId), needed));
	return wanted.length > 0 ? wanted : passed.slice(0, 1);
}

/** Checks by which char may be left to itself: its fire's series, or that of the drained soak. */
export function mayLieBy(
	books: Books,
	{ burnId, lotId }: { readonly burnId: number; readonly lotId: number },
	at_ms: number
): readonly string[] {
	if (reaches(proofOf(books, burnId, at_ms), 'series'))
		return provenBy(books, burnId, at_ms, 'series');
	return books.checks
		.ofLot(lotId)
		.filter((check) => check.at_ms <= at_ms && failingsOf(check).length === 0)
		.map(({ actId }) => actId);
}

/** Why the proof of a fire does not do: how far it has come, and how far it must. */
export function refuseProof(
	books: Books,
	burnId: number,
	field: string,
	needed: ProofStage,
	{ passed, of }: ProofState
): never {
	const burn = books.burns.byId(burnId)?.code ?? '';
	refuse(field, 'not-proven', { burn, needed, passed, of });
}

/** The stage of proof an act on char needs. Source: what each stage allows, `core/fires/proof.ts`. */
export function stageNeeded(verb: string, input: Readonly<Record<string, unknown>>): ProofStage {
	// Dry char can heat itself: kept dry it wants the longest proof, as what goes into bags does.
	if (verb === 'give-away') return 'stored';
	if (verb === 'crush') return input.wetness === 'dry' ? 'stored' : 'once';
	return verb === 'charge' ? 'once' : 'series';
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

/** Refuse at a field while another fire is in the vessel. */
export function refuseBusy(
	vessel: { readonly name: string },
	stays: readonly Stay[],
	wanted: Omit<Stay, 'of'>,
	field: string
): void {
	const other = clash(stays, wanted);
	if (other) refuse(field, 'vessel-busy', { name: vessel.name, code: other.of });
}

/** A vessel that failed and was not mended since is lit only where that is meant. */
export function askIfFailed(
	books: Books,
	envelope: Envelope,
	{ id, name }: { readonly id: number; readonly name: string }
): void {
	const by_ms = envelope.happenedAt_ms;
	const failed = failedLast(kitOf(books, id).filter(({ at_ms }) => at_ms <= by_ms));
	if (failed)
		askUnlessSure(envelope, { code: 'vessel-failed', facts: { name, words: failed.words } });
}

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
