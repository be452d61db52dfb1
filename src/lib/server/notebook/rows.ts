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
}

/** More than anybody writes by hand in ten years. */
export const mostRows = 3000;

/** A sheet of CSV with a head into rows; empty rows are passed over, cells are trimmed. */
export function readSheet(sheet: NotebookSheet, text: string): ReadSheet {
	if (text.trim() === '') return { rows: [], issues: [] };
	const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, '').trimEnd());
	const [head = [], ...body] = parsed.data;
	const names = head.map((name) => name.trim().toLowerCase());
	const issues = headIssues(sheet, names);
	const quotes = parsed.errors.find(({ type }) => type === 'Quotes');
	if (quotes) issues.push(issue('notebook-quotes', { line: (quotes.row ?? 0) + 1 }));
	if (body.length > mostRows) issues.push(issue('notebook-long', { most: mostRows }));
	if (issues.length > 0) return { rows: [], issues };
	return {
		issues: [],
		rows: body.flatMap((cells, i) =>
			cells.every((cell) => cell.trim() === '')
				? []
				: [{ sheet, line: i + 2, cells: byName(names, cells) }]
		)
	};
}

function headIssues(sheet: NotebookSheet, names: readonly string[]): Issue[] {
	const known = columns[sheet];
	const missing = known.filter(({ name, needed }) => needed && !names.includes(name));
	const strange = names.filter((name) => !known.some((column) => column.name === name));
	const twice = names.filter((name, i) => names.indexOf(name) !== i);
	return [
		...missing.map(({ name }) => issue('notebook-missing', { name })),
		...strange.map((name) =>
			issue('notebook-strange', { name, known: known.map((column) => column.name).join(', ') })
		),
		...twice.map((name) => issue('notebook-twice', { name }))
	];
}

const issue = (code: string, facts: Issue['facts']): Issue => ({ field: 'sheet', code, facts });

function byName(names: readonly string[], cells: readonly string[]): Record<string, string> {
	const row: Record<string, string> = {};
	names.forEach((name, i) => (row[name] = (cells[i] ?? '').trim()));
	return row;
}
