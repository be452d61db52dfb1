import { recountSchema, reverseSchema, takeAwaySchema } from '$lib/server/input/ledger';
import { act, deskOf, newActId } from '$lib/server/page';
import { waysOfLot } from '$lib/server/questions/ledger';
import { booksOf, typedWords } from '$lib/server/questions/booked';
import { heldBecause } from '$lib/server/questions/standing';
import { recountLot, takeAway } from '$lib/server/usecases/count-lot';
import { dependentsAsked, reverseAct } from '$lib/server/usecases/reverse-act';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	const lot = books.ledger.maybeLotEver(event.params.lot) ?? error(404, 'No such lot');
	const dependentsOf = dependentsAsked(books);
	const acts = booksOf(books, lot.id).map((entry) => ({
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
		volume_ml: entry.volume_ml,
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
	return {
		actId: newActId(),
		recountId: newActId(),
		takeAwayId: newActId(),
		lot,
		stands: books.ledger.maybeLot(lot.code) !== null,
		held: heldBecause(books, lot.id),
		acts,
		trace: waysOfLot(books, lot.id, lot.code),
		remarks: books.facts.remarks({ lotId: lot.id }),
		temperatures: books.facts.temperatures({ lotId: lot.id })
	};
};

export const actions: Actions = {
	recount: (event) =>
		act(event, 'recount', (reading) => recountSchema(reading, event.params.lot), recountLot),
	takeAway: (event) =>
		act(event, 'takeAway', (reading) => takeAwaySchema(reading, event.params.lot), takeAway),
	reverse: (event) =>
		act(
			event,
			'reverse',
			() => reverseSchema(`/ledger/${encodeURIComponent(event.params.lot)}`),
			reverseAct
		)
};
