import { proofState, type ProofState } from '../../core/fires';
import type { Books } from '../db/books';
import { remembering } from './remember';

/** Why a lot may not move: a hold on itself or on anything it came from. */
export function heldBecause(books: Books, lotId: number): string | undefined {
	return books.flows.held().get(lotId);
}

/** The proof of a burn as the checks up to a moment give it. */
export function proofOf(books: Books, burnId: number, at_ms: number): ProofState {
	return proofState(books.burns.quenchedAt(burnId) ?? at_ms, books.checks.of(burnId), at_ms);
}

/** What holds of all lots and fires at a moment, each asked once for a page that lists many. */
export interface Standing {
	heldBecause(lotId: number): string | undefined;
	proofOf(burnId: number): ProofState;
}

export const standingAt = remembering((books, at_ms): Standing => {
	const held = books.flows.held();
	const proofs = new Map<number, ProofState>();
	return {
		heldBecause: (lotId) => held.get(lotId),
		proofOf: (burnId) => {
			const known = proofs.get(burnId) ?? proofOf(books, burnId, at_ms);
			proofs.set(burnId, known);
			return known;
		}
	};
});
