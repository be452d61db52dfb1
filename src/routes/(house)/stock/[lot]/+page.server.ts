import { lotAnalysisSchema } from '$lib/input/stock';
import { act, deskOf, newActId, smallActions } from '$lib/server/page';
import { heldBecause } from '$lib/server/questions/standing';
import { analyseLot } from '$lib/server/usecases/analyse-lot';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	const stock = books.stock.maybeOne(event.params.lot) ?? error(404, 'Nothing of that in stock');
	return {
		stock,
		actId: newActId(),
		analysisId: newActId(),
		held: heldBecause(books, stock.lotId),
		refused: books.findings.of(stock.lotId, 'refused-source')[0]?.found.why,
		beds: books.beds.names()
	};
};

export const actions: Actions = {
	analyse: (event) =>
		act(event, 'analyse', (reading) => lotAnalysisSchema(reading, event.params.lot), analyseLot),
	...smallActions('lot', ({ params }: RequestEvent) => params.lot, ['refuse-source'])
};
