import { goodsInStock } from '$lib/server/questions/in-stock';
import { heldLots } from '$lib/server/questions/held';
import { materials } from '$lib/core/materials';
import { charInSchema } from '$lib/input/char-in';
import { takeInChar } from '$lib/server/usecases/char-in';
import { analysisSchema, stockSchema } from '$lib/input/stock';
import { act, deskOf, newActId, partOf } from '$lib/server/page';
import { analysesOf } from '$lib/server/questions/stock';
import { analyseMaterial, stockUp } from '$lib/server/usecases/bring-in';
import { stockAnswer } from './answer';
import type { Actions, PageServerLoad } from './$types';

const perPage = 12;

export const load: PageServerLoad = (event) => {
	const { books, reading, settings } = deskOf(event);
	const held = heldLots(books);
	const lots = goodsInStock(books).map(({ composition: _, ...lot }) => ({
		...lot,
		held: held.get(lot.lotId)
	}));
	return {
		actId: newActId(),
		analysisId: newActId(),
		charId: newActId(),
		currency: settings.currency,
		answer: stockAnswer(lots, reading.system),
		lots: partOf(event.url, lots, perPage),
		/** Everything that can be brought in. */
		known: materials.filter(({ id }) => id !== 'rain-water').map(({ id }) => id),
		analyses: analysesOf(
			books,
			materials.map(({ id }) => id)
		)
	};
};

export const actions: Actions = {
	charIn: (event) => act(event, 'charIn', charInSchema, takeInChar),
	bring: (event) => act(event, 'bring', stockSchema, stockUp),
	analyse: (event) => act(event, 'analyse', analysisSchema, analyseMaterial)
};
