import { localMoment } from '../../core/time';
import type { Books } from '../db/books';
import type { Caution } from '../../core/cautions';
import { datesOf, type Reading, type Values } from '../../input/form';
import { tryOut } from '../send';
import type { Outcome } from '../usecases/act';
import type { Issue } from '../../input/act';
import { completions } from './complete';
import { namesOf } from './names-of';
import { readLine } from './read';
import type { Saying } from './saying';
import type { Completion, LineTold } from './sending';

export type LogReading =
	| {
			readonly status: 'understood';
			readonly told: LineTold;
			readonly happenedAt: string;
			/** What speaks against it: what is asked is answered by its reason, once this was shown. */
			readonly cautions: readonly Caution[];
	  }
	| { readonly status: 'trouble'; readonly issues: readonly Issue[] };

export interface Preview {
	readonly reading: LogReading;
	readonly completions: readonly Completion[];
}

/** What a line would do, found out by doing it and leaving the books as they were. */
export function previewLine(books: Books, reading: Reading, line: string): Preview {
	return {
		completions: completions(line, namesOf(books, reading.now_ms)),
		reading: tryOut(books, () => tryLine(books, reading, line, 'preview-of-a-line'))
	};
}

/** Do what a line says, within what its caller rolls back, and tell what came of it. */
export function tryLine(books: Books, reading: Reading, line: string, actId: string): LogReading {
	const { now_ms, timeZone, system } = reading;
	const read = readLine(line, namesOf(books, now_ms), { now_ms, ...datesOf(reading) });
	if (read.status !== 'ok') return { status: 'trouble', issues: [read.issue] };
	const { sending } = read;
	const saying: Saying = { almanac: { timeZone, now_ms }, system };
	const after = sending.watch(books, now_ms);
	// As if what is asked were answered, so that all of it is shown with what the line does.
	const values: Values = { note: '', ...sending.values, actId };
	const sure = values.reason ? 'all' : [];
	const sent = sending.send(books, reading, values, { typed: { line }, sure });
	if (sent.status === 'refused') return { status: 'trouble', issues: sent.issues };
	return {
		status: 'understood',
		told: after(sent.path)(saying),
		happenedAt: sending.values.happenedAt ?? '',
		cautions: sent.cautions ?? []
	};
}

/**
 * Write a line: the act a form would write, with the line kept as what was typed. One that waited on
 * a device for a connection is read as of the moment it was written, and happened then.
 */
export function writeLine(
	books: Books,
	reading: Reading,
	line: string,
	actId: string,
	written_ms = reading.now_ms,
	/** Keys of the cautions that its preview showed. */
	shown: readonly string[] = []
): Outcome {
	const late = written_ms < reading.now_ms;
	const now_ms = late ? written_ms : reading.now_ms;
	const read = readLine(line, namesOf(books, reading.now_ms), { now_ms, ...datesOf(reading) });
	if (read.status !== 'ok') return { status: 'refused', issues: [read.issue] };
	const { sending } = read;
	const said = sending.values.happenedAt ?? '';
	const happenedAt = said === '' && late ? localMoment(reading.timeZone, written_ms) : said;
	const values: Values = {
		note: '',
		...sending.values,
		happenedAt,
		actId
	};
	const sure = values.reason ? shown : [];
	return sending.send(books, reading, values, { typed: { line: line.trim() }, sure });
}

/** When a line was written, as the device tells it in ms; undefined where that can't be. */
export function writtenWhen(told: string): number | undefined {
	const ms = /^\d{1,15}$/.test(told) ? Number(told) : NaN;
	return Number.isSafeInteger(ms) && ms > 0 ? ms : undefined;
}
