import type { Books } from '../db/books';
import { rememberingAlways, rememberingEachAlways } from './remember';

/** Where the books are kept, who keeps them, and how figures are told. */
const kept = rememberingEachAlways((books, _all: string) => books.settings.current(), String, [
	'settings_version',
	'thing_name',
	'thing_end'
]);
export const settingsOf = (books: Books) => kept(books, 'all');

/** The grower's own measures, the largest first. */
export const measuresOf = rememberingAlways((books) => books.settings.measures());
