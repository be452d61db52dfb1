import type { Books } from '../db/books';
import { asOne } from '../db/revision';
import { readMoment } from '../../core/time';
import { datesOf, type Reading } from '../../input/form';
import { tryOut } from '../send';
import type { Issue } from '../../input/act';
import { writeRow, type Desk, type RowOutcome } from './acts';
import { columnOf, notebookSheets, type NotebookSheet } from './columns';
import { readSheet, type NotebookRow } from './rows';

/** The sheets as CSV text; an empty one has no rows. */
export type Notebook = Readonly<Partial<Record<NotebookSheet, string>>>;

/** Heads of a sheet that go by another name here: its own name, and the column it fills or nothing. */
export type Matches = Readonly<Partial<Record<NotebookSheet, Readonly<Record<string, string>>>>>;

export interface RowResult {
	readonly sheet: NotebookSheet;
	readonly line: number;
	/** What the row is about, in its own words. */
	readonly about: string;
	readonly date: string;
	/** As it was written. */
	readonly cells: Readonly<Record<string, string>>;
	/** Where its result can be seen once it is written. */
	readonly path?: string;
	/** Empty when the row is right; at the column each belongs to. */
	readonly issues: readonly Issue[];
}

export interface NotebookResult {
	readonly rows: readonly RowResult[];
	/** What is wrong with a sheet as a whole. */
	readonly sheets: readonly {
		readonly sheet: NotebookSheet;
		readonly issues: readonly Issue[];
		/** Heads that are no column here, to be matched by hand. */
		readonly strange: readonly string[];
	}[];
	readonly right: boolean;
}

class NotRight extends Error {}

/** What a notebook would come to, row by row, found out by writing it and leaving the books as they were. */
export function tryNotebook(
	books: Books,
	reading: Reading,
	notebook: Notebook,
	matches: Matches = {}
): NotebookResult {
	return tryOut(books, () => run(books, reading, notebook, 'notebook-tried-out', matches));
}

/**
 * Write a notebook in one transaction: stacks, burns and their checks, spreads, each in order of
 * date. One bad row and nothing is written. The same batch sent twice is one.
 */
export function writeNotebook(
	books: Books,
	reading: Reading,
	notebook: Notebook,
	batch: string,
	matches: Matches = {}
): NotebookResult {
	let result: NotebookResult | undefined;
	try {
		asOne(books.db, () => {
			result = run(books, reading, notebook, batch, matches);
			if (!result.right) throw new NotRight();
		});
	} catch (error) {
		if (!(error instanceof NotRight)) throw error;
	}
	if (!result) throw new Error('writeNotebook: nothing was run');
	return result;
}

function run(
	books: Books,
	reading: Reading,
	notebook: Notebook,
	batch: string,
	matches: Matches
): NotebookResult {
	const read = notebookSheets.map((sheet) => ({
		sheet,
		...readSheet(sheet, notebook[sheet] ?? '', matches[sheet])
	}));
	const desk: Desk = { books, reading, batch, labels: new Map() };
	const rows = read
		.flatMap((sheet) => inTime(sheet.rows, reading))
		.map((row) => resultOf(row, writeRow(desk, row)));
	const sheets = read.filter(({ issues }) => issues.length > 0);
	return {
		rows,
		sheets: sheets.map(({ sheet, issues, strange }) => ({ sheet, issues, strange })),
		right: rows.length > 0 && sheets.length === 0 && rows.every(({ issues }) => issues.length === 0)
	};
}

/** In the order of their days; what has no day that can be read is last, and complained of. */
function inTime(rows: readonly NotebookRow[], reading: Reading): readonly NotebookRow[] {
	const dates = datesOf(reading);
	const at = ({ cells }: NotebookRow) =>
		readMoment(cells.date ?? '', reading.now_ms, dates) ?? '9999';
	return rows
		.map((row) => ({ row, when: at(row) }))
		.sort((a, b) => a.when.localeCompare(b.when) || a.row.line - b.row.line)
		.map(({ row }) => row);
}

function resultOf({ sheet, line, cells }: NotebookRow, outcome: RowOutcome): RowResult {
	const about = [cells.label, cells.name ?? cells.vessel ?? cells.bed, cells.lot, cells.charge]
		.filter(Boolean)
		.join(' ');
	return {
		sheet,
		line,
		about,
		date: cells.date ?? '',
		cells,
		...(outcome.status === 'ok'
			? { path: outcome.path, issues: [] }
			: { issues: outcome.issues.map((one) => ({ ...one, field: columnOf(sheet, one.field) })) })
	};
}
