import { smallSchema } from '$lib/input/small';
import { act, deskOf, newActId, partOf } from '$lib/server/page';
import { heapLines, inWalkingOrder } from '$lib/server/questions/heaps';
import { nextOfHeap } from '$lib/server/rooms/heaps';
import { doSmall } from '$lib/server/usecases/small-act';
import type { SmallInput } from '$lib/input/small';
import type { UseCase } from '$lib/server/send';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

const perPage = 8;

export const load: PageServerLoad = (event) => {
	const { books, now_ms, reading } = deskOf(event);
	const saying = { almanac: { timeZone: reading.timeZone, now_ms }, system: reading.system };
	const lines = inWalkingOrder(heapLines(books, now_ms));
	const { rows, ...part } = partOf(event.url, lines, perPage);
	return {
		...part,
		corners: lines.map(({ heap, state }) => ({ name: heap.name, state })),
		stops: rows.map((line) => ({
			...{ code: line.heap.code, name: line.heap.name, way: line.heap.start.way },
			...{ state: line.state, says: nextOfHeap(line, saying), seen_ms: line.seen_ms },
			stage: line.stage,
			hasSize: line.heap.start.size !== undefined,
			actId: newActId()
		}))
	};
};

/** On the round one goes on to the next corner. */
const onRound: UseCase<SmallInput> = (...given) => {
	const outcome = doSmall(...given);
	return outcome.status === 'refused' ? outcome : { ...outcome, path: '/heaps/round' };
};

const small = (verb: string) => (event: RequestEvent) =>
	act(
		event,
		verb,
		(reading, values) => smallSchema(reading, verb, 'lot', values.code ?? ''),
		onRound
	);

export const actions: Actions = {
	look: small('look'),
	turn: small('turn'),
	moisten: small('moisten'),
	'read-depth': small('read-depth'),
	'tell-stage': small('tell-stage')
};
