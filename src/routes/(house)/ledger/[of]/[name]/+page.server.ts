import { namedThings, thingAt, type Found } from '$lib/server/questions/things';
import type { Books } from '$lib/server/db/books';
import { holdSchema } from '$lib/input/woodyard';
import { recountSchema, reverseSchema, takeAwaySchema } from '$lib/input/ledger';
import { act, deskOf, newActId, pageOf } from '$lib/server/page';
import { waysOfLot } from '$lib/server/questions/ledger';
import { booksAbout, booksOf, countAbout, typedWords } from '$lib/server/questions/booked';
import { rememberingAlways } from '$lib/server/questions/remember';
import { heldBecause } from '$lib/server/questions/standing';
import { recountLot, takeAway } from '$lib/server/usecases/count-lot';
import { holdLot } from '$lib/server/usecases/hold-lot';
import { dependentsAsked, reverseAct } from '$lib/server/usecases/reverse-act';
import type { NamedKind } from '$lib/core/kinds';
import { booksPath } from '$lib/format/paths';
import { mergeSchema, renameSchema, retireSchema } from '$lib/input/naming';
import type { Schema, UseCase } from '$lib/server/send';
import { mergeThings, renameThing, retireThing } from '$lib/server/usecases/naming';
import { error, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	const { of, name } = event.params;
	const thing = thingAt(books, of, name) ?? error(404, 'No books of that');
	// By a name it went by once: on to what it is called now.
	if (thing.name.toLowerCase() !== name.toLowerCase() && thing.of !== 'lot' && thing.of !== 'fire')
		redirect(303, booksPath(thing.of, thing.name));
	const ids = {
		actId: newActId(),
		recountId: newActId(),
		takeAwayId: newActId(),
		holdId: newActId()
	};
	const total = thing.of === 'lot' ? 0 : countAbout(books, thing.id);
	const { page, pages, skip } = pageOf(event.url, total, perPage);
	const acts = linesOf(event, books, thing, skip);
	if (thing.of !== 'lot')
		return {
			...ids,
			of: thing.of,
			name: thing.name,
			acts,
			...{ total, page, pages },
			lot: null,
			named: thing.of === 'fire' ? null : namedOf(books, thing.of, thing.id)
		};
	const { lot } = thing;
	return {
		...ids,
		of: thing.of,
		name: lot.code,
		acts,
		lot,
		stands: books.ledger.maybeLot(lot.code) !== null,
		held: heldBecause(books, lot.id),
		heldItself: books.woodyard.held().has(lot.id),
		trace: waysOfLot(books, lot.id, lot.code),
		remarks: books.findings.remarks(lot.id),
		temperatures: books.findings.temperatures(lot.id)
	};
};

/** What it was called, whether it is used, and what else of its kind it may be the same as. */
const namedOf = (books: Books, kind: NamedKind, id: number) => ({
	names: books.things.names(id),
	ended: books.things.ended(id) ?? null,
	others: namedThings(books, kind)
		.filter((one) => one.id !== id)
		.map((one) => one.name)
});

/** Whoever keeps the books has done much: their acts are told some at a time. */
const perPage = 25;

/** More than anybody reads before it is undone. */
const mostResting = 12;

function linesOf(event: RequestEvent, books: Books, thing: Found, skip: number) {
	const opened = event.locals.sent?.act ?? event.url.searchParams.get('opened');
	const isLot = thing.of === 'lot';
	return linesKept(books, isLot ? 'lot' : 'other', isLot ? thing.lot.id : thing.id, skip).map(
		(line) => (line.id === opened ? { ...line, resting: restingOn(books, line.id) } : line)
	);
}

/** The acts of a page of books, as they are listed. */
const linesKept = rememberingAlways((books, of: 'lot' | 'other', id: number, skip: number) => {
	const booked = of === 'lot' ? booksOf(books, id) : booksAbout(books, id, { most: perPage, skip });
	const ids = booked.map((entry) => entry.id);
	const rested = books.grounds.restedOn(ids);
	const answered = books.answers.ofMany(ids);
	return booked.map((entry) => ({
		id: entry.id,
		seq: entry.seq,
		verb: entry.verb,
		at_ms: entry.happenedAt_ms,
		recorded_ms: entry.recordedAt_ms,
		typed: typedWords(entry.typed),
		person: entry.person,
		note: entry.note,
		answered: answered.get(entry.id) ?? [],
		reversed: entry.reversed,
		isReversal: entry.isReversal,
		volume_ul: entry.volume_ul,
		dry_g: entry.dry_g,
		isRestedOn: !entry.reversed && !entry.isReversal && rested.has(entry.id),
		resting: undefined as ReturnType<typeof restingOn> | undefined
	}));
});

/** Acts that would be undone first: their number, and the first of them. */
function restingOn(books: Books, id: string) {
	const all = dependentsAsked(books)(id);
	return {
		n: all.length,
		first: all
			.slice(0, mostResting)
			.map((one) => ({ id: one.id, verb: one.verb, at_ms: one.happenedAt_ms }))
	};
}

/** Renamed, retired, merged: of what goes by a name. */
const naming = <T>(
	event: RequestEvent,
	form: 'rename' | 'retire' | 'merge',
	schema: (kind: NamedKind, name: string) => ReturnType<Schema<T>>,
	useCase: UseCase<T>
) => {
	const { of, name } = event.params;
	// What goes by a code has no such acts: the use case says so in words.
	return act(event, form, () => schema(of as NamedKind, name), useCase);
};

export const actions: Actions = {
	rename: (event) => naming(event, 'rename', renameSchema, renameThing),
	retire: (event) => naming(event, 'retire', retireSchema, retireThing),
	merge: (event) => naming(event, 'merge', mergeSchema, mergeThings),
	hold: (event) => act(event, 'hold', () => holdSchema(event.params.name), holdLot),
	recount: (event) =>
		act(event, 'recount', (reading) => recountSchema(reading, event.params.name), recountLot),
	takeAway: (event) =>
		act(event, 'takeAway', (reading) => takeAwaySchema(reading, event.params.name), takeAway),
	reverse: (event) =>
		act(
			event,
			'reverse',
			() => reverseSchema(`/ledger/${event.params.of}/${encodeURIComponent(event.params.name)}`),
			reverseAct
		)
};
