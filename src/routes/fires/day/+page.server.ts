import { days } from '$lib/core/time';
import { freshDay } from '$lib/input/day-form';
import { daySchema, dayRecordSchema } from '$lib/input/days';
import { act, asked, deskOf, newActId, undo } from '$lib/server/page';
import { dayVessels } from '$lib/server/questions/days';
import { stackLines } from '$lib/server/questions/woodyard';
import { planDay, recordDay } from '$lib/server/usecases/burn-day';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const vessels = dayVessels(books);
	const { people } = books.settings.current();
	const values = { ...freshDay(vessels, people.length), ...asked(event.url) };
	return {
		actId: newActId(),
		recordId: newActId(),
		undoId: newActId(),
		vessels,
		people,
		values,
		kept: books.days.newest(now_ms - days(3)),
		stacks: stackLines(books)
			.filter(({ held }) => held === undefined)
			.map(({ stack }) => ({ code: stack.code, name: stack.name, volume_ul: stack.volume_ul }))
	};
};

export const actions: Actions = {
	plan: (event) => act(event, 'plan', daySchema, planDay),
	record: (event) => act(event, 'record', dayRecordSchema, recordDay),
	undo: (event) => undo(event, '/fires/day')
};
