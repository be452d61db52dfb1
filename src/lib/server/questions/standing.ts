import { settingsOf } from './settings';
import { heldLots, releasedLots } from './held';
import {
	failingsOf,
	proofState,
	reaches,
	type LightOf,
	type ProofStage,
	type ProofState
} from '../../core/fires';
import { daylightAt, days, minutes, type Daylight } from '../../core/time';
import type { Books } from '../db/books';
import type { Check } from '../db/quench-checks';
import { knownOfThings, remembering, rememberingAlways } from './remember';

/** Why a lot may not move: a hold on itself or on anything it came from. */
export function heldBecause(books: Books, lotId: number): string | undefined {
	return heldLots(books).get(lotId);
}

/** Moments whose light is kept: more are begun anew. */
const mostMoments = 2000;

/** When it gets dark and light where these books are kept; each moment is worked out once. */
const lightHere = rememberingAlways((books): LightOf => {
	const { timeZone, latitude, longitude } = settingsOf(books);
	const place =
		latitude === null || longitude === null
			? undefined
			: { latitude_deg: latitude, longitude_deg: longitude };
	const known = new Map<number, Daylight>();
	return (at_ms) => {
		const at = at_ms - (at_ms % minutes(1));
		const light = known.get(at) ?? daylightAt(at, { timeZone, place });
		if (known.size >= mostMoments) known.clear();
		known.set(at, light);
		return light;
	};
});

/** When it gets dark and light around a moment. */
export const lightAt = (books: Books, at_ms: number): Daylight => lightHere(books)(at_ms);

/** Char that no fire here made was cold when it came: there is nothing to walk. */
const noFireHere: ProofState = Object.freeze({ stage: 'stored', passed: 0, of: 0, overdue: false });

/**
 * The proof of a burn as the checks up to a moment give it.
 * @param without an act whose check is left out, to see what rests on it
 */
export function proofOf(
	books: Books,
	burnId: number | null,
	at_ms: number,
	without?: string
): ProofState {
	if (burnId === null) return noFireHere;
	const checks = books.checks.of(burnId).filter(({ actId }) => actId !== without);
	return proofState(books.burns.quenchedAt(burnId) ?? at_ms, checks, at_ms, lightHere(books));
}

/** A passed check of a soak when it was drained: char that lay under liquid needs no other. */
const drainedCold = (books: Books, lotId: number, at_ms: number, without?: string): boolean =>
	coldBy(books.checks.ofLot(lotId), at_ms, without);

const coldBy = (checks: readonly Check[], at_ms: number, without?: string): boolean =>
	checks.some(
		(check) => check.at_ms <= at_ms && check.actId !== without && failingsOf(check).length === 0
	);

const lies = (proof: ProofState, ...drained: Parameters<typeof drainedCold>): boolean =>
	reaches(proof, 'series') || drainedCold(...drained);

/** Whether char may be left to itself, as on a bed: its fire's whole series, or drained cold. */
export const mayLie = (
	books: Books,
	lot: { readonly burnId: number | null; readonly lotId: number },
	at_ms: number,
	without?: string
): boolean => lies(proofOf(books, lot.burnId, at_ms, without), books, lot.lotId, at_ms, without);

/** What holds of all lots and fires at a moment, each asked once for a page that lists many. */
export interface Standing {
	/** What these rest on is read at once, not one after the other. */
	about(lots: readonly { readonly burnId: number | null; readonly lotId?: number }[]): Standing;
	heldBecause(lotId: number): string | undefined;
	proofOf(burnId: number | null): ProofState;
	mayLie(lot: { readonly burnId: number | null; readonly lotId: number }): boolean;
}

export const standingAt = remembering((books, at_ms): Standing => {
	const proofs = new Map<number | null, ProofState>();
	const drained = new Map<number, boolean>();
	const proofNow = (burnId: number | null) => {
		const known = proofs.get(burnId) ?? proofOf(books, burnId, at_ms);
		proofs.set(burnId, known);
		return known;
	};
	const drainedNow = (lotId: number) => {
		const known = drained.get(lotId) ?? drainedCold(books, lotId, at_ms);
		drained.set(lotId, known);
		return known;
	};
	const standing: Standing = {
		about: (lots) => {
			proveMany(books, at_ms, proofs, lots);
			const unknown = lots.flatMap(({ lotId, burnId }) =>
				lotId === undefined || drained.has(lotId) || reaches(proofNow(burnId), 'series')
					? []
					: [lotId]
			);
			const checks = unknown.length > 0 ? books.checks.ofLots(unknown) : new Map<number, Check[]>();
			for (const lotId of unknown) drained.set(lotId, coldBy(checks.get(lotId) ?? [], at_ms));
			return standing;
		},
		heldBecause: (lotId) => heldLots(books).get(lotId),
		proofOf: proofNow,
		mayLie: ({ burnId, lotId }) => reaches(proofNow(burnId), 'series') || drainedNow(lotId)
	};
	return standing;
});

/** The proofs of many fires that are not known yet, by two questions. */
function proveMany(
	books: Books,
	at_ms: number,
	proofs: Map<number | null, ProofState>,
	lots: readonly { readonly burnId: number | null }[]
): void {
	const ids = [...new Set(lots.map(({ burnId }) => burnId))].flatMap((id) =>
		id === null || proofs.has(id) ? [] : [id]
	);
	const whole = wholeNow(books);
	const { timeZone, latitude, longitude } = settingsOf(books);
	const place = `${timeZone} ${latitude} ${longitude}`;
	const kept = (id: number) => {
		const one = whole.get(id);
		return one && one.from_ms <= at_ms && one.place === place ? one.proof : undefined;
	};
	const open = ids.filter((id) => kept(id) === undefined);
	for (const id of ids) proofs.set(id, kept(id) ?? noFireHere);
	if (open.length === 0) return;
	const checks = books.checks.ofMany(open);
	const quenched = books.burns.quenchedAtMany(open);
	const light = lightHere(books);
	for (const id of open) {
		const quenched_ms = quenched.get(id) ?? at_ms;
		const proof = proofState(quenched_ms, checks.get(id) ?? [], at_ms, light);
		proofs.set(id, proof);
		if (reaches(proof, 'series')) whole.set(id, { proof, from_ms: at_ms, place });
	}
}

/** Fires whose series is whole: but for the light of the place, nothing but an act about them changes that. */
const wholeNow = knownOfThings<{
	readonly proof: ProofState;
	readonly from_ms: number;
	readonly place: string;
}>();

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
export function liesBy(
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

/** Acts that lifted the quarantine of a lot, or of what it came of: what moves it rests on them. */
export const releasesOf = (books: Books, lotId: number): readonly string[] =>
	releasedLots(books).get(lotId) ?? [];

/** Whether nobody sees to work at a moment: after its sunset, or before first daylight. */
export const isDarkAt = (books: Books, at_ms: number): boolean =>
	at_ms > lightAt(books, at_ms).sunset_ms || at_ms < lightAt(books, at_ms - days(1)).morning_ms;
