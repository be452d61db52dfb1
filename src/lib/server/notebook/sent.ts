import { newActId, withFiles } from '../page';
import { notebookSheets, type NotebookSheet } from './columns';
import type { Matches } from './notebook';
import { sortedOut, type Sent } from './sorting';

export async function sentIn(request: Request): Promise<Sent> {
	const { values, inFull, files } = await withFiles(request);
	const matches = matchesIn(values);
	const before = Object.fromEntries(notebookSheets.map((sheet) => [sheet, inFull(sheet)]));
	const asked = Object.keys(values).flatMap((field) => {
		const [, nth] = /^unknown:(\d+)$/.exec(field) ?? [];
		if (nth === undefined) return [];
		const is = notebookSheets.find((sheet) => sheet === values[`is:${nth}`]);
		const text = values[`is:${nth}`] === '-' ? '' : inFull(field);
		return [{ name: values[`name:${nth}`] ?? '', text, ...(is && { is }) }];
	});
	const dropped = [...asked, { name: '', text: inFull('pasted') }, ...files];
	const { batch = '', job = '' } = values;
	return {
		// A batch names its acts; one that can't gets a name of its own.
		batch: /^[\w-]{8,40}$/.test(batch) ? batch : newActId(),
		job,
		matches,
		...sortedOut(before, dropped, matches)
	};
}

/** What the columns of a sheet are, where they go by other names than here. */
function matchesIn(values: Readonly<Record<string, string>>): Matches {
	const matches: Partial<Record<NotebookSheet, Record<string, string>>> = {};
	for (const [name, column] of Object.entries(values)) {
		const [, found, head = ''] = /^match:(\w+):(.+)$/.exec(name) ?? [];
		const sheet = notebookSheets.find((one) => one === found);
		// Nothing chosen yet leaves it as it is; a dash leaves the column out.
		if (sheet && head !== '' && column !== '')
			(matches[sheet] ??= {})[head] = column === '-' ? '' : column;
	}
	return matches;
}
