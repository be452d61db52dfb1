import { lightSchema } from '$lib/input/lighting';
import { act, choicesOf, deskOf, newActId } from '$lib/server/page';
import { openFires } from '$lib/server/questions/fires';
import { vesselsInUse } from '$lib/server/questions/in-stock';
import { lightBurn } from '$lib/server/usecases/light-burn';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const kilns = vesselsInUse(books).filter(({ usedFor }) => usedFor !== 'tub');
	return {
		actId: newActId(),
		vessels: choicesOf(event, kilns, ({ name }) => name, 'vessel'),
		planned: openFires(books, now_ms)
			.filter(({ burn }) => !burn.record && !burn.lit)
			.map(({ burn: { code }, vessel: { name } }) => ({ code, name }))
			.slice(0, 6)
	};
};

export const actions: Actions = {
	light: (event) => act(event, 'light', lightSchema, lightBurn)
};
