import { recipes, waterSizeOf, type DueRound } from '$lib/core/brews';
import { days, localMoment } from '$lib/core/time';
import { smallSchema } from '$lib/input/small';
import { endSchema, programmeSchema, walkSchema } from '$lib/input/programmes';
import { act, asked, deskOf, newActId, partOf } from '$lib/server/page';
import { bedsListed } from '$lib/server/questions/kept-beds';
import { brewsFor, programmeLines } from '$lib/server/questions/programmes';
import { doSmall } from '$lib/server/usecases/small-act';
import { endProgramme, setProgramme, walkRound } from '$lib/server/usecases/brews/programmes';
import { programmesAnswer } from './answer';
import type { Actions, PageServerLoad } from './$types';

const perPage = 4;
const mostMissed = 3;

/** How much of a programme is drawn: what was lately, and what comes. */
const shown = Object.freeze({ back: days(21), ahead: days(35) });

export const load: PageServerLoad = (event) => {
	const { books, now_ms, reading } = deskOf(event);
	const { timeZone } = reading;
	const from_ms = now_ms - shown.back;
	const to_ms = now_ms + shown.ahead;
	const all = programmeLines(books, now_ms);
	const part = partOf(event.url, all, perPage);
	const change = event.url.searchParams.get('change') ?? '';
	const isSetting =
		all.length === 0 ||
		change !== '' ||
		event.url.searchParams.has('set') ||
		event.request.method === 'POST';
	return {
		...{ page: part.page, pages: part.pages, n: part.n, change },
		answer: programmesAnswer(all, { timeZone, now_ms }),
		actId: newActId(),
		asked: asked(event.url),
		span: { from_ms, to_ms },
		lines: part.rows.map(({ rounds, missed, ...line }) => ({
			...line,
			missed: missed.slice(-mostMissed),
			missedBefore: Math.max(0, missed.length - mostMissed),
			walked: rounds.filter(({ state }) => state === 'done').length,
			rounds: rounds.filter(({ at_ms }) => at_ms >= from_ms && at_ms <= to_ms),
			open: openOf(rounds, now_ms),
			brews: brewsFor(books, line.programme, now_ms)
		})),
		recipes: recipes.filter(({ soil }) => soil !== undefined).map(({ id, name }) => ({ id, name })),
		// A long list of beds is sent to who sets one.
		beds: (isSetting ? bedsListed(books) : []).map((bed) => ({
			name: bed.name,
			pieces: bed.pieces,
			area_m2: bed.ground.area as number,
			size: waterSizeOf(bed),
			eatenRaw: bed.eatenRaw
		})),
		today: localMoment(timeZone, now_ms).slice(0, 10),
		inTenWeeks: localMoment(timeZone, now_ms + days(70)).slice(0, 10)
	};
};

/** A missed round may be written up this long afterwards. */
const late = days(60);

/** Rounds that may be walked or let go by: those that were missed, the one that is due, the next. */
const openOf = (rounds: readonly DueRound[], now_ms: number) => {
	const next = rounds.find(({ state }) => state === 'ahead');
	return rounds
		.filter(
			(round) =>
				round === next ||
				round.state === 'due' ||
				(round.state === 'missed' && round.at_ms > now_ms - late)
		)
		.map(({ due, at_ms, state }) => ({ due, at_ms, state }));
};

export const actions: Actions = {
	skip: (event) =>
		act(
			event,
			'skip',
			(reading, values) => smallSchema(reading, 'skip-round', 'programme', values.name ?? ''),
			doSmall
		),
	set: (event) => act(event, 'set', programmeSchema, setProgramme),
	end: (event) => act(event, 'end', endSchema, endProgramme),
	walk: (event) => act(event, 'walk', walkSchema, walkRound)
};
