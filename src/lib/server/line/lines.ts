import type { Issue } from '../../input/act';
import type { Reading } from '../../input/form';
import type { Books } from '../db/books';
import { asOne } from '../db/revision';
import { tryOut } from '../send';
import { tryLine, writeLine, type LogReading } from './log';

/** Of one paste: a page of a notebook. */
export const mostLines = 40;
export const longestPaste = 6000;

/** Lines as they were pasted; what is blank is none. */
export const linesOf = (text: string): readonly string[] =>
	text
		.split(/\r?\n/)
		.map((line) => line.trim())
		.filter((line) => line !== '');

/** The id of a line of several, by where it stands: sent again, all or one by one, it is the same act. */
const idOf = (actId: string, at: number): string => `${actId}.${at + 1}`;

export interface ReadLine {
	readonly line: string;
	readonly reading: LogReading;
}

/** What several lines would do, each after those before it that can be written. */
export const previewLines = (
	books: Books,
	reading: Reading,
	lines: readonly string[]
): readonly ReadLine[] =>
	tryOut(books, () =>
		lines.map((line, at) => ({
			line,
			reading: tryLine(books, reading, line, idOf('preview-of-lines', at))
		}))
	);

export interface WrittenLines {
	readonly written: number;
	/** As they were typed, for mending. */
	readonly wrong: readonly { readonly line: string; readonly issues: readonly Issue[] }[];
}

/** Write several lines together, one act each, as a round that can be undone whole; the wrong ones are left. */
export function writeLines(
	books: Books,
	reading: Reading,
	lines: readonly string[],
	actId: string,
	written_ms?: number,
	/** Of each line, keys of the cautions that its preview showed. */
	shown: readonly (readonly string[])[] = []
): WrittenLines {
	if (lines.length > mostLines)
		return {
			written: 0,
			wrong: lines.map((line) => ({
				line,
				issues: [{ field: 'line', code: 'many-lines', facts: { most: mostLines } }]
			}))
		};
	return asOne(books.db, (): WrittenLines => {
		const outcomes = lines.map((line, at) => ({
			line,
			outcome: writeLine(books, reading, line, idOf(actId, at), written_ms, shown[at])
		}));
		const wrong = outcomes.flatMap(({ line, outcome }) =>
			outcome.status === 'refused' ? [{ line, issues: outcome.issues }] : []
		);
		return { written: outcomes.length - wrong.length, wrong };
	});
}
