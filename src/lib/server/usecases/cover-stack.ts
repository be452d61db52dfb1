import type { Envelope } from '../../input/act';
import type { CoverInput } from '../../input/woodyard';
import type { Books } from '../db/books';
import { perform, refuse, type Outcome } from './act';
import { lotOrRefuse } from './gates';

/** A stack is covered, opened or spread: how it is kept from now on. */
export function coverStack(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: CoverInput
): Outcome {
	return perform(books, now_ms, 'cover-stack', envelope, { ...input }, () => {
		const lot = lotOrRefuse(books, input.code, 'cover', envelope.happenedAt_ms);
		if (lot.kind !== 'stack') refuse('cover', 'no-stack', { code: lot.code });
		return {
			path: `/woodyard/${lot.code}`,
			write: ({ actId }) =>
				books.findings.insert({
					actId,
					thingId: lot.id,
					what: 'cover',
					found: { cover: input.cover }
				})
		};
	});
}
