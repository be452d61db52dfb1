import { stacksInStock } from '$lib/server/questions/in-stock';
import { coverOf } from '$lib/server/questions/found';
import {
	holdSchema,
	joinStacksSchema,
	moistureSchema,
	splitStackSchema
} from '$lib/input/woodyard';
import { act, smallActions, deskOf, newActId } from '$lib/server/page';
import { stackLine } from '$lib/server/questions/woodyard';
import { holdLot } from '$lib/server/usecases/hold-lot';
import { readMoisture } from '$lib/server/usecases/read-moisture';
import { joinStacks, splitStack } from '$lib/server/usecases/shift-stacks';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	const stack = books.woodyard.maybeOne(event.params.lot) ?? error(404, 'No such stack');
	const readings = books.woodyard.readings(stack.lotId);
	const { held, burnable, left } = stackLine(books, stack, readings[0]);
	return {
		actId: newActId(),
		holdId: newActId(),
		splitId: newActId(),
		joinId: newActId(),
		coverId: newActId(),
		cover: coverOf(books, stack.lotId),
		others: stacksInStock(books)
			.filter(({ code }) => code !== stack.code)
			.map(({ code, name }) => ({ value: code, label: `${code} ${name}` })),
		stack,
		left,
		readings,
		held,
		burnable,
		holds: books.woodyard.holds(stack.lotId)
	};
};

export const actions: Actions = {
	read: (event) => act(event, 'read', () => moistureSchema(event.params.lot), readMoisture),
	...smallActions('lot', ({ params }: RequestEvent) => params.lot, ['cover-stack']),
	split: (event) => act(event, 'split', (r) => splitStackSchema(r, event.params.lot), splitStack),
	join: (event) => act(event, 'join', (r) => joinStacksSchema(r, event.params.lot), joinStacks),
	hold: (event) => act(event, 'hold', () => holdSchema(event.params.lot), holdLot)
};
