import { isFirstSeason, wantOf } from '$lib/core/beds';
import { localDay } from '$lib/core/time';
import { roundSchema } from '$lib/input/beds';
import type { Bed } from '$lib/server/db/beds';
import type { Books } from '$lib/server/db/books';
import { act, asked, choicesOf, deskOf, newActId, partOf } from '$lib/server/page';
import { standsOn } from '$lib/server/questions/stands';
import { toTreat } from '$lib/server/questions/targets';
import { dosable, lotsToDose } from '$lib/server/questions/beds';
import { bedsInOrder } from '$lib/server/questions/kept-beds';
import { stripWithin } from '$lib/server/questions/strip-words';
import { spreadRound } from '$lib/server/usecases/spread-round';
import type { Actions, PageServerLoad } from './$types';

/** More than anybody walks with one lot. */
const mostShown = 18;

export const load: PageServerLoad = (event) => {
	const { books, now_ms, settings, reading } = deskOf(event);
	const { rows, page, pages } = partOf(event.url, bedsInOrder(books), mostShown);
	// What came back without script was typed on whatever page.
	const sent = event.locals.sent ?? {};
	const typed = bedsInOrder(books).filter(
		(bed) => sent[`amount:${bed.name}`] && !rows.includes(bed)
	);
	const today = localDay(settings.timeZone, now_ms);
	const lots = choicesOf(event, dosable(books, now_ms), ({ code }) => code, 'lot');
	return {
		actId: newActId(),
		asked: asked(event.url),
		beds: [...typed, ...rows].map((bed) => shown(books, bed, now_ms, today)),
		strip: stripWithin(books, rows, now_ms, reading.system),
		page,
		pages,
		lots: lotsToDose(books, now_ms, lots.rows),
		otherLots: lots.rest
	};
};

const shown = (books: Books, bed: Bed, now_ms: number, today: string) => {
	const { name, char_l, share, ground, firstChar_ms } = bed;
	const { want, reasons } = wantOf(bed);
	const firstSeason = isFirstSeason(firstChar_ms, now_ms);
	const stands = standsOn(books, toTreat(books, bed, today), now_ms);
	return { name, char_l, firstSeason, share, ground, want, reasons, stands };
};

export const actions: Actions = {
	spread: (event) => act(event, 'spread', roundSchema, spreadRound)
};
