import { goodsInStock, lotsInStock } from '$lib/server/questions/in-stock';
import { heldLots } from '$lib/server/questions/held';
import { hadApart, isFirstSeason, wantOf } from '$lib/core/beds';
import type { Application } from '$lib/server/db/applications';
import { layAgainSchema, putSchema, spreadSchema } from '$lib/input/beds';
import { act, asked, choicesOf, deskOf, newActId, smallActions } from '$lib/server/page';
import { toPut } from '$lib/server/questions/applying';
import { standsOn } from '$lib/server/questions/stands';
import { dosable, lotsToDose } from '$lib/server/questions/beds';
import { harvestFrom } from '$lib/server/questions/germs';
import { pathOn } from '$lib/server/questions/heaps';
import { wayToBed } from '$lib/server/questions/ledger';
import { ownSchema, partSchema } from '$lib/input/naming';
import type { Bed } from '$lib/server/db/beds';
import type { Books } from '$lib/server/db/books';
import { bedById, lifeOf } from '$lib/server/questions/kept-beds';
import { days } from '$lib/core/time';
import { stripWithin } from '$lib/server/questions/strip-words';
import { ownResults } from '$lib/server/questions/own-results';
import { leadOn } from '$lib/server/lead-on';
import { rememberingAlways } from '$lib/server/questions/remember';
import { ashLately, bedToTreat, hadBy } from '$lib/server/questions/targets';
import { mayHave } from '$lib/server/questions/verdict';
import { layAgain } from '$lib/server/usecases/lay-again';
import { markPart, putOwn } from '$lib/server/usecases/mark-part';
import { putOnBed } from '$lib/server/usecases/put-on-bed';
import { spreadLot } from '$lib/server/usecases/spread-lot';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

/** Listed here; the trace has all of them. */
const mostLots = 6;
const mostSteps = 4;
const mostRemarks = 6;
/** A ring longer ago than this guards nothing any more: it is not offered anew. */
const ringLasts_ms = days(60);

export const load: PageServerLoad = (event) => {
	const { books, now_ms, reading } = deskOf(event);
	const bed =
		bedToTreat(books, event.params.name, now_ms) ??
		leadOn(books, 'bed', event.params.name, 'No such bed');
	const held = heldLots(books);
	const { newest, times, ring } = lifeOf(books, bed.id);
	const lots = choicesOf(event, dosable(books, now_ms), ({ code }) => code, 'lot', mostLots);
	const free = goodsInStock(books).filter(({ lotId }) => !held.has(lotId));
	const stock = choicesOf(event, free, ({ code }) => code, 'putLot', mostLots);
	return {
		actId: newActId(),
		asked: asked(event.url),
		bed: {
			...bed,
			...wantOf(bed),
			firstSeason: isFirstSeason(bed.firstChar_ms, now_ms),
			stands: standsOn(books, bed, now_ms)
		},
		lots: lotsToDose(books, now_ms, lots.rows),
		otherLots: lots.rest,
		otherStock: stock.rest,
		spreads: newest.map(shown),
		earlier: times - newest.length,
		ring: ring && ring.at_ms > now_ms - ringLasts_ms ? { ...shown(ring), way: ring.way } : null,
		harvest: harvestFrom(books, bed, now_ms),
		putId: newActId(),
		stock: stock.rows.flatMap(({ code, lotId, name, material, volume_ul, contents }) => {
			const lot = lotsInStock(books).get(lotId);
			const put = lot && toPut(books, lot, now_ms);
			return put ? [{ code, name, material, volume_ul, contents, thing: put.thing }] : [];
		}),
		may: mayHave(books, bed, now_ms),
		heap: bed.target === 'path' ? pathOn(books, bed.name)?.code : undefined,
		had: hadApart(hadBy(books, bed), bed.wholeGround),
		yearAsh: ashLately(books, bed, now_ms),
		parts: partsOf(books, bed),
		strip: stripWithin(books, [bed], now_ms, reading.system),
		own: ownResults(books),
		...toldOf(books, bed.id),
		ended: books.things.ended(bed.id) ?? null,
		ids: { again: newActId(), part: newActId(), own: newActId(), small: newActId() },
		back: wayToBed(books, bed.id, bed.name, newest.length, mostSteps)
	};
};

/** Parts of a bed, each with what it holds and how long it is left. */
const partsOf = (books: Books, { parts }: Bed) =>
	parts.flatMap(({ id, untreated }) => {
		const one = bedById(books, id);
		return one
			? [{ name: one.name, share: one.share, crop: one.crop, area: one.ground.area, untreated }]
			: [];
	});

/** What was told or read of it, with the way it is known and since when; and what was seen there. */
const toldOf = rememberingAlways((books, id: number) => {
	const all = books.findings.of(id, 'crop', 'ph', 'ground-cover', 'untreated');
	return {
		told: all.map(({ actId, what, found, firstDay, lastDay, way, person }) => ({
			...{ actId, what, found, firstDay, lastDay, way, person }
		})),
		remarks: books.findings.remarks(id, mostRemarks)
	};
});

/** What the list says of one putting on. */
const shown = (put: Application) => {
	const { actId, lotCode, lotName, at_ms, reason } = put;
	const { mix_l, char_l, charLow_l, charHigh_l, char_kg } = put;
	return { actId, lotCode, lotName, at_ms, reason, mix_l, char_l, charLow_l, charHigh_l, char_kg };
};

export const actions: Actions = {
	...smallActions('bed', ({ params }: RequestEvent) => params.name, [
		'tell-crop',
		'read-ph',
		'cover-ground',
		'leave-untreated',
		'remark'
	]),
	part: (event) => act(event, 'part', (r) => partSchema(r, event.params.name), markPart),
	own: (event) => act(event, 'own', (r) => ownSchema(r, event.params.name), putOwn),
	put: (event) =>
		act(event, 'put', (reading, values) => putSchema(reading, event.params.name, values), putOnBed),
	again: (event) => act(event, 'again', () => layAgainSchema(event.params.name), layAgain),
	spread: (event) =>
		act(event, 'spread', (reading) => spreadSchema(reading, event.params.name), spreadLot)
};
