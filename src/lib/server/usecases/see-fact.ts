import type { RemarkInput, Seen, TemperatureInput } from '../../input/facts';
import { pathOf } from '../../format/paths';
import type { Books } from '../db/books';
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
		const { thingId, path } = subjectOf(books, input, 'words', envelope.happenedAt_ms);
		return {
			path,
			write: (stamp) =>
				books.findings.insert({
					actId: stamp.actId,
					thingId,
					what: 'remark',
					found: { words: input.words }
				})
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
		const { thingId, path } = subjectOf(books, input, 'temperature', envelope.happenedAt_ms);
		return {
			path,
			write: (stamp) =>
				books.findings.insert({
					actId: stamp.actId,
					thingId,
					what: 'temperature',
					found: { temperature_c: input.temperature }
				})
		};
	});
}

function subjectOf(
	books: Books,
	{ at, name }: Seen,
	field: string,
	at_ms: number
): { readonly thingId: number; readonly path: string } {
	if (at === 'bed') {
		const bed = books.beds.maybeOne(name) ?? refuse(field, 'unknown-bed', { name });
		return { thingId: bed.id, path: pathOf('bed', bed.name) };
	}
	if (at === 'fire') {
		const burn = books.burns.maybeOne(name) ?? refuse(field, 'unknown-burn', { code: name });
		return { thingId: burn.id, path: pathOf('burn', burn.code) };
	}
	const lot = lotOrRefuse(books, name, field, at_ms);
	return { thingId: lot.id, path: pathOf(lot.kind, lot.code) };
}
