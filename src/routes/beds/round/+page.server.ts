import { isFirstSeason, wantOf } from '$lib/core/beds';
import { roundSchema } from '$lib/input/beds';
import type { Bed } from '$lib/server/db/beds';
import { act, asked, deskOf, newActId } from '$lib/server/page';
import { bedsInOrder, lotsToDose } from '$lib/server/questions/beds';
import { spreadRound } from '$lib/server/usecases/spread-round';
import type { Actions, PageServerLoad } from './$types';

/** More than anybody walks with one lot. */
const mostShown = 24;

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const all = bedsInOrder(books);
	const isAll = event.url.searchParams.get('all') === 'yes';
	return {
		actId: newActId(),
		asked: asked(event.url),
		beds: (isAll ? all : all.slice(0, mostShown)).map((bed) => shown(bed, now_ms)),
		hidden: isAll ? 0 : Math.max(0, all.length - mostShown),
		lots: lotsToDose(books, now_ms)
	};
};

const shown = (bed: Bed, now_ms: number) => {
	const { name, char_l, share, ground, firstChar_ms } = bed;
	const { want, reasons } = wantOf(bed);
	const firstSeason = isFirstSeason(firstChar_ms, now_ms);
	return { name, char_l, firstSeason, share, ground, want, reasons };
};

export const actions: Actions = {
	spread: (event) => act(event, 'spread', roundSchema, spreadRound)
};
