import Papa from 'papaparse';
import type { Issue } from '../../input/act';
import { columns, type NotebookSheet } from './columns';

/** One row of a sheet as typed, by column; the head is line 1. */
export interface NotebookRow {
	readonly sheet: NotebookSheet;
	readonly line: number;
	readonly cells: Readonly<Record<string, string>>;
}

export interface ReadSheet {
	readonly rows: readonly NotebookRow[];
	/** What is wrong with the sheet as a whole. */
	readonly issues: readonly Issue[];
	/** Heads that are no column of it, whatever they were matched with. */
	readonly strange: readonly string[];
}

/** More than anybody writes by hand in ten years. */
export const mostRows = 3000;

/** A sheet of CSV with a head into rows; empty rows are passed over, cells are trimmed. */
export function readSheet(
	sheet: NotebookSheet,
	text: string,
	matches: Readonly<Record<string, string>> = {}
): ReadSheet {
	if (text.trim() === '') return { rows: [], issues: [], strange: [] };
	const parsed = Papa.parse<string[]>(plain(text));
	const [head = [], ...body] = parsed.data;
	const own = head.map(asHead);
	const names = own.map((name) => matches[name] ?? name);
	const issues = headIssues(sheet, names);
	const strange = own.filter((name) => !isColumn(sheet, name));
	const quotes = parsed.errors.find(({ type }) => type === 'Quotes');
	if (quotes) issues.push(issue('notebook-quotes', { line: (quotes.row ?? 0) + 1 }));
	if (body.length > mostRows) issues.push(issue('notebook-long', { most: mostRows }));
	if (issues.length > 0) return { rows: [], issues, strange };
	return {
		issues: [],
		strange,
		rows: body.flatMap((cells, i) =>
			cells.every((cell) => cell.trim() === '')
				? []
				: [{ sheet, line: i + 2, cells: byName(names, cells) }]
		)
	};
}

/** The names in the first row of a sheet, as they are compared. */
export const headOf = (text: string): readonly string[] =>
	(Papa.parse<string[]>(plain(text).trimStart(), { preview: 1 }).data[0] ?? []).map(asHead);

const plain = (text: string) => text.replace(/^\uFEFF/, '').trimEnd();
const asHead = (name: string) => name.trim().toLowerCase();

function headIssues(sheet: NotebookSheet, names: readonly string[]): Issue[] {
	const known = columns[sheet];
	const missing = known.filter(({ name, needed }) => needed && !names.includes(name));
	const strange = names.filter((name) => name !== '' && !isColumn(sheet, name));
	const twice = names.filter((name, i) => name !== '' && names.indexOf(name) !== i);
	return [
		...missing.map(({ name }) => issue('notebook-missing', { name })),
		...strange.map((name) =>
			issue('notebook-strange', { name, known: known.map((column) => column.name).join(', ') })
		),
		...twice.map((name) => issue('notebook-twice', { name }))
	];
}

const isColumn = (sheet: NotebookSheet, name: string) =>
	columns[sheet].some((column) => column.name === name);

const issue = (code: string, facts: Issue['facts']): Issue => ({ field: 'sheet', code, facts });

function byName(names: readonly string[], cells: readonly string[]): Record<string, string> {
	const row: Record<string, string> = {};
	names.forEach((name, i) => {
		if (name !== '') row[name] = (cells[i] ?? '').trim();
	});
	return row;
}
