import { capital, count } from '$lib/format/words';

interface Shown {
	readonly right: boolean;
	readonly unknown: readonly unknown[];
	readonly sheets: readonly { readonly says: readonly string[] }[];
	readonly rows: readonly { readonly says: readonly unknown[] }[];
}

/** May this notebook be written? */
export function notebookAnswer(shown: Shown | undefined, written: number): string {
	if (!shown)
		return written > 0
			? `${capital(count(written, 'act is', 'acts are'))} in the books now`
			: 'Bring an old notebook in, from stacks to spreads';
	if (shown.right) return `All ${count(shown.rows.length, 'row', 'rows')} are right: write them`;
	const bad = shown.rows.filter(({ says }) => says.length > 0).length;
	const heads = shown.sheets.length;
	const strange = shown.unknown.length;
	if (strange > 0)
		return `Which ${strange === 1 ? 'sheet is this' : 'sheets are these'}? Nothing was written`;
	if (bad + heads === 0) return 'There are no rows yet: drop a sheet with its head';
	return heads > 0
		? `${capital(count(heads, 'sheet', 'sheets'))} can’t be read yet; nothing was written`
		: `${capital(count(bad, 'row wants', 'rows want'))} mending; nothing was written`;
}
