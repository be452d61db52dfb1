import type { ClueId, Evidence, SignId } from '../../core/detective';
import type { Books } from '../db/books';
import { casesOf, hitRate } from './cases';
import { cluesOn } from './clues';
import type { ToTreat } from './targets';

/** What is said of a bed now. */
interface SaidNow {
	readonly seen: readonly SignId[];
	readonly vain: readonly SignId[];
	readonly asked: readonly ClueId[];
}

/** All that is known of a bed at a moment, with what was just said. */
export const evidenceOn = (
	books: Books,
	bed: ToTreat,
	said: SaidNow,
	now_ms: number
): Evidence => ({
	seen: said.seen,
	vain: said.vain,
	clues: [...cluesOn(books, bed, now_ms), ...said.asked],
	tested: casesOf(books, bed).said.tested,
	cases: hitRate(books).byCause
});
