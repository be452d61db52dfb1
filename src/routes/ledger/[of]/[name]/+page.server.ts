import type { Books } from '$lib/server/db/books';
import { holdSchema } from '$lib/input/woodyard';
import { recountSchema, reverseSchema, takeAwaySchema } from '$lib/input/ledger';
import { act, deskOf, newActId } from '$lib/server/page';
import { waysOfLot } from '$lib/server/questions/ledger';
import { booksAbout, booksOf, typedWords } from '$lib/server/questions/booked';
import { heldBecause } from '$lib/server/questions/standing';
import { recountLot, takeAway } from '$lib/server/usecases/count-lot';
import { holdLot } from '$lib/server/usecases/hold-lot';
import { dependentsAsked, reverseAct } from '$lib/server/usecases/reverse-act';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	const { of, name } = event.params;
	const thing = thingOf(books, of, name) ?? error(404, 'No books of that');
	const ids = {
		actId: newActId(),
		recountId: newActId(),
		takeAwayId: newActId(),
		holdId: newActId()
	};
	const acts = linesOf(books, thing);
	if (thing.of !== 'lot') return { ...ids, of: thing.of, name: thing.name, acts, lot: null };
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
		remarks: books.facts.remarks({ lotId: lot.id }),
		temperatures: books.facts.temperatures({ lotId: lot.id })
	};
};

/** What has books: a lot that ever was, or a bed, fire or vessel. */
function thingOf(books: Books, of: string, name: string) {
	if (of === 'lot') {
		const lot = books.ledger.maybeLotEver(name);
		return lot && { of: 'lot' as const, lot };
	}
	if (of === 'bed') {
		const bed = books.beds.maybeOne(name);
		return bed && { of: 'bed' as const, name: bed.name, id: bed.id };
	}
	if (of === 'vessel') {
		const vessel = books.vessels.maybeOne(name);
		return vessel && { of: 'vessel' as const, name: vessel.name, id: vessel.id };
	}
	const burn = of === 'fire' ? books.burns.maybeOne(name) : null;
	return burn && { of: 'fire' as const, name: burn.code, id: burn.id };
}

function linesOf(books: Books, thing: NonNullable<ReturnType<typeof thingOf>>) {
	const dependentsOf = dependentsAsked(books);
	const booked =
		thing.of === 'lot'
			? booksOf(books, thing.lot.id)
			: booksAbout(books, thing.of === 'fire' ? 'burn' : thing.of, thing.id);
	return booked.map((entry) => ({
		id: entry.id,
		seq: entry.seq,
		verb: entry.verb,
		at_ms: entry.happenedAt_ms,
		recorded_ms: entry.recordedAt_ms,
		typed: typedWords(entry.typed),
		person: entry.person,
		note: entry.note,
		reversed: entry.reversed,
		isReversal: entry.isReversal,
		volume_ul: entry.volume_ul,
		dry_g: entry.dry_g,
		resting:
			entry.reversed || entry.isReversal
				? []
				: dependentsOf(entry.id).map((d) => ({
						id: d.id,
						verb: d.verb,
						at_ms: d.happenedAt_ms
					}))
	}));
}

export const actions: Actions = {
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
