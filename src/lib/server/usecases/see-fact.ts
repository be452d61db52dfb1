import type { RemarkInput, Seen, TemperatureInput } from '../../input/facts';
import { pathOf } from '../../format/paths';
import type { Books } from '../db/books';
import type { Subject } from '../db/facts';
import { perform, refuse, type Outcome } from './act';
import type { Envelope } from '../../input/act';
import { lotOrRefuse } from './gates';

/** Something seen at a lot, fire or bed, kept in words. */
export function remark(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: RemarkInput
): Outcome {
	return perform(books, now_ms, 'remark', envelope, { ...input }, () => {
		const { subject, path } = subjectOf(books, input, 'words', envelope.happenedAt_ms);
		return {
			path,
			write: (stamp) => books.facts.insertRemark(stamp.actId, subject, input.words)
		};
	});
}

/** What a probe or gun said of a fire or a lot. */
export function readTemperature(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: TemperatureInput
): Outcome {
	return perform(books, now_ms, 'read-temperature', envelope, { ...input }, () => {
		const { subject, path } = subjectOf(books, input, 'temperature', envelope.happenedAt_ms);
		if ('bedId' in subject) refuse('temperature', 'unknown-lot', { code: input.name });
		return {
			path,
			write: (stamp) => books.facts.insertTemperature(stamp.actId, subject, input.temperature)
		};
	});
}

function subjectOf(
	books: Books,
	{ at, name }: Seen,
	field: string,
	at_ms: number
): { readonly subject: Subject; readonly path: string } {
	if (at === 'bed') {
		const bed = books.beds.maybeOne(name) ?? refuse(field, 'unknown-bed', { name });
		return { subject: { bedId: bed.id }, path: pathOf('bed', bed.name) };
	}
	if (at === 'fire') {
		const burn = books.burns.maybeOne(name) ?? refuse(field, 'unknown-burn', { code: name });
		return { subject: { burnId: burn.id }, path: pathOf('burn', burn.code) };
	}
	const lot = lotOrRefuse(books, name, field, at_ms);
	return { subject: { lotId: lot.id }, path: pathOf(lot.kind, lot.code) };
}
