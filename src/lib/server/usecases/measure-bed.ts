import type { BedInput } from '../../input/beds';
import { newFacts } from '../../core/beds';
import { localDay } from '../../core/time';
import { pathOf } from '../../format/paths';
import type { Books } from '../db/books';
import { namedAlike } from './gates';
import { perform, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';

/** A bed by measurement; measuring again makes a new version, what it had stays with it. */
export function measureBed(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: BedInput
): Outcome {
	return perform(books, now_ms, 'measure-bed', envelope, { ...input }, () => {
		const alike = namedAlike(books.things.all('bed'), input.name);
		const known = (alike && books.beds.maybeOne(alike.name)) ?? undefined;
		if (input.isNew && known) refuse('name', 'name-taken', { name: known.name });
		if (!input.isNew && !known) refuse('name', 'unknown-bed', { name: input.name });
		const name = known?.name ?? input.name;
		return {
			path: pathOf('bed', name),
			write: ({ actId, happenedAt_ms }) => {
				const thingId = books.beds.insertVersion({
					...input,
					name,
					actId,
					...(known?.within
						? { within: { bedId: known.within.bedId, place: known.within.place } }
						: {})
				});
				const firstDay = localDay(books.settings.current().timeZone, happenedAt_ms);
				// The grower's word, kept where it says something new.
				for (const fact of newFacts(input, known))
					books.findings.insert({ actId, thingId, firstDay, way: 'grower', ...fact });
			}
		};
	});
}
