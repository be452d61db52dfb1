import { wantOf } from '$lib/core/beds';
import { bedSchema } from '$lib/input/beds';
import type { Bed } from '$lib/server/db/beds';
import { act, asked, deskOf, newActId, pageOf } from '$lib/server/page';
import { spreadables } from '$lib/server/questions/beds';
import { bedsInOrder } from '$lib/server/questions/kept-beds';
import { settingsOf } from '$lib/server/questions/settings';
import { toTreat } from '$lib/server/questions/targets';
import { mayHave } from '$lib/server/questions/verdict';
import { localDay } from '$lib/core/time';
import { measureBed } from '$lib/server/usecases/measure-bed';
import type { Actions, PageServerLoad } from './$types';

const perPage = 12;

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const all = bedsInOrder(books);
	const { page, pages, skip } = pageOf(event.url, all.length, perPage);
	const day = localDay(settingsOf(books).timeZone, now_ms);
	const ready = spreadables(books, now_ms).filter(
		(lot) => lot.isReady && lot.held === undefined && lot.mayLie
	);
	return {
		actId: newActId(),
		lot: asked(event.url).lot ?? '',
		first: all[0] && shown(all[0]),
		beds: all.slice(skip, skip + perPage).map((bed) => ({
			...shown(bed),
			may: mayHave(books, toTreat(books, bed, day), now_ms)
		})),
		page,
		pages,
		ready: ready.map(({ code, litresLeft }) => ({ code, litresLeft }))
	};
};

const shown = (bed: Bed) => {
	const { name, crop, char_l, char, share, ground } = bed;
	const { want, reasons } = wantOf(bed);
	return { name, crop, char_l, char, share, ground, want, reasons };
};

export const actions: Actions = {
	measure: (event) => act(event, 'measure', bedSchema, measureBed)
};
