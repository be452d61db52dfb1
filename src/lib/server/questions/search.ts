import type { Books } from '../db/books';
import type { Hit } from '../db/search';
import { nearest } from '../../core/units';
import { rememberingAlways } from './remember';
import { allBeds } from './kept-beds';

/** Beds on which something of that name grows, or comes next. */
const growing = (books: Books, asked: string): readonly Hit[] =>
	allBeds(books).flatMap(({ name, crops }) => {
		const crop = crops.find((one) => one.name.toLowerCase().includes(asked.toLowerCase()));
		return crop ? [{ kind: 'bed' as const, code: name, name: crop.name, volume_ul: null }] : [];
	});

/**
 * What goes by a word, then beds where it grows, then whatever somebody noted it of; each thing once.
 * @param most what was noted is gone through only where the rest comes to less
 */
export function found(books: Books, asked: string, most: number): readonly Hit[] {
	const named = books.search.like(asked, most);
	const hits =
		named.length < most
			? [...named, ...growing(books, asked), ...books.search.remarked(asked, most)]
			: named;
	const once = new Map<string, Hit>();
	for (const hit of hits)
		if (!once.has(`${hit.kind} ${hit.code}`)) once.set(`${hit.kind} ${hit.code}`, hit);
	return [...once.values()].slice(0, most);
}

/** Words that anything here goes by: of lots in stock, beds, what grows there and vessels. */
const wordsKnown = rememberingAlways((books): readonly string[] => {
	const names = [
		...books.search.names(),
		...allBeds(books).flatMap(({ crops }) => crops.map(({ name }) => name))
	];
	return [...new Set(names.flatMap((name) => [name, ...name.split(/[\s,]+/)]))].filter(
		(word) => word.length >= 3
	);
});

/** What was most likely meant, where nothing goes by what was typed. */
export const meantBy = (books: Books, asked: string): string | undefined =>
	nearest(asked, wordsKnown(books));
