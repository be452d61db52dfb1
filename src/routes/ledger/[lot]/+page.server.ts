import { disposeSchema, recountSchema, reverseSchema } from '$lib/server/input/ledger';
import { act, deskOf, newActId, type Desk } from '$lib/server/page';
import { traceOf } from '$lib/server/questions/ledger';
import { heldBecause } from '$lib/server/questions/standing';
import { disposeLot, recountLot } from '$lib/server/usecases/count-lot';
import { dependentsOf, reverseAct } from '$lib/server/usecases/reverse-act';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	const lot = books.ledger.maybeLot(event.params.lot) ?? error(404, 'No such lot');
	const movements = books.ledger.ofLot(lot.id);
	const acts = books.acts.ofLot(lot.id).map((entry) => ({
		id: entry.id,
		verb: entry.verb,
		at_ms: entry.happenedAt_ms,
		person: entry.person,
		note: entry.note,
		reversed: entry.reversed,
		isReversal: entry.reversesId !== null,
		volume_ml: movements
			.filter((m) => m.actId === entry.id)
			.reduce((sum, m) => sum + m.volume_ml, 0),
		dry_g: movements.filter((m) => m.actId === entry.id).reduce((sum, m) => sum + m.dry_g, 0),
		resting:
			entry.reversed || entry.reversesId !== null
				? []
				: dependentsOf(books, entry.id).map((d) => ({
						id: d.id,
						verb: d.verb,
						at_ms: d.happenedAt_ms
					}))
	}));
	return {
		actId: newActId(),
		lot,
		held: heldBecause(books, lot.id),
		acts,
		trace: named(books, lot.code)
	};
};

/** The trace both ways with a name for every step. */
function named(books: Desk['books'], code: string) {
	const { back, forward } = traceOf(books, code);
	const name = (node: string) => books.ledger.maybeLot(node);
	const shape = (steps: typeof back) =>
		steps.map((step) => ({
			...step,
			kind: name(step.node)?.kind ?? ('bed' as const),
			name: name(step.node)?.name ?? ''
		}));
	return { back: shape(back), forward: shape(forward) };
}

export const actions: Actions = {
	recount: (event) =>
		act(event, 'recount', (reading) => recountSchema(reading, event.params.lot), recountLot),
	dispose: (event) =>
		act(event, 'dispose', (reading) => disposeSchema(reading, event.params.lot), disposeLot),
	reverse: (event) => {
		const { books } = deskOf(event);
		const lot = event.params.lot;
		return act(event, 'reverse', () => reverseSchema(backTo(books, lot)), reverseAct);
	}
};

/** Undoing the act that made this lot takes the page with it; the room above it stays. */
function backTo(books: Desk['books'], code: string): string {
	const kind = books.ledger.maybeLot(code)?.kind;
	return kind === 'stack'
		? '/woodyard'
		: kind === undefined || kind === 'partner'
			? '/'
			: '/charging';
}
