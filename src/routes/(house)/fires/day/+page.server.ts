import { days, localDay, localMoment } from '$lib/core/time';
import { freshDay } from '$lib/input/day-form';
import type { Values } from '$lib/input/form';
import type { Books } from '$lib/server/db/books';
import type { BurnDay } from '$lib/server/db/days';
import { daySchema, dayRecordSchema } from '$lib/input/days';
import { act, asked, deskOf, newActId, undo } from '$lib/server/page';
import { dayVessels } from '$lib/server/questions/days';
import { stackLines } from '$lib/server/questions/woodyard';
import { planDay, recordDay } from '$lib/server/usecases/burn-day';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const vessels = dayVessels(books);
	const { people, timeZone } = books.settings.current();
	const kept = books.days.newest(now_ms - days(3));
	const fresh = freshDay(vessels, people.length, localDay(timeZone, now_ms + days(1)));
	const isAsked = event.url.searchParams.has('barrels');
	// The day that was set down is the day shown, until another is asked about.
	const values = {
		...fresh,
		...(kept && !isAsked ? typedOfDay(books, kept, timeZone) : {}),
		...asked(event.url)
	};
	return {
		actId: newActId(),
		recordId: newActId(),
		undoId: newActId(),
		vessels,
		people,
		values,
		kept,
		isKept: kept !== null && !isAsked,
		stacks: stackLines(books)
			.filter(({ held }) => held === undefined)
			.map(({ stack }) => ({ code: stack.code, name: stack.name, volume_ul: stack.volume_ul }))
	};
};

/** A day as it was typed when it was set down, from its own start. */
function typedOfDay(books: Books, { actId, startsAt_ms }: BurnDay, timeZone: string): Values {
	const { typed = {}, found = '' } = (books.acts.maybeOne(actId)?.resolved ?? {}) as {
		readonly typed?: Values;
		readonly found?: string;
	};
	return { ...typed, found, startsAt: localMoment(timeZone, startsAt_ms).slice(0, 16) };
}

export const actions: Actions = {
	plan: (event) => act(event, 'plan', daySchema, planDay),
	record: (event) => act(event, 'record', dayRecordSchema, recordDay),
	undo: (event) => undo(event, '/fires/day')
};
