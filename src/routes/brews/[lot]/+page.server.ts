import { drenchSchema, smellSchema, stopSchema } from '$lib/input/brews';
import { temperatureSchema } from '$lib/input/facts';
import { takeAwaySchema } from '$lib/input/ledger';
import { act, deskOf, newActId } from '$lib/server/page';
import type { Books } from '$lib/server/db/books';
import { brewLine } from '$lib/server/questions/brews';
import { heldBecause } from '$lib/server/questions/standing';
import { drenchBeds } from '$lib/server/usecases/brews/drench-beds';
import { smellBrew, stopBrew } from '$lib/server/usecases/brews/tend-brew';
import { takeAway } from '$lib/server/usecases/count-lot';
import { readTemperature } from '$lib/server/usecases/see-fact';
import { error } from '@sveltejs/kit';
import { drawn } from '../shown.server';
import type { Actions, PageServerLoad } from './$types';

const mostBeds = 8;

export const load: PageServerLoad = (event) => {
	const { books, now_ms, reading } = deskOf(event);
	const brew = books.brews.maybeOne(event.params.lot) ?? error(404, 'No such brew');
	const line = brewLine(books, brew, now_ms);
	const { recipe, code, name, volume_ml, startedAt_ms, stoppedAt_ms, temperature_c } = brew;
	return {
		ids: {
			smell: newActId(),
			temp: newActId(),
			stop: newActId(),
			drench: newActId(),
			pour: newActId()
		},
		brew: { recipe, code, name, volume_ml, startedAt_ms, stoppedAt_ms, temperature_c },
		wentIn: {
			water_l: brew.water_l,
			partner: brew.partner,
			partner_l: brew.partner_l,
			asked_l: brew.asked_l,
			partnerCode: brew.partnerCode
		},
		state: line.state,
		window: line.window,
		warmth: line.warmth,
		smells: books.brews.smells(brew.lotId).toReversed(),
		drenches: books.brews.drenches(brew.lotId),
		drawing: drawn(books, line, reading.system),
		beds: brew.volume_ml > 0 ? bedsFor(books) : [],
		held: heldBecause(books, brew.lotId)
	};
};

/** Beds that have had none for longest come first. */
function bedsFor(books: Books) {
	return books.beds
		.all()
		.map(({ id, name, ground, eatenRaw }) => ({
			name,
			area_m2: ground.area as number,
			eatenRaw,
			last_ms: books.brews.lastOnBed(id)
		}))
		.sort((a, b) => (a.last_ms ?? 0) - (b.last_ms ?? 0))
		.slice(0, mostBeds);
}

export const actions: Actions = {
	smell: (event) => act(event, 'smell', (r) => smellSchema(r, event.params.lot), smellBrew),
	temp: (event) =>
		act(event, 'temp', (r) => temperatureSchema(r, 'lot', event.params.lot), readTemperature),
	stop: (event) => act(event, 'stop', (r) => stopSchema(r, event.params.lot), stopBrew),
	drench: (event) => act(event, 'drench', (r) => drenchSchema(r, event.params.lot), drenchBeds),
	pour: (event) => act(event, 'pour', (r) => takeAwaySchema(r, event.params.lot), takeAway)
};
