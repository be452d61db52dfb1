import { ashCap, ashOn, hadApart, isFirstSeason, wantOf } from '$lib/core/beds';
import { days } from '$lib/core/time';
import type { Application } from '$lib/server/db/applications';
import { putSchema, spreadSchema } from '$lib/input/beds';
import { act, asked, deskOf, newActId } from '$lib/server/page';
import { lotsToDose } from '$lib/server/questions/beds';
import { harvestFrom } from '$lib/server/questions/germs';
import { wayToBed } from '$lib/server/questions/ledger';
import { putOnBed } from '$lib/server/usecases/put-on-bed';
import { spreadLot } from '$lib/server/usecases/spread-lot';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

/** Listed here; the trace has all of them. */
const mostSpreads = 12;
const mostSteps = 12;

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const bed = books.beds.maybeOne(event.params.name) ?? error(404, 'No such bed');
	const heldLots = books.flows.held();
	return {
		actId: newActId(),
		asked: asked(event.url),
		bed: { ...bed, ...wantOf(bed), firstSeason: isFirstSeason(bed.firstChar_ms, now_ms) },
		lots: lotsToDose(books, now_ms),
		spreads: books.applications.ofBed(bed.id, mostSpreads).map(shown),
		earlier: Math.max(0, books.applications.count(bed.id) - mostSpreads),
		harvest: harvestFrom(books, bed.id, now_ms),
		putId: newActId(),
		stock: books.stock
			.inStock()
			.filter(({ lotId }) => !heldLots.has(lotId))
			.map(({ code, name, material, volume_ul }) => ({ code, name, material, volume_ul })),
		had: hadApart(books.applications.had(bed.id), bed.ground),
		yearAsh: ashOn(books.applications.hadSince(bed.id, now_ms - days(ashCap.days)), bed.ground),
		remarks: books.findings.remarks(bed.id),
		back: wayToBed(books, bed.id, bed.name, mostSpreads, mostSteps)
	};
};

/** What the list says of one putting on. */
const shown = (put: Application) => {
	const { actId, lotCode, lotName, at_ms, reason } = put;
	const { mix_l, char_l, charLow_l, charHigh_l, char_kg } = put;
	return { actId, lotCode, lotName, at_ms, reason, mix_l, char_l, charLow_l, charHigh_l, char_kg };
};

export const actions: Actions = {
	put: (event) =>
		act(event, 'put', (reading, values) => putSchema(reading, event.params.name, values), putOnBed),
	spread: (event) =>
		act(event, 'spread', (reading) => spreadSchema(reading, event.params.name), spreadLot)
};
