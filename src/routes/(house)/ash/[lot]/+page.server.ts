import { kindByCode } from '$lib/core/kinds';
import { materialOf } from '$lib/core/materials';
import { deskOf, newActId, smallActions } from '$lib/server/page';
import { heldBecause } from '$lib/server/questions/standing';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	const stock = books.stock.maybeOne(event.params.lot) ?? error(404, 'No such ash');
	if (materialOf(stock.material).sort !== 'ash') error(404, 'That is no ash');
	const [told] = books.findings.of(stock.lotId, 'ash-told');
	const { composition, ...lot } = stock;
	const { lime, potassium, phosphorus, density, ph } = composition;
	return {
		stock: { ...lot, composition: { lime, potassium, phosphorus, density, ph } },
		told: told?.found,
		isOld: kindByCode(stock.code)?.id !== 'ash',
		actId: newActId(),
		held: heldBecause(books, stock.lotId),
		refused: books.findings.of(stock.lotId, 'refused-source')[0]?.found.why
	};
};

export const actions: Actions = {
	...smallActions('lot', ({ params }: RequestEvent) => params.lot, ['refuse-source'])
};
