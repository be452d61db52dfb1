import { burnSchema } from '$lib/input/burns';
import { planSchema } from '$lib/input/fires';
import { days, momentOf } from '$lib/core/time';
import type { Books } from '$lib/server/db/books';
import { lightAt } from '$lib/server/questions/standing';
import { act, asked, choicesOf, deskOf, newActId } from '$lib/server/page';
import { planBurn } from '$lib/server/usecases/plan-burn';
import { recordBurn } from '$lib/server/usecases/record-burn';
import type { Actions, PageServerLoad } from './$types';
import { planStacks, planVessels, proposedNow, spotGrounds } from './books.server';
import { spotBurnSchema } from '$lib/input/spot';
import { keepForBurn } from '$lib/server/usecases/keep-spot';

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const { timeZone } = books.settings.current();
	const values = asked(event.url);
	const for_ms = momentOf(values.plannedFor ?? '', timeZone) ?? now_ms;
	const named = new Set((event.locals.sent?.loads ?? values.loads ?? '').split(/\s+/));
	const all = planStacks(books);
	const chosen = all.filter(({ code }) => named.has(code));
	const part = choicesOf(event, all, ({ code }) => code, 'loads');
	const stacks = {
		...part,
		rows: [...chosen, ...part.rows.filter((stack) => !chosen.includes(stack))]
	};
	return {
		...lightsFrom(books, Math.min(now_ms, for_ms), for_ms),
		actId: newActId(),
		asked: values,
		vessels: planVessels(books, now_ms),
		spot: spotGrounds(books),
		proposed: proposedNow(books, now_ms),
		stacks: stacks.rows,
		otherStacks: stacks.rest
	};
};

/** How many days are known to the page beyond the day that is asked about. */
const daysKnown = 40;

/** From each sunset to the first daylight after it, from that of the night before. */
function lightsFrom(books: Books, from_ms: number, asked_ms: number) {
	const around = asked_ms - from_ms > days(daysKnown) ? asked_ms : from_ms;
	const lights = Array.from({ length: daysKnown }, (_, day) =>
		lightAt(books, around + days(day - 1))
	);
	return {
		nights: lights.map(({ sunset_ms, morning_ms }) => [sunset_ms, morning_ms] as const)
	};
}

export const actions: Actions = {
	keep: (event) => act(event, 'keep', spotBurnSchema, keepForBurn),
	plan: (event) => act(event, 'plan', planSchema, planBurn),
	record: (event) => act(event, 'record', burnSchema, recordBurn)
};
