import type { Books } from '../db/books';

const minute = 60_000;

/**
 * A question whose answer is kept while nothing was written and the same minute lasts. The books are
 * append-only: as long as the newest act is the same one, so is every answer, but for the clock.
 */
export function remembering<T>(
	answer: (books: Books, now_ms: number) => T
): (books: Books, now_ms: number) => T {
	const known = new WeakMap<Books, { readonly key: string; readonly value: T }>();
	return (books, now_ms) => {
		// What is tried out may be rolled back, and its act's number given to another.
		if (books.db.inTransaction) return answer(books, now_ms);
		const key = `${books.acts.newest()} ${Math.floor(now_ms / minute)}`;
		const kept = known.get(books);
		if (kept?.key === key) return kept.value;
		const value = answer(books, now_ms);
		known.set(books, { key, value });
		return value;
	};
}
