import type { Envelope } from '../../input/act';
import type { KitInput } from '../../input/vessels';
import { pathOf } from '../../format/paths';
import type { Books } from '../db/books';
import { perform, refuse, type Outcome } from './act';

/** What became of a vessel: built, changed, failed, mended, worn. Moves nothing. */
export function logKit(books: Books, now_ms: number, envelope: Envelope, input: KitInput): Outcome {
	return perform(books, now_ms, 'log-kit', envelope, { ...input }, () => {
		const vessel =
			books.vessels.maybeOne(input.name) ?? refuse('words', 'no-vessel', { name: input.name });
		return {
			path: pathOf('vessel', vessel.name),
			write: ({ actId }) =>
				books.findings.insert({
					actId,
					thingId: vessel.id,
					what: 'kit',
					found: { what: input.what, words: input.words }
				})
		};
	});
}
