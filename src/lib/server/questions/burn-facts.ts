import type { BurnFacts } from '../db/burn-facts';
import type { Books } from '../db/books';
import type { Moved } from '../db/moved';
import { rememberingEachAlways } from './remember';

const factsKept = rememberingEachAlways(
	(books, _all: string): readonly BurnFacts[] => books.burnFacts.all(),
	String,
	['burn_record', 'density_reading', 'moisture_reading', 'thing_name']
);

/** Every finished burn with all that may bear on it, the oldest first. */
export const burnFacts = (books: Books): readonly BurnFacts[] => factsKept(books, 'all');

/** What went on a part went on its whole, and on that which it was merged into. */
function wholesOf(books: Books): (bedId: number) => number {
	const to = new Map(books.beds.bonds().map((bond) => [bond.id, bond.to]));
	return (bedId) => {
		let whole = bedId;
		for (let step = 0; step < 30 && to.has(whole); step += 1) whole = to.get(whole) ?? whole;
		return whole;
	};
}

const movedKept = rememberingEachAlways(
	(books, _all: string): readonly Moved[] => {
		const wholeOf = wholesOf(books);
		return books.moved
			.all()
			.map((row) => (row.bedId === null ? row : { ...row, bedId: wholeOf(row.bedId) }));
	},
	String,
	['movement', 'thing_end', 'bed_version']
);

/** All that ever moved, in the order in which it happened. */
export const moved = (books: Books): readonly Moved[] => movedKept(books, 'all');
