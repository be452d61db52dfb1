import { pathOf } from '../../../format/paths';
import type { Envelope } from '../../../input/act';
import type { SmellInput, StopInput } from '../../../input/brews';
import type { Books } from '../../db/books';
import type { Brew } from '../../db/brews';
import { perform, refuse, type Outcome } from '../act';
import { lotOrRefuse } from '../gates';

/** A brew by its code, or a refusal at the field that named it. */
export function brewOrRefuse(books: Books, code: string, field: string, at_ms: number): Brew {
	const lot = lotOrRefuse(books, code, field, at_ms);
	return books.brews.maybeOne(lot.code) ?? refuse(field, 'no-brew', { code: lot.code });
}

/** What a nose says of it: a fact with its time. */
export function smellBrew(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: SmellInput
): Outcome {
	return perform(books, now_ms, 'smell', envelope, { ...input }, () => {
		const { lotId, code } = brewOrRefuse(books, input.code, 'smell', envelope.happenedAt_ms);
		return {
			path: pathOf('brew', code),
			write: ({ actId }) => books.brews.insertSmell({ actId, lotId, smell: input.smell })
		};
	});
}

/** Its pump was stopped: from then on it keeps for hours only. */
export function stopBrew(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: StopInput
): Outcome {
	return perform(books, now_ms, 'stop-pump', envelope, { ...input }, () => {
		const brew = brewOrRefuse(books, input.code, 'code', envelope.happenedAt_ms);
		if (brew.stoppedAt_ms !== null) refuse('code', 'already-stopped', { code: brew.code });
		return {
			path: pathOf('brew', brew.code),
			write: ({ actId }) => books.brews.insertStop(actId, brew.lotId)
		};
	});
}
