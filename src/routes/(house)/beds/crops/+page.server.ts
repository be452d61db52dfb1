import { crops } from '$lib/core/crops';
import { cropSchema } from '$lib/input/crops';
import { act, deskOf, newActId } from '$lib/server/page';
import { ownCrops } from '$lib/server/questions/stands';
import { keepCrop } from '$lib/server/usecases/keep-crop';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	const own = ownCrops(books);
	return { actId: newActId(), own: own.slice(0, 60), known: crops.length };
};

export const actions: Actions = {
	keep: (event) => act(event, 'keep', cropSchema, keepCrop)
};
