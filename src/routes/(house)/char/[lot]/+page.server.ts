import { charsInStock } from '$lib/server/questions/in-stock';
import { foundOfChar } from '$lib/server/questions/found';
import { judgeQuality, useOf, type CharFinding } from '$lib/core/char';
import { reaches } from '$lib/core/fires';
import { crushSchema, poolSchema } from '$lib/input/char';
import { qualitySchema, riddleSchema, sieveSchema, wetnessSchema } from '$lib/input/char-in';
import { findOfChar, riddleBrands } from '$lib/server/usecases/char-in';
import { choicesOf, act, deskOf, newActId, smallActions } from '$lib/server/page';
import { waysOfLot } from '$lib/server/questions/ledger';
import { heldBecause, proofOf } from '$lib/server/questions/standing';
import { sampleSchema } from '$lib/input/ledger';
import { reMeasureChar } from '$lib/server/usecases/re-measure-char';
import { crushChar } from '$lib/server/usecases/crush-char';
import { poolChar } from '$lib/server/usecases/pool-char';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms, settings } = deskOf(event);
	const char = books.char.maybeOne(event.params.lot) ?? error(404, 'No such char');
	const held = heldBecause(books, char.lotId);
	const proof = proofOf(books, char.burnId, now_ms);
	const found = foundOfChar(books.findings, char.lotId);
	const use = useOf({
		state: char.state,
		proven: reaches(proof, 'once'),
		quarantined: held !== undefined,
		litres: char.volume_ul
	});
	const alike = charsInStock(books).filter(
		({ code, state }) => code !== char.code && state === char.state
	);
	const others = choicesOf(event, alike, ({ code }) => code, 'with');
	return {
		actId: newActId(),
		findIds: { quality: newActId(), sieve: newActId(), wetness: newActId(), riddle: newActId() },
		found,
		quality: judgeQuality(
			found.map((one) => one.found).filter((one): one is Tried => one.kind === 'quality')
		),
		sampleId: newActId(),
		ashId: newActId(),
		poolId: newActId(),
		otherChars: others.rest,
		others: others.rows.map(({ code, name, volume_ul }) => ({ code, name, volume_ul })),
		char,
		currency: settings.currency,
		held,
		use,
		proof,
		trace: waysOfLot(books, char.lotId, char.code),
		remarks: books.findings.remarks(char.lotId),
		temperatures: books.findings.temperatures(char.lotId)
	};
};

type Tried = Extract<CharFinding, { kind: 'quality' }>;

export const actions: Actions = {
	...smallActions('lot', ({ params }: RequestEvent) => params.lot, ['read-char-ash']),
	quality: (event) => act(event, 'quality', (r) => qualitySchema(r, event.params.lot), findOfChar),
	sieve: (event) => act(event, 'sieve', (r) => sieveSchema(r, event.params.lot), findOfChar),
	wetness: (event) => act(event, 'wetness', (r) => wetnessSchema(r, event.params.lot), findOfChar),
	riddle: (event) => act(event, 'riddle', (r) => riddleSchema(r, event.params.lot), riddleBrands),
	pool: (event) => act(event, 'pool', (r) => poolSchema(r, event.params.lot), poolChar),
	crush: (event) =>
		act(event, 'crush', (reading) => crushSchema(reading, event.params.lot), crushChar),
	sample: (event) =>
		act(event, 'sample', (reading) => sampleSchema(reading, event.params.lot), reMeasureChar)
};
