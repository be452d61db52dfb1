import { partnerOf } from '$lib/core/charging';
import { chargeSchema } from '$lib/server/input/charging';
import { act, asked, deskOf, newActId } from '$lib/server/page';
import { charsToCharge } from '$lib/server/questions/charging';
import { tubsHold } from '$lib/server/questions/vessels';
import { startCharge } from '$lib/server/usecases/start-charge';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const chars = charsToCharge(books, now_ms);
	const held = tubsHold(books, now_ms);
	const tubs = books.vessels
		.all()
		.filter(({ usedFor }) => usedFor === 'tub')
		.map(({ name, shape, capacity_l }) => ({ name, shape, capacity_l, holds: held.get(name) }));
	const partnerLots = books.charging
		.partnersInStock()
		.map((lot) => ({ ...lot, name: partnerOf(lot.partner).name }));
	return { actId: newActId(), asked: asked(event.url), chars, tubs, partnerLots };
};

export const actions: Actions = {
	charge: (event) => act(event, 'charge', chargeSchema, startCharge)
};
