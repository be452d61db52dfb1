import { recipes } from '$lib/core/brews';
import { brewSchema } from '$lib/input/brews';
import { act, asked, deskOf, newActId } from '$lib/server/page';
import { tubsHold } from '$lib/server/questions/vessels';
import { heldBecause } from '$lib/server/questions/standing';
import { startBrew } from '$lib/server/usecases/brews/start-brew';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const holds = tubsHold(books, now_ms);
	const partners = new Set(recipes.flatMap((recipe) => recipe.partners));
	return {
		actId: newActId(),
		asked: asked(event.url),
		vessels: books.vessels
			.all()
			.filter(({ usedFor }) => usedFor === 'tub')
			.map(({ name, shape, capacity_l }) => ({ name, shape, capacity_l, holds: holds.get(name) })),
		lots: books.stock
			.inStock()
			.filter((lot) => partners.has(lot.material) && heldBecause(books, lot.lotId) === undefined)
			.map(({ code, name, volume_ml }) => ({ code, name, left_l: volume_ml / 1000 }))
	};
};

export const actions: Actions = {
	start: (event) => act(event, 'start', brewSchema, startBrew)
};
