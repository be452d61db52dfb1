import { useOf } from '$lib/core/char';
import { crushSchema } from '$lib/server/input/char';
import { act, deskOf, newActId } from '$lib/server/page';
import { traceOf } from '$lib/server/questions/ledger';
import { heldBecause, proofOf } from '$lib/server/questions/standing';
import { crushChar } from '$lib/server/usecases/crush-char';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const char = books.char.maybeOne(event.params.lot) ?? error(404, 'No such char');
	const held = heldBecause(books, char.lotId);
	const { proven } = proofOf(books, char.burnId, now_ms);
	const use = useOf({
		state: char.state,
		proven,
		quarantined: held !== undefined,
		litres: char.volume_ml
	});
	return { actId: newActId(), char, held, use, trace: traceOf(books, char.code) };
};

export const actions: Actions = {
	crush: (event) =>
		act(event, 'crush', (reading) => crushSchema(reading, event.params.lot), crushChar)
};
