import type { Issue } from '$lib/input/act';
import { sayIssue } from '$lib/format/issues';
import { columns, notebookSheets, type NotebookSheet } from '$lib/server/notebook/columns';
import {
	tryNotebook,
	writeNotebook,
	type Matches,
	type Notebook,
	type NotebookResult
} from '$lib/server/notebook/notebook';
import { deskOf, newActId, sheetsOf } from '$lib/server/page';
import { fail, redirect, type RequestEvent } from '@sveltejs/kit';
import type { System } from '$lib/core/units';
import { inSystem } from '$lib/format/examples';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, reading } = deskOf(event);
	const said = (sheet: NotebookSheet) =>
		columns[sheet].map(({ says, ...column }) => ({
			...column,
			says: inSystem(says, reading.system)
		}));
	const done = event.url.searchParams.get('done') ?? '';
	return {
		batch: newActId(),
		columns: {
			stacks: said('stacks'),
			burns: said('burns'),
			crushings: said('crushings'),
			charges: said('charges'),
			tests: said('tests'),
			spreads: said('spreads')
		},
		sheets: notebookSheets,
		written: done === '' ? 0 : books.acts.countOfBatch(done)
	};
};

export const actions: Actions = {
	try: async (event) => {
		const sent = await notebookIn(event);
		const { books, reading } = deskOf(event);
		return shown(tryNotebook(books, reading, sent.notebook, sent.matches), sent, reading.system);
	},
	write: async (event) => {
		const sent = await notebookIn(event);
		const { batch } = sent;
		const { books, reading } = deskOf(event);
		const result = writeNotebook(books, reading, sent.notebook, batch, sent.matches);
		if (!result.right) return fail(400, shown(result, sent, reading.system));
		redirect(303, `/keeping/notebook?done=${encodeURIComponent(batch)}`);
	}
};

interface Sent {
	readonly batch: string;
	readonly notebook: Notebook;
	readonly matches: Matches;
}

async function notebookIn(event: RequestEvent): Promise<Sent> {
	const { batch = '', notebook, others } = await sheetsOf(event.request, notebookSheets);
	const matches: Record<string, Record<string, string>> = {};
	for (const [name, column] of Object.entries(others)) {
		const [, sheet = '', head = ''] = /^match:(\w+):(.+)$/.exec(name) ?? [];
		// Nothing chosen yet leaves it as it is; a dash leaves the column out.
		if (head !== '' && column !== '') (matches[sheet] ??= {})[head] = column === '-' ? '' : column;
	}
	// A batch names its acts; one that can't gets a name of its own.
	return { batch: /^[\w-]{8,40}$/.test(batch) ? batch : newActId(), notebook, matches };
}

function shown(
	{ rows, sheets, right }: NotebookResult,
	{ batch, notebook, matches }: Sent,
	system: System | undefined
) {
	return {
		right,
		batch,
		notebook,
		matches,
		sheets: sheets.map(({ sheet, issues, strange }) => ({
			sheet,
			strange,
			says: issues.map((issue) => sayIssue(issue, system))
		})),
		rows: rows.map(({ issues, ...row }) => ({
			...row,
			says: issues.map((issue) => ({ column: issue.field, words: sayCell(issue, system) }))
		}))
	};
}

/** A cell that names none of its choices is told all of them. */
const sayCell = (issue: Issue, system: System | undefined): string =>
	issue.code === 'choose' && issue.facts?.options !== undefined
		? `Write one of ${issue.facts.options}.`
		: sayIssue(issue, system);
