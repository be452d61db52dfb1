import type { Books } from '../db/books';
import { isMidway, underWay } from '../db/revision';
import { minutes } from '../../core/time';

/** Different answers kept of one question: more are begun anew. */
const most = 64;

/**
 * A question whose answers are kept while nothing was written and the same minute lasts, each under
 * what it was asked about. The books are append-only: as long as the newest act is the same one, and
 * nothing was added to or thinned from a series, so is every answer, but for the clock.
 */
export function remembering<About extends readonly (string | number)[], T>(
	answer: (books: Books, now_ms: number, ...about: About) => T
): (books: Books, now_ms: number, ...about: About) => T {
	type Kept = WeakMap<Books, { readonly moment: string; readonly answers: Map<string, T> }>;
	const ofPages: Kept = new WeakMap();
	const ofActs: Kept = new WeakMap();
	const answersAt = (known: Kept, books: Books, moment: string) => {
		const kept = known.get(books);
		if (kept?.moment === moment && kept.answers.size < most) return kept.answers;
		const answers = new Map<string, T>();
		known.set(books, { moment, answers });
		return answers;
	};
	return (books, now_ms, ...about) => {
		if (isMidway(books.db)) return answer(books, now_ms, ...about);
		const revision = books.acts.revision();
		// An act is judged at its very moment; a page may be a minute old.
		const answers = books.db.inTransaction
			? answersAt(ofActs, books, `${revision} ${now_ms}`)
			: answersAt(ofPages, books, `${revision} ${Math.floor(now_ms / minutes(1))}`);
		const key = JSON.stringify(about);
		const value = answers.has(key) ? (answers.get(key) as T) : answer(books, now_ms, ...about);
		answers.set(key, value);
		return value;
	};
}

/** The same for what holds whatever the clock says: kept until something is written. */
export function rememberingAlways<About extends readonly (string | number)[], T>(
	answer: (books: Books, ...about: About) => T
): (books: Books, ...about: About) => T {
	const ask = remembering((books, _now_ms: number, ...about: About) => answer(books, ...about));
	return (books, ...about) => ask(books, 0, ...about);
}

/**
 * The same of each of many things (lots, beds), which a page asks all at once: kept together, under the key of each.
 * @param keyOf of what it is asked about: the same key, the same answer
 */
export function rememberingEach<About, T>(
	answer: (books: Books, about: About, at_ms: number) => T,
	keyOf: (about: About) => string | number
): (books: Books, about: About, at_ms: number) => T {
	const answers = remembering((_books, _at_ms): Map<string | number, T> => new Map());
	return (books, about, at_ms) => {
		const known = answers(books, at_ms);
		const key = keyOf(about);
		const value = known.has(key) ? (known.get(key) as T) : answer(books, about, at_ms);
		known.set(key, value);
		return value;
	};
}

/** Once an act has written nothing is remembered, and what is read at once for a page would be read for one: ask for that one. */
export const isTried = ({ db }: Books): boolean => isMidway(db);

/** What else is to be read again once acts were about these things. */
type Bonds = (books: Books, changed: readonly number[]) => Iterable<number>;
/** What changed since the act of a number. */
type Since = (books: Books, seen: number) => readonly number[];

/** What acts were about, and what that is bound to. */
export const aboutSince =
	(boundTo: Bonds = () => []): Since =>
	(books, seen) => {
		const changed = books.acts.thingsSince(seen);
		return changed.length === 0 ? [] : [...changed, ...boundTo(books, changed)];
	};

/**
 * What is known of things, by their ids, each until an act is about it or about one it is bound to: an act about one
 * bed leaves what is known of all others. Nothing is known in the midst of an act that has written.
 * @param since the things of which it may be otherwise now
 * @param tables the only ones that it rests on: an act that has written elsewhere may be asked
 */
export function knownOfThings<T>(
	since: Since = aboutSince(),
	tables?: readonly string[]
): (books: Books) => Map<number, T> {
	const known = new WeakMap<Books, KnownOf<T>>();
	return (books) => {
		if (isMidway(books.db, tables)) return new Map();
		const before = known.get(books);
		const newest = books.acts.newest();
		// What an act does may be taken back: nothing is forgotten for it before it is done.
		const act = underWay(books.db);
		if (act)
			return before ? midway(before, act, newest, () => since(books, before.seen)) : new Map();
		const kept = before ?? { seen: newest, values: new Map<number, T>() };
		known.set(books, kept);
		if (newest === kept.seen) return kept.values;
		for (const id of since(books, kept.seen)) kept.values.delete(id);
		kept.seen = newest;
		return kept.values;
	};
}

interface KnownOf<T> {
	seen: number;
	readonly values: Map<number, T>;
	/** What is known besides what the act under way is about. */
	midway?: { readonly act: object; readonly newest: number; readonly values: Map<number, T> };
}

function midway<T>(
	known: KnownOf<T>,
	act: object,
	newest: number,
	changed: () => readonly number[]
): Map<number, T> {
	if (known.midway?.act === act && known.midway.newest === newest) return known.midway.values;
	const values = new Map(known.values);
	for (const id of changed()) values.delete(id);
	known.midway = { act, newest, values };
	return values;
}

/**
 * The same, read where it is not known. For what holds whatever the clock says and rests on no series.
 * @param read of those that are not known
 */
export function keepingOfThings<T>(
	read: (books: Books, ids: readonly number[]) => ReadonlyMap<number, T>,
	boundTo: Bonds
): (books: Books, ids: readonly number[]) => readonly T[] {
	const knownNow = knownOfThings<T>(aboutSince(boundTo));
	return (books, ids) => {
		const values = knownNow(books);
		const missing = ids.filter((id) => !values.has(id));
		if (missing.length > 0) for (const [id, value] of read(books, missing)) values.set(id, value);
		// Each in a list of its own: what is known may be a list itself.
		return ids.flatMap((id) => (values.has(id) ? [values.get(id) as T] : []));
	};
}

/**
 * The same for what holds whatever the clock says, until a row is added to one of the tables that it rests on, or
 * anything is reversed: what is written elsewhere leaves it known.
 */
export function rememberingEachAlways<About, T>(
	answer: (books: Books, about: About) => T,
	keyOf: (about: About) => string | number,
	tables: readonly string[]
): (books: Books, about: About) => T {
	interface Known {
		revision: string;
		moment: string;
		values: Map<string | number, T>;
	}
	const known = new WeakMap<Books, Known>();
	const valuesNow = (books: Books) => {
		const revision = books.acts.revision();
		const kept = known.get(books);
		// Within an act the number of the newest may yet be given to another: the tables themselves tell.
		const isSettled = !books.db.inTransaction;
		if (isSettled && kept?.revision === revision) return kept.values;
		const moment = books.acts.revisionOf(tables);
		const values = kept?.moment === moment ? kept.values : new Map<string | number, T>();
		if (isSettled || !kept)
			known.set(books, { revision: isSettled ? revision : '', moment, values });
		return values;
	};
	return (books, about) => {
		if (isMidway(books.db, tables)) return answer(books, about);
		const values = valuesNow(books);
		const key = keyOf(about);
		const value = values.has(key) ? (values.get(key) as T) : answer(books, about);
		if (values.size >= most) values.clear();
		values.set(key, value);
		return value;
	};
}

/** The same of one question that is asked about nothing else. */
export function rememberingWhile<T>(
	answer: (books: Books) => T,
	tables: readonly string[]
): (books: Books) => T {
	const ask = rememberingEachAlways((books, _all: 'all') => answer(books), String, tables);
	return (books) => ask(books, 'all');
}
