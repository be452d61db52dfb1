import type { Issue } from '$lib/input/act';
import { sayIssue } from '$lib/format/issues';
import { failureWords } from '$lib/format/failure-words';
import { columns, notebookSheets, type NotebookSheet } from '$lib/server/notebook/columns';
import { underWay, type Job, type Why } from '$lib/server/notebook/jobs';
import type { RowResult } from '$lib/server/notebook/notebook';
import { headOf } from '$lib/server/notebook/rows';
import { sentIn } from '$lib/server/notebook/sent';
import type { Sent } from '$lib/server/notebook/sorting';
import { deskOf, newActId, submitted } from '$lib/server/page';
import { notebooks } from '$lib/server/runtime';
import { redirect, type RequestEvent } from '@sveltejs/kit';
import type { System } from '$lib/core/units';
import { inSystem } from '$lib/format/examples';
import type { Actions, PageServerLoad } from './$types';

/** A short notebook has come to something by then, and its page says so at once. */
const patience_ms = 800;
/** Its sheets are not shown while it is under way, and no more once they are in the books. */
const hidden = new Set<Job['state']>([...underWay, 'written']);
/** Rows shown of each kind: nobody mends more at a time, and a page of thousands keeps everybody waiting. */
const mostShown = 100;

export const load: PageServerLoad = async (event) => {
	const { books, reading } = deskOf(event);
	const said = (sheet: NotebookSheet) =>
		columns[sheet].map(({ says, ...column }) => ({
			...column,
			says: inSystem(says, reading.system)
		}));
	const id = event.url.searchParams.get('job') ?? '';
	const job = id === '' ? undefined : await lookAt(id);
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
		job: {
			id,
			...(job && { state: job.state, done: job.done, of: job.of }),
			isUnderWay: job !== undefined && underWay.has(job.state),
			why: job?.why ? sayWhy(job.why, reading.system) : '',
			/** Acts of it that stand in the books. */
			standing: id === '' || job?.state === 'writing' ? 0 : books.acts.standingOfBatch(id).length
		},
		shown: job && !hidden.has(job.state) ? shownOf(job, reading.system) : undefined
	};
};

async function lookAt(id: string): Promise<Job | undefined> {
	await notebooks().settled(id, patience_ms);
	return notebooks().find(id);
}

export const actions: Actions = {
	try: async (event) => {
		const sent = await sentIn(event.request);
		redirect(303, pageOf(tried(event, sent)));
	},
	/** What was tried; where something in it was changed since, that is tried first. */
	write: async (event) => {
		const sent = await sentIn(event.request);
		const known = notebooks().find(sent.job);
		if (known && isSame(known.sent, sent)) {
			notebooks().write(sent.job);
			redirect(303, pageOf(sent.job));
		}
		redirect(303, pageOf(tried(event, sent)));
	},
	cancel: async (event) => {
		const job = await jobIn(event);
		notebooks().cancel(job);
		redirect(303, pageOf(job));
	},
	takeBack: async (event) => {
		const job = await jobIn(event);
		if (deskOf(event).books.acts.standingOfBatch(job).length > 0)
			notebooks().takeBack(job, deskOf(event).reading);
		redirect(303, pageOf(job));
	}
};

/** Sent again from a page that was gone back to and changed, it is another: nothing that was typed is passed over. */
function tried(event: RequestEvent, sent: Sent): string {
	const known = notebooks().find(sent.batch);
	const batch = known && !isSame(known.sent, sent) ? newActId() : sent.batch;
	notebooks().try({ ...sent, batch }, deskOf(event).reading);
	return batch;
}

const pageOf = (id: string) => `/keeping/notebook?job=${encodeURIComponent(id)}`;

const jobIn = async ({ request }: RequestEvent): Promise<string> => {
	const { job = '' } = await submitted(request);
	return /^[\w-]{8,40}$/.test(job) ? job : 'none';
};

type Told = Pick<Job['sent'], 'notebook' | 'matches' | 'unknown'>;
const isSame = (one: Told, other: Told): boolean => plain(one) === plain(other);

/** A field of a form ends its lines otherwise than a file does, and loses a first empty one. */
const plain = ({ notebook, matches, unknown }: Told): string =>
	JSON.stringify([
		notebookSheets.map((sheet) => (notebook[sheet] ?? '').replace(/\r\n?/g, '\n').trim()),
		matches,
		unknown.length
	]);

function shownOf({ sent, result }: Job, system: System | undefined) {
	const { notebook, matches, unknown } = sent;
	const { rows, sheets, right } = result ?? { rows: [], sheets: [], right: false };
	return {
		right: right && unknown.length === 0,
		notebook,
		matches,
		unknown: unknown.map((one) => ({ ...one, heads: headOf(one.text).join(', ') })),
		sheets: sheets.map(({ sheet, issues, strange }) => ({
			sheet,
			strange,
			says: issues.map((issue) => sayIssue(issue, system))
		})),
		/** How many rows each sheet has. */
		count: Object.fromEntries(
			notebookSheets.map((sheet) => [sheet, rows.filter((row) => row.sheet === sheet).length])
		),
		all: rows.length,
		rightRows: rows
			.filter(({ issues }) => issues.length === 0)
			.slice(0, mostShown)
			.map(({ sheet, line, date, about }) => ({ sheet, line, date, about })),
		bad: rows.filter(({ issues }) => issues.length > 0).length,
		badRows: notebookSheets.flatMap((sheet) =>
			rows
				.filter((row) => row.sheet === sheet && row.issues.length > 0)
				.slice(0, mostShown)
				.map((row) => badRow(row, system))
		)
	};
}

const badRow = ({ sheet, line, cells, issues }: RowResult, system: System | undefined) => ({
	sheet,
	line,
	// As it was written.
	cells: Object.entries(cells),
	says: issues.map((issue) => ({ column: issue.field, words: sayCell(issue, system) }))
});

/** Why a notebook isn't in the books. */
function sayWhy(why: Why, system: System | undefined): string {
	if (why.what === 'cancelled') return 'It was cancelled.';
	if (why.what === 'refused') return why.issues.map((issue) => sayIssue(issue, system)).join(' ');
	if (why.what === 'failure')
		return failureWords[why.failure] ?? 'Something went wrong that should not; the log says what.';
	const { sheet, line, issues } = why.row;
	const words = issues.map((issue) => sayCell(issue, system)).join(' ');
	return `Line ${line} of the ${sheet} was right when it was tried and no longer is: ${words}`;
}

/** A cell that names none of its choices is told all of them. */
const sayCell = (issue: Issue, system: System | undefined): string =>
	issue.code === 'choose' && issue.facts?.options !== undefined
		? `Write one of ${issue.facts.options}.`
		: sayIssue(issue, system);
