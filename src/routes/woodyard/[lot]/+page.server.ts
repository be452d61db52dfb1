import { holdSchema, moistureSchema } from '$lib/input/woodyard';
import { act, deskOf, newActId } from '$lib/server/page';
import { stackLine } from '$lib/server/questions/woodyard';
import { holdLot } from '$lib/server/usecases/hold-lot';
import { readMoisture } from '$lib/server/usecases/read-moisture';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	const stack = books.woodyard.maybeOne(event.params.lot) ?? error(404, 'No such stack');
	const readings = books.woodyard.readings(stack.lotId);
	const { held, burnable, left } = stackLine(books, stack, readings[0]);
	return {
		actId: newActId(),
		holdId: newActId(),
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
	hold: (event) => act(event, 'hold', () => holdSchema(event.params.lot), holdLot)
};
