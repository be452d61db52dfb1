import { proofState, type ProofState } from '../../core/fires';
import type { Books } from '../db/books';

/** Why a lot may not move: a hold on itself or on anything it came from. */
export function heldBecause(books: Books, lotId: number): string | undefined {
	const held = books.woodyard.held();
	if (held.size === 0) return undefined;
	const source = books.flows.ancestors(lotId).find((id) => held.has(id));
	return source === undefined ? undefined : held.get(source);
}

/** The proof of a burn as the checks up to a moment give it. */
export function proofOf(books: Books, burnId: number, at_ms: number): ProofState {
	const record = books.burns.byId(burnId)?.record;
	return proofState(record?.quenchedAt_ms ?? at_ms, books.burns.checks(burnId), at_ms);
}
