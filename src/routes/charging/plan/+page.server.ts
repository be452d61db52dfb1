import { partnerOf } from '$lib/core/charging';
import { chargeSchema } from '$lib/server/input/charging';
import { act, asked, deskOf, newActId } from '$lib/server/page';
import { standingAt } from '$lib/server/questions/standing';
import { startCharge } from '$lib/server/usecases/start-charge';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const standing = standingAt(books, now_ms);
	const chars = books.char
		.inStock()
		.filter(
			(char) =>
				standing.proofOf(char.burnId).proven && standing.heldBecause(char.lotId) === undefined
		)
		// Crushed lots first: they are what is charged for beds.
		.sort((a, b) => a.state.localeCompare(b.state))
		.map(({ code, state, wetness, volume_ml, density }) => ({
			code,
			state,
			wetness,
			volume_ml,
			density
		}));
	const tubs = books.vessels
		.all()
		.flatMap(({ usedFor, name, shape, capacity_l }) =>
			usedFor === 'tub' ? [{ name, shape, capacity_l }] : []
		);
	const partnerLots = books.charging
		.partnersInStock()
		.map((lot) => ({ ...lot, name: partnerOf(lot.partner).name }));
	return { actId: newActId(), asked: asked(event.url), chars, tubs, partnerLots };
};

export const actions: Actions = {
	charge: (event) => act(event, 'charge', chargeSchema, startCharge)
};
