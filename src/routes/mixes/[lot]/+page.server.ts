import { airMeasured } from '$lib/core/mixes';
import { inLitres } from '$lib/core/units';
import { potSchema } from '$lib/input/mixes';
import { act, deskOf, newActId, smallActions } from '$lib/server/page';
import { mixOf } from '$lib/server/questions/mixes';
import { heldBecause } from '$lib/server/questions/standing';
import { bedsInOrder } from '$lib/server/questions/kept-beds';
import { potUp } from '$lib/server/usecases/mixes/pot-up';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

const mostParts = 24;
const mostBeds = 12;
const mostRemarks = 6;

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	const mix = mixOf(books, event.params.lot.toUpperCase()) ?? error(404, 'No such mix');
	const [air] = books.findings.of(mix.lotId, 'mix-air');
	const { code, name, use, composition, broughtAt_ms, made_l } = mix;
	return {
		mix: { code, name, use, composition, broughtAt_ms, made_l },
		left_l: inLitres(mix.volume_ul),
		parts: mix.parts.slice(0, mostParts),
		air: air && airMeasured(air.found.caught_l, air.found.filled_l),
		held: heldBecause(books, mix.lotId),
		beds: bedsInOrder(books)
			.slice(0, mostBeds)
			.map(({ name: called, target }) => ({ name: called, isPots: target === 'pots' })),
		remarks: books.findings.remarks(mix.lotId, mostRemarks),
		ids: { pot: newActId(), small: newActId() }
	};
};

export const actions: Actions = {
	pot: (event) => act(event, 'pot', (reading) => potSchema(reading, event.params.lot), potUp),
	...smallActions('lot', ({ params }: RequestEvent) => params.lot, [
		'drain-mix',
		'bean-test',
		'remark'
	])
};
