import type { Books } from '../db/books';
import { readMoment } from '../../core/time';
import { datesOf, type Reading } from '../../input/form';
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

/** Sheets as somebody brought them, and how they are read. */
export interface Brought {
	/** Every act of the batch is named by it: the same notebook written again goes on where it stopped. */
	readonly batch: string;
	readonly reading: Reading;
	readonly notebook: Notebook;
	readonly matches?: Matches;
}

/** The rows of every sheet in the order they are written: stacks, burns, spreads, each sheet in order of date. */
export function readNotebook({ reading, notebook, matches }: Brought): {
	readonly sheets: NotebookResult['sheets'];
	readonly rows: readonly NotebookRow[];
} {
	const read = notebookSheets.map((sheet) => ({
		sheet,
		...readSheet(sheet, notebook[sheet] ?? '', matches?.[sheet])
	}));
	const sheets = read.filter(({ issues }) => issues.length > 0);
	return {
		sheets: sheets.map(({ sheet, issues, strange }) => ({ sheet, issues, strange })),
		rows: read.flatMap((sheet) => inTime(sheet.rows, reading))
	};
}

/** Writes the next of these rows whenever it is asked for it. */
export function* written(
	books: Books,
	{ reading, batch }: Pick<Brought, 'reading' | 'batch'>,
	rows: readonly NotebookRow[]
): Generator<RowResult, undefined> {
	const desk: Desk = { books, reading, batch, labels: new Map() };
	for (const row of rows) yield resultOf(row, writeRow(desk, row));
}

/**
 * What a notebook would come to, found out by writing it into books that are a copy, or put back afterwards.
 * @param each told after every row how many are done
 */
export function writeThrough(
	books: Books,
	brought: Brought,
	each: (done: number, of: number) => void = () => {}
): NotebookResult {
	const { sheets, rows } = readNotebook(brought);
	const results: RowResult[] = [];
	for (const result of written(books, brought, rows)) {
		results.push(result);
		each(results.length, rows.length);
	}
	const isRight = sheets.length === 0 && results.every(({ issues }) => issues.length === 0);
	return { rows: results, sheets, right: results.length > 0 && isRight };
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
