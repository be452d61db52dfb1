import { infiltration } from '$lib/core/beds';
import { rescue, type RescueStep } from '$lib/core/detective';
import { days } from '$lib/core/time';
import {
	bedTestSchema,
	closeCaseSchema,
	rescueSchema,
	rescueStepSchema,
	signsAsked,
	signsSchema
} from '$lib/input/detective';
import { beginRescue, doRescueStep } from '$lib/server/usecases/detective/rescue-bed';
import { act, deskOf, newActId, smallActions } from '$lib/server/page';
import { leadOn } from '$lib/server/lead-on';
import { allCases, casesOf, hitRate, isToLook, openCase } from '$lib/server/questions/cases';
import { cluesOn } from '$lib/server/questions/clues';
import { saidOf } from '$lib/server/questions/evidence-on-bed';
import { rescueOn, stepDue } from '$lib/server/questions/rescue-on';
import { handFor } from '$lib/server/questions/rescue';
import { bedToTreat, givenAround, type ToTreat } from '$lib/server/questions/targets';
import {
	closeBedCase,
	openBedCase,
	seeSigns,
	testBed
} from '$lib/server/usecases/detective/see-signs';
import { sayDay, sayLocalDay, type Almanac } from '$lib/format/dates';
import { causeWords, changeWords } from '$lib/format/why-words';
import { capital } from '$lib/format/words';
import type { Books } from '$lib/server/db/books';
import type { Case } from '$lib/server/questions/cases';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

/** As many of the other cases as stand in the margin, and readings of the ring in its drawing. */
const mostCases = 6;
const mostSeeps = 8;

export const load: PageServerLoad = (event) => {
	const { books, now_ms, reading } = deskOf(event);
	const bed =
		bedToTreat(books, event.params.name, now_ms) ??
		leadOn(books, 'bed', event.params.name, 'No such bed');
	const almanac = { timeZone: reading.timeZone, now_ms };
	const { said } = casesOf(books, bed);
	const asked = signsAsked(event.url.searchParams);
	const isAsked = asked.seen.length + asked.vain.length + asked.asked.length > 0;
	const hit = hitRate(books);
	const open = openCase(books, bed);
	const steps = rescue(bed.ground.area, handFor(books));
	return {
		bed: { name: bed.name, area: bed.ground.area },
		said: isAsked ? asked : saidOf(books, bed, now_ms),
		tested: said.tested,
		clues: cluesOn(books, bed, now_ms),
		hit,
		open: open && {
			...shownCase(open, almanac),
			isDue: isToLook(books, open, now_ms),
			since: putSince(books, bed, open, almanac)
		},
		others: allCases(books)
			.filter(({ actId }) => actId !== open?.actId)
			.slice(0, mostCases)
			.map((one) => ({ actId: one.actId, bed: one.bed, ...shownCase(one, almanac) })),
		rescue: steps,
		run: runOf(books, bed, steps, almanac),
		seeps: seepsOf(books, bed, almanac),
		ids: {
			...{ case: newActId(), close: newActId(), small: newActId() },
			...{ begin: newActId(), step: newActId() }
		}
	};
};

/** A rescue that was begun: what is done of it, and the day of each step. */
function runOf(
	books: Books,
	bed: ToTreat,
	steps: readonly RescueStep[],
	almanac: Almanac
):
	{ readonly done: readonly string[]; readonly due: Readonly<Record<string, string>> } | undefined {
	const run = rescueOn(books, bed);
	return (
		run && {
			done: run.done,
			due: Object.fromEntries(steps.map(({ id, day }) => [id, sayDay(stepDue(run, day), almanac)]))
		}
	);
}

/** A case in words. */
function shownCase(one: Case, almanac: Almanac) {
	const { closed } = one;
	return {
		opened: sayDay(one.opened_ms, almanac),
		cause: capital(causeWords[one.cause]),
		change: changeWords[one.change],
		lookDay: sayLocalDay(one.lookDay, almanac),
		came: closed ? cameOut(closed) : `look on ${sayLocalDay(one.lookDay, almanac)}`
	};
}

const cameOut = ({ outcome, cause, between }: NonNullable<Case['closed']>): string =>
	[
		outcome === 'right'
			? 'right'
			: outcome === 'wrong'
				? `wrong${cause ? `: it was ${causeWords[cause]}` : ''}`
				: 'unclear',
		...(between ? [between] : [])
	].join('; ');

/** What else went on the bed since its change: it may have been that. */
const putSince = (books: Books, bed: ToTreat, { opened_ms }: Case, almanac: Almanac) =>
	givenAround(books, bed, opened_ms + days(1), almanac.now_ms).map(
		({ code, at_ms }) => `${code || 'water or leaves'}, ${sayDay(at_ms, almanac)}`
	);

/** Readings of the ring, the oldest first, each before or after the bed's first char. */
function seepsOf(books: Books, bed: ToTreat, almanac: Almanac) {
	const firstChar = bed.firstChar_ms ?? Infinity;
	return books.findings
		.of(bed.id, 'seep')
		.slice(0, mostSeeps)
		.toReversed()
		.map(({ actId, at_ms, found }) => ({
			actId,
			day: sayDay(at_ms, almanac),
			mm_h: infiltration(found.water_l, found.minutes, found.ring_m),
			run: found.run,
			isAfter: at_ms >= firstChar
		}));
}

const nameIn = ({ params }: RequestEvent) => params.name;

export const actions: Actions = {
	...smallActions('bed', nameIn, [
		'read-seep',
		'count-worms',
		'try-spade',
		'read-bed-salt',
		'rate-vigour',
		'smell-bed',
		'time-standing-water'
	]),
	signs: (event) => act(event, 'signs', () => signsSchema(event.params.name), seeSigns),
	case: (event) => act(event, 'case', () => signsSchema(event.params.name), openBedCase),
	begin: (event) => act(event, 'begin', () => rescueSchema(event.params.name), beginRescue),
	step: (event) => act(event, 'step', () => rescueStepSchema(event.params.name), doRescueStep),
	test: (event) => act(event, 'test', () => bedTestSchema(event.params.name), testBed),
	close: (event) => act(event, 'close', () => closeCaseSchema(event.params.name), closeBedCase)
};
