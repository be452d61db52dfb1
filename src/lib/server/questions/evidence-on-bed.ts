import { signsOfReadings, type ClueId, type Evidence, type SignId } from '../../core/detective';
import { days } from '../../core/time';
import type { Books } from '../db/books';
import { casesOf, hitRate } from './cases';
import { cluesOn } from './clues';
import type { ToTreat } from './targets';

/** A reading of the ground tells of it so long. */
const readingLasts_ms = days(60);

/** What is ticked of a bed before anybody does: what was said of it, and what was read of its ground where nothing was. */
export function saidOf(books: Books, bed: ToTreat, now_ms: number): SaidNow {
	const { said } = casesOf(books, bed);
	const newest = <K extends 'worms' | 'spade' | 'bed-smell' | 'water-stood'>(what: K) =>
		books.findings.of(bed.id, what).find(({ at_ms }) => at_ms > now_ms - readingLasts_ms)?.found;
	const read = signsOfReadings({
		worms: newest('worms')?.worms,
		spade_m: newest('spade')?.depth_m,
		smell: newest('bed-smell')?.is,
		stood_h: newest('water-stood')?.hours
	});
	const known = [...said.seen, ...said.vain];
	const open = (ids: readonly SignId[]) => ids.filter((id) => !known.includes(id));
	return {
		seen: [...said.seen, ...open(read.seen)],
		vain: [...said.vain, ...open(read.vain)],
		asked: said.asked
	};
}

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
