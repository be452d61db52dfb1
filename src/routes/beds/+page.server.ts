import { inOrderOfWant, wantOf } from '$lib/core/beds';
import { bedSchema } from '$lib/server/input/beds';
import { act, asked, deskOf, newActId } from '$lib/server/page';
import { spreadables } from '$lib/server/questions/beds';
import { measureBed } from '$lib/server/usecases/measure-bed';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const beds = inOrderOfWant(books.beds.all()).map((bed) => ({ ...bed, ...wantOf(bed) }));
	const ready = spreadables(books, now_ms).filter(
		(lot) => lot.warnings.length === 0 && lot.held === undefined && lot.proven
	);
	return { actId: newActId(), lot: asked(event.url).lot ?? '', beds, ready };
};

export const actions: Actions = {
	measure: (event) => act(event, 'measure', bedSchema, measureBed)
};
