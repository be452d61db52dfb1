import { wantsOf } from '$lib/core/crops';
import { airMeasured, blendDose, blendOf, usualFeed_g } from '$lib/core/mixes';
import { inLitres, kilograms } from '$lib/core/units';
import { potSchema } from '$lib/input/mixes';
import { act, deskOf, newActId, smallActions } from '$lib/server/page';
import { mixOf, type MixLine } from '$lib/server/questions/mixes';
import { growingOn } from '$lib/server/questions/verdict';
import type { Bed } from '$lib/server/db/beds';
import type { Books } from '$lib/server/db/books';
import { heldBecause } from '$lib/server/questions/standing';
import { bedsInOrder } from '$lib/server/questions/kept-beds';
import { potUp } from '$lib/server/usecases/mixes/pot-up';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

const mostParts = 24;
const mostBeds = 12;
const mostRemarks = 6;

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	const mix = mixOf(books, event.params.lot.toUpperCase()) ?? error(404, 'No such mix');
	const [air] = books.findings.of(mix.lotId, 'mix-air');
	const [salt] = books.findings.of(mix.lotId, 'mix-salt');
	const { code, name, use, composition, broughtAt_ms, made_l } = mix;
	return {
		mix: { code, name, use, composition, broughtAt_ms, made_l },
		left_l: inLitres(mix.volume_ul),
		parts: mix.parts.slice(0, mostParts),
		air: air && airMeasured(air.found.caught_l, air.found.filled_l),
		paste: salt?.found.dS_m ?? null,
		held: heldBecause(books, mix.lotId),
		beds: bedsInOrder(books)
			.slice(0, mostBeds)
			.map((bed) => dosedBy(books, bed, firstN(books, mix))),
		remarks: books.findings.remarks(mix.lotId, mostRemarks),
		ids: { pot: newActId(), small: newActId() }
	};
};

/** Nitrogen of a first season in a kilogram, by its parts as their lots were known. */
function firstN(books: Books, { parts }: MixLine): number {
	const known = parts.flatMap(({ code, kg }) => {
		const composition = books.stock.maybeOne(code)?.composition;
		return composition ? [{ id: code, composition, measure: { kg: kilograms(kg) } }] : [];
	});
	const all = parts.reduce((sum, { kg }) => sum + kg, 0);
	return known.length > 0 && all > 0 ? blendOf(known).first.nitrogen.value / all : 0;
}

/** How much of it a bed wants by what grows, or is to grow, there. */
function dosedBy(books: Books, bed: Bed, first_g_kg: number) {
	const { now, next } = growingOn(books, bed);
	const wants = wantsOf(next.length > 0 ? next : now).nitrogen;
	const wants_g = wants ? (wants[0] + wants[1]) / 2 : usualFeed_g;
	return {
		...{ name: bed.name, isPots: bed.target === 'pots', isKnown: wants !== undefined },
		// Pots and trees are pieces already.
		pieces: bed.target === 'area' ? undefined : bed.pieces,
		dose: blendDose(first_g_kg, wants_g, bed.ground.area)
	};
}

export const actions: Actions = {
	pot: (event) => act(event, 'pot', (reading) => potSchema(reading, event.params.lot), potUp),
	...smallActions('lot', ({ params }: RequestEvent) => params.lot, [
		'drain-mix',
		'read-mix-salt',
		'bean-test',
		'remark'
	])
};
