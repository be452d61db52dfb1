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

const movedKept = rememberingEachAlways(
	(books, _all: string): readonly Moved[] => books.moved.all(),
	String,
	['movement']
);

/** All that ever moved, in the order in which it happened. */
export const moved = (books: Books): readonly Moved[] => movedKept(books, 'all');
