import { columns, notebookSheets, type NotebookSheet } from './columns';
import type { Matches, Notebook } from './notebook';
import { headOf } from './rows';

/** A sheet as it came, from a file or pasted. */
export interface Dropped {
	/** The name of its file, where it had one. */
	readonly name: string;
	readonly text: string;
	/** Which sheet it is, where the grower said so. */
	readonly is?: NotebookSheet;
}

/** A notebook as the page sends it: sheets that are known, what was dropped or pasted since, and what is which. */
export interface Sent {
	readonly batch: string;
	/** The one that was tried and is shown on the page this comes from; empty where none was. */
	readonly job: string;
	readonly notebook: Notebook;
	readonly matches: Matches;
	/** What no sheet could be known in. */
	readonly unknown: readonly Dropped[];
}

export interface SortedOut {
	readonly notebook: Notebook;
	/** What no sheet could be known in, as it came. */
	readonly unknown: readonly Dropped[];
}

/**
 * Sheets by their columns. What came now takes the place of what stood there before, so that a
 * sheet mended in its spreadsheet can be dropped again; two of one kind that came together follow
 * one another, where their columns are the same.
 */
export function sortedOut(
	before: Notebook,
	dropped: readonly Dropped[],
	matches: Matches = {}
): SortedOut {
	const notebook: Partial<Record<NotebookSheet, string>> = {};
	const unknown: Dropped[] = [];
	for (const one of dropped.flatMap(inParts)) {
		if (one.text.trim() === '') continue;
		const sheet = one.is ?? sheetOf(one.text, matches);
		const joined = sheet && following(notebook[sheet], one.text);
		if (sheet === undefined || joined === undefined) unknown.push(one);
		else notebook[sheet] = joined;
	}
	return { notebook: { ...before, ...notebook }, unknown };
}

/** The sheet whose columns a text has: all that are needed, and more of the others than any other sheet. */
export function sheetOf(text: string, matches: Matches = {}): NotebookSheet | undefined {
	const own = headOf(text);
	const scored = notebookSheets.map((sheet) => {
		const names = own.map((name) => matches[sheet]?.[name] ?? name);
		const has = columns[sheet].filter(({ name }) => names.includes(name)).length;
		const whole = columns[sheet].every(({ name, needed }) => !needed || names.includes(name));
		// A whole sheet goes before any that lacks a column.
		return { sheet, score: has + (whole ? 100 : 0), has };
	});
	const [best, next] = scored.sort((a, b) => b.score - a.score);
	const plain = best && next && best.has >= 2 && best.score > next.score;
	return plain ? best.sheet : undefined;
}

/** Several sheets pasted below one another: each begins with a head of its own after an empty line. */
function inParts(one: Dropped): readonly Dropped[] {
	if (one.is) return [one];
	// What parts them is kept, so that the lines of a sheet with a gap in it are counted as they stand.
	const pieces = one.text.split(/(\r?\n[ \t,;]*\r?\n)/);
	const parts = [pieces[0] ?? ''];
	for (let i = 1; i < pieces.length; i += 2) {
		const part = pieces[i + 1] ?? '';
		if (sheetOf(part)) parts.push(part);
		else parts.push(`${parts.pop()}${pieces[i]}${part}`);
	}
	return parts.map((text) => ({ name: one.name, text }));
}

/** One sheet behind another of the same columns; nothing where they differ. */
function following(first: string | undefined, text: string): string | undefined {
	if (first === undefined) return text;
	if (headOf(first).join() !== headOf(text).join()) return undefined;
	const body = text.replace(/^\uFEFF?\s*[^\n]*\n?/, '');
	return `${first.trimEnd()}\n${body}`;
}
