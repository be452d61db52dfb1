import type { Issue } from '$lib/input/act';
import { sayIssue } from '$lib/format/issues';
import { columns, notebookSheets, type NotebookSheet } from '$lib/server/notebook/columns';
import { tryNotebook, writeNotebook, type NotebookResult } from '$lib/server/notebook/notebook';
import { headOf } from '$lib/server/notebook/rows';
import { sentIn, type Sent } from '$lib/server/notebook/sent';
import { deskOf, newActId } from '$lib/server/page';
import { fail, redirect } from '@sveltejs/kit';
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
		const sent = await sentIn(event.request);
		const { books, reading } = deskOf(event);
		return shown(tryNotebook(books, reading, sent.notebook, sent.matches), sent, reading.system);
	},
	write: async (event) => {
		const sent = await sentIn(event.request);
		const { batch, notebook, matches } = sent;
		const { books, reading } = deskOf(event);
		const result =
			sent.unknown.length > 0
				? tryNotebook(books, reading, notebook, matches)
				: writeNotebook(books, reading, notebook, batch, matches);
		if (!result.right || sent.unknown.length > 0)
			return fail(400, shown(result, sent, reading.system));
		redirect(303, `/keeping/notebook?done=${encodeURIComponent(batch)}`);
	}
};

function shown(
	{ rows, sheets, right }: NotebookResult,
	{ batch, notebook, matches, unknown }: Sent,
	system: System | undefined
) {
	return {
		right: right && unknown.length === 0,
		batch,
		notebook,
		matches,
		unknown: unknown.map((one) => ({ ...one, heads: headOf(one.text).join(', ') })),
		sheets: sheets.map(({ sheet, issues, strange }) => ({
			sheet,
			strange,
			says: issues.map((issue) => sayIssue(issue, system))
		})),
		rows: rows.map(({ issues, cells, ...row }) => ({
			...row,
			// A right row is told by what it is about; one that wants mending as it was written.
			cells: issues.length > 0 ? Object.entries(cells) : [],
			says: issues.map((issue) => ({ column: issue.field, words: sayCell(issue, system) }))
		}))
	};
}

/** A cell that names none of its choices is told all of them. */
const sayCell = (issue: Issue, system: System | undefined): string =>
	issue.code === 'choose' && issue.facts?.options !== undefined
		? `Write one of ${issue.facts.options}.`
		: sayIssue(issue, system);
