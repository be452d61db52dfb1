import { vesselVersions } from '$lib/server/questions/in-stock';
import { againstOwn, type WayId } from '$lib/core/fires';
import { relitSchema, waterSchema } from '$lib/input/after-burn';
import { burnSchema } from '$lib/input/burns';
import { checkSchema } from '$lib/input/fires';
import { act, deskOf, newActId, undo } from '$lib/server/page';
import { burnLine, toldOfBurn } from '$lib/server/questions/fires';
import { newestResults, outcomeOf, threeMeasures } from '$lib/server/questions/own';
import { checkQuench } from '$lib/server/usecases/check-quench';
import type { Books } from '$lib/server/db/books';
import { recordBurn } from '$lib/server/usecases/record-burn';
import { noteWater } from '$lib/server/usecases/quench-water';
import { relightBurn } from '$lib/server/usecases/relight-burn';
import { error } from '@sveltejs/kit';
import { planStacks } from '../plan/books.server';
import { knownFromTaps, tappedOf } from './tapped.server';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms, reading } = deskOf(event);
	const burn = books.burns.maybeOne(event.params.burn) ?? error(404, 'No such fire');
	const line = burnLine(books, burn, now_ms);
	const others = burn.record ? ofItsWay(books, burn.record.way, burn.code) : [];
	return {
		actId: newActId(),
		undoId: newActId(),
		line,
		...toldOfBurn(books, burn.id),
		measures3: threeMeasures(books, burn) ?? null,
		own:
			(line.outcome &&
				againstOwn(line.outcome.massYield, earlierOf(books, burn.record?.way, burn.code))) ??
			null,
		ownBurns: others.length,
		others: others.slice(0, mostBeside),
		relitId: newActId(),
		waterId: newActId(),
		...(burn.lit ? { tapped: tappedOf(books, burn, line.vessel, now_ms) } : {}),
		known: burn.lit && !burn.record ? knownFromTaps(books, burn, line.vessel.usedFor, reading) : {},
		stacks: burn.lit && !burn.plan && !burn.record ? planStacks(books).slice(0, mostStacks) : [],
		beside: besideOf(books, event.url.searchParams.get('with') ?? '', burn.code)
	};
};

/** As many stacks as one ticks what was loaded from. */
const mostStacks = 10;
/** As many as can be laid beside it. */
const mostBeside = 20;

/** Other burns of its way, the newest first, each by what it gave of the wood it burnt. */
const ofItsWay = (books: Books, way: WayId, code: string) =>
	newestResults(books, way)
		.filter((result) => result.code !== code)
		.map((result) => ({ code: result.code, massYield: outcomeOf(result).massYield }));

/** Yields of the burns of its way that came before it. */
function earlierOf(books: Books, way: WayId | undefined, code: string): readonly number[] {
	if (!way) return [];
	const newest = newestResults(books, way);
	const at = newest.findIndex((result) => result.code === code);
	return at < 0 ? [] : newest.slice(at + 1).map((result) => outcomeOf(result).massYield);
}

/** Another burn to lay beside this one. */
function besideOf(books: Books, code: string, than: string) {
	const burn = code === than ? null : books.burns.maybeOne(code);
	if (!burn?.record) return undefined;
	const { record } = burn;
	const vessel = vesselVersions(books).get(record.vesselVersionId)?.name ?? '';
	return { code: burn.code, vessel, record, outcome: outcomeOf(record) };
}

export const actions: Actions = {
	relit: (event) => act(event, 'relit', (r) => relitSchema(r, event.params.burn), relightBurn),
	water: (event) =>
		act(event, 'water', (r, values) => waterSchema(r, event.params.burn, values), noteWater),
	check: (event) =>
		act(event, 'check', (reading) => checkSchema(reading, event.params.burn), checkQuench),
	record: (event) => act(event, 'record', burnSchema, recordBurn),
	undo: (event) => undo(event, '/fires')
};
