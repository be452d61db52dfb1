import { sayIssue } from '$lib/format/issues';
import { columns, notebookSheets } from '$lib/server/notebook/columns';
import {
	tryNotebook,
	writeNotebook,
	type Notebook,
	type NotebookResult
} from '$lib/server/notebook/notebook';
import { deskOf, newActId, sheetsOf } from '$lib/server/page';
import { fail, redirect, type RequestEvent } from '@sveltejs/kit';
import type { System } from '$lib/core/units';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	const done = event.url.searchParams.get('done') ?? '';
	return {
		batch: newActId(),
		columns,
		sheets: notebookSheets,
		written: done === '' ? 0 : books.acts.countOfBatch(done)
	};
};

export const actions: Actions = {
	try: async (event) => {
		const { batch, notebook } = await notebookIn(event);
		const { books, reading } = deskOf(event);
		return shown(tryNotebook(books, reading, notebook), notebook, batch, reading.system);
	},
	write: async (event) => {
		const { batch, notebook } = await notebookIn(event);
		const { books, reading } = deskOf(event);
		const result = writeNotebook(books, reading, notebook, batch);
		if (!result.right) return fail(400, shown(result, notebook, batch, reading.system));
		redirect(303, `/keeping/notebook?done=${encodeURIComponent(batch)}`);
	}
};

async function notebookIn(event: RequestEvent): Promise<{ batch: string; notebook: Notebook }> {
	const { batch = '', ...sheets } = await sheetsOf(event.request, [...notebookSheets, 'batch']);
	const notebook = { stacks: '', burns: '', spreads: '', ...sheets };
	// A batch names its acts; one that can't gets a name of its own.
	return { batch: /^[\w-]{8,40}$/.test(batch) ? batch : newActId(), notebook };
}

function shown(
	{ rows, sheets, right }: NotebookResult,
	notebook: Notebook,
	batch: string,
	system: System | undefined
) {
	return {
		right,
		batch,
		notebook,
		sheets: sheets.map(({ sheet, issues }) => ({
			sheet,
			says: issues.map((issue) => sayIssue(issue, system))
		})),
		rows: rows.map(({ issues, ...row }) => ({
			...row,
			says: issues.map((issue) => ({ column: issue.field, words: sayIssue(issue, system) }))
		}))
	};
}
