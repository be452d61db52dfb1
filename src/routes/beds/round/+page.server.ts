import { inOrderOfWant, wantOf } from '$lib/core/beds';
import { roundSchema } from '$lib/server/input/beds';
import { act, asked, deskOf, newActId } from '$lib/server/page';
import { spreadables } from '$lib/server/questions/beds';
import { spreadRound } from '$lib/server/usecases/spread-round';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	return {
		actId: newActId(),
		asked: asked(event.url),
		beds: inOrderOfWant(books.beds.all()).map((bed) => ({ ...bed, ...wantOf(bed) })),
		lots: spreadables(books, now_ms).filter((lot) => lot.held === undefined && lot.proven)
	};
};

export const actions: Actions = {
	spread: (event) => act(event, 'spread', roundSchema, spreadRound)
};
