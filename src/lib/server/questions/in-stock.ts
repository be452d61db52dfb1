import type { Books } from '../db/books';
import { rememberingAlways, rememberingEachAlways } from './remember';

// What every page asks more than once: read once, until something is written.

export const charsInStock = rememberingAlways((books) => books.char.inStock());
export const chargesInStock = rememberingAlways((books) => books.batches.inStock());
export const brewsInStock = rememberingAlways((books) => books.brews.inStock());
export const heapsInStock = rememberingAlways((books) => books.heaps.inStock());
export const stacksInStock = rememberingAlways((books) => books.woodyard.inStock());
export const goodsInStock = rememberingAlways((books) => books.stock.inStock());

/** Every lot that anything is left of, with what it holds, by its id. */
export const lotsInStock = rememberingAlways(
	(books) => new Map(books.ledger.inStock().map((lot) => [lot.id, lot] as const))
);

/** Vessels in use, as they were last measured, by name. */
export const vesselsInUse = rememberingAlways((books) => books.vessels.all());
/** Every version of every vessel: what was burnt or stands in one keeps the version of its day. */
export const vesselVersions = rememberingAlways((books) => books.vessels.versions());

/** How many burns each vessel has done and what they gave, by its id, until another is recorded. */
const burntPerVessel = rememberingEachAlways(
	(books, _all: string) => books.burnResults.perVessel(),
	String,
	['burn_record', 'vessel_version']
);
export const burntIn = (books: Books) => burntPerVessel(books, 'all');
