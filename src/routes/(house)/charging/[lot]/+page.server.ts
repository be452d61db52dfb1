import {
	chargesInStock,
	goodsInStock,
	vesselVersions,
	vesselsInUse
} from '$lib/server/questions/in-stock';
import { doneWith } from '$lib/server/questions/found';
import { joinSchema, moveSchema, splitSchema, testSchema, topUpSchema } from '$lib/input/batch';
import { choicesOf, act, smallActions, deskOf, newActId } from '$lib/server/page';
import { schoolOf } from '$lib/core/charging';
import { chargeLine, charsToCharge, notesOf } from '$lib/server/questions/charging';
import { heldBecause, mayLie } from '$lib/server/questions/standing';
import { drainSchema } from '$lib/input/fires';
import { drainCharge } from '$lib/server/usecases/drain-charge';
import { joinBatches, splitBatch } from '$lib/server/usecases/split-batch';
import { moveBatch } from '$lib/server/usecases/move-batch';
import { testCharge } from '$lib/server/usecases/test-charge';
import { topUpBatch } from '$lib/server/usecases/top-up-batch';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const charge = books.batches.maybeOne(event.params.lot) ?? error(404, 'No such charge');
	const tub =
		charge.vesselVersionId === null ? null : vesselVersions(books).get(charge.vesselVersionId);
	const others = chargesInStock(books)
		.filter(({ code, school }) => school === charge.school && code !== charge.code)
		.map(({ code }) => code);
	const goods = choicesOf(
		event,
		[
			...goodsInStock(books).map(({ code, name, volume_ul }) => ({ code, name, volume_ul })),
			/** Char that may be opened into it. */
			...charsToCharge(books, now_ms).map(({ code, state, volume_ul }) => ({
				code,
				name: `${state} char`,
				volume_ul
			}))
		],
		({ code }) => `lot:${code}`,
		'add'
	);
	const tubs = choicesOf(
		event,
		vesselsInUse(books).filter(({ usedFor }) => usedFor === 'tub'),
		({ name }) => name,
		'vessel'
	);
	const alike = choicesOf(event, others, String, 'into');
	return {
		actId: newActId(),
		drainId: newActId(),
		ids: {
			tend: newActId(),
			topUp: newActId(),
			move: newActId(),
			split: newActId(),
			join: newActId()
		},
		facts: doneWith(books.findings, charge.lotId),
		stock: goods.rows,
		tubs: tubs.rows.map(({ name }) => name),
		others: alike.rows,
		rest: { stock: goods.rest, tubs: tubs.rest, others: alike.rest },
		mayLie: mayLie(books, charge, now_ms),
		drainChecks: books.checks.ofLot(charge.lotId),
		line: chargeLine(charge, notesOf(books, charge.lotId), now_ms),
		tub,
		held: heldBecause(books, charge.lotId)
	};
};

export const actions: Actions = {
	...smallActions('lot', ({ params }: RequestEvent) => params.lot, [
		'stir',
		'turn',
		'moisten',
		'muck-out',
		'read-temperature'
	]),
	topUp: (event) =>
		act(event, 'topUp', (r, values) => topUpSchema(r, event.params.lot, values), topUpBatch),
	move: (event) => act(event, 'move', (r) => moveSchema(r, event.params.lot), moveBatch),
	split: (event) => act(event, 'split', (r) => splitSchema(r, event.params.lot), splitBatch),
	join: (event) => act(event, 'join', (r) => joinSchema(r, event.params.lot), joinBatches),
	drain: (event) =>
		act(event, 'drain', (reading) => drainSchema(reading, event.params.lot), drainCharge),
	test: (event) =>
		act(
			event,
			'test',
			(reading, values) => {
				const charge = deskOf(event).books.batches.maybeOne(event.params.lot);
				const checks = charge ? schoolOf(charge.school).checks : [];
				return testSchema(reading, event.params.lot, values, checks);
			},
			testCharge
		)
};
