import { burnSchema } from '$lib/input/burns';
import { planSchema } from '$lib/input/fires';
import { momentOf } from '$lib/core/time';
import { lightAt } from '$lib/server/questions/standing';
import { act, asked, deskOf, newActId } from '$lib/server/page';
import { planBurn } from '$lib/server/usecases/plan-burn';
import { recordBurn } from '$lib/server/usecases/record-burn';
import type { Actions, PageServerLoad } from './$types';
import { planStacks, planVessels } from './books.server';

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const { timeZone } = books.settings.current();
	const values = asked(event.url);
	const for_ms = momentOf(values.plannedFor ?? '', timeZone) ?? now_ms;
	return {
		sunset_ms: lightAt(books, for_ms).sunset_ms,
		actId: newActId(),
		asked: values,
		vessels: planVessels(books),
		stacks: planStacks(books)
	};
};

export const actions: Actions = {
	plan: (event) => act(event, 'plan', planSchema, planBurn),
	record: (event) => act(event, 'record', burnSchema, recordBurn)
};
