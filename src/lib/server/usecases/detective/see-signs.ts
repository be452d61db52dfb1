import { changeOf, oneChange, rank } from '../../../core/detective';
import { days, localDay } from '../../../core/time';
import { pathOf } from '../../../format/paths';
import type { Envelope } from '../../../input/act';
import type { BedTestInput, CloseCaseInput, SignsInput } from '../../../input/detective';
import type { Books } from '../../db/books';
import type { Stamp } from '../../db/ledger';
import { openCase } from '../../questions/cases';
import { evidenceOn } from '../../questions/evidence-on-bed';
import { bedToTreat, type ToTreat } from '../../questions/targets';
import { perform, refuse, type Outcome } from '../act';

const whyPath = (bed: ToTreat): string => `${pathOf('bed', bed.name)}/why`;

const bedOrRefuse = (books: Books, name: string, at_ms: number, field: string): ToTreat =>
	bedToTreat(books, name, at_ms) ?? refuse(field, 'unknown-bed', { name });

const writeSigns =
	(books: Books, { id }: ToTreat, { seen, vain, asked }: SignsInput) =>
	({ actId }: Stamp) =>
		books.findings.insert({ actId, thingId: id, what: 'signs', found: { seen, vain, asked } });

/** What was seen on a bed, and what was looked for in vain. */
export function seeSigns(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: SignsInput
): Outcome {
	return perform(books, now_ms, 'see-signs', envelope, { ...input }, () => {
		const bed = bedOrRefuse(books, input.bed, envelope.happenedAt_ms, 'seen');
		return { path: whyPath(bed), write: writeSigns(books, bed, input) };
	});
}

/** A test was made, and came out one way or the other. */
export function testBed(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: BedTestInput
): Outcome {
	const { test, isSo, ...signs } = input;
	return perform(books, now_ms, 'test-bed', envelope, { ...input }, () => {
		const bed = bedOrRefuse(books, input.bed, envelope.happenedAt_ms, 'test');
		const write = writeSigns(books, bed, signs);
		return {
			path: whyPath(bed),
			write: (stamp) => {
				write(stamp);
				books.findings.insert({
					...{ actId: stamp.actId, thingId: bed.id, what: 'bed-tested' },
					found: { test, isSo }
				});
			}
		};
	});
}

/** One change for the cause that leads, and its day to look again; one case of a bed at a time. */
export function openBedCase(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: SignsInput
): Outcome {
	return perform(books, now_ms, 'open-case', envelope, { ...input }, () => {
		const bed = bedOrRefuse(books, input.bed, envelope.happenedAt_ms, 'seen');
		if (openCase(books, bed)) refuse('seen', 'case-open', { name: bed.name });
		const ranked = rank(evidenceOn(books, bed, input, envelope.happenedAt_ms));
		const [first] = ranked;
		const change = oneChange(ranked);
		const { timeZone } = books.settings.current();
		const look_ms = envelope.happenedAt_ms + days(changeOf(change).days);
		const write = writeSigns(books, bed, input);
		return {
			path: whyPath(bed),
			write: (stamp) => {
				write(stamp);
				books.findings.insert({
					...{ actId: stamp.actId, thingId: bed.id, what: 'case-opened' },
					found: {
						cause: first?.cause ?? 'something-else',
						probability: first?.probability ?? 1,
						change,
						lookDay: localDay(timeZone, look_ms)
					}
				});
			}
		};
	});
}

/** How the change came out; it counts for the own hit rate. */
export function closeBedCase(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	{ bed: name, ...found }: CloseCaseInput
): Outcome {
	return perform(books, now_ms, 'close-case', envelope, { bed: name, ...found }, () => {
		const bed = bedOrRefuse(books, name, envelope.happenedAt_ms, 'outcome');
		if (!openCase(books, bed)) refuse('outcome', 'no-case', { name: bed.name });
		return {
			path: whyPath(bed),
			write: ({ actId }) =>
				books.findings.insert({ actId, thingId: bed.id, what: 'case-closed', found })
		};
	});
}
