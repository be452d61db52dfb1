import type { Books } from '../db/books';
import { writtenInSlices } from '../db/slices';
import { failureOf, type Failure } from '../db/failures';
import type { Reading } from '../../input/form';
import type { Issue } from '../../input/act';
import { Refusal } from '../usecases/act';
import { keptJobs, type KeptJob } from './kept-jobs';
import { written, type NotebookResult, type RowResult } from './notebook';
import type { NotebookRow } from './rows';
import type { Sent } from './sorting';
import { takeBack } from './take-back';
import { tryNotebook } from './try';

/** A notebook on its way into the books. */
export interface Job {
	readonly sent: Sent;
	readonly state:
		'trying' | 'tried' | 'writing' | 'written' | 'taking-back' | 'taken-back' | 'halted';
	/** Rows, or acts taken back, that are done; and of how many. */
	readonly done: number;
	readonly of: number;
	/** What came of the trial. */
	readonly result?: NotebookResult;
	/** Why it was taken back, or why it stopped. */
	readonly why?: Why;
}

export type Why =
	| { readonly what: 'cancelled' }
	| { readonly what: 'row'; readonly row: RowResult }
	| { readonly what: 'refused'; readonly issues: readonly Issue[] }
	| { readonly what: 'failure'; readonly failure: Failure | 'unknown' };

type Mutable<T> = { -readonly [K in keyof T]: T[K] };
interface Running extends Mutable<Job> {
	readonly reading: Reading;
	/** Those to write, in their order; none while any of them is not right. */
	rows: readonly NotebookRow[];
	abort: AbortController;
	work: Promise<void>;
}

/** A row that was right when it was tried and no longer is. */
class NotRight extends Error {
	constructor(readonly row: RowResult) {
		super('A row is no longer right.');
	}
}
const cancelled = new Error('cancelled');
const ending = new Error('the program ends');

/** Finished ones that are remembered, so that their page can be shown. */
const remembered = 20;

/** Notebooks under way: one at a time is tried or written; the others wait for their turn. */
export function notebookJobs(books: Books, say: (line: Record<string, unknown>) => void) {
	const jobs = new Map<string, Running>();
	const kept = keptJobs(books.db);
	let turn: Promise<unknown> = Promise.resolve();

	const begin = (job: Running, state: KeptJob['state'], work: () => Promise<void>): void => {
		Object.assign(job, { state, done: 0, abort: new AbortController() });
		kept.keep({ state, sent: job.sent, reading: job.reading, rows: job.rows });
		job.work = turn.then(work).catch((error: unknown) => halt(job, error));
		turn = job.work;
	};
	const halt = (job: Running, error: unknown) => {
		if (error === ending) return;
		job.state = 'halted';
		job.why = error instanceof Refusal ? { what: 'refused', issues: error.issues } : failing(error);
		say({ notebook: job.sent.batch, halted: error instanceof Error ? error.stack : String(error) });
	};
	const tick = (job: Running) => (done: number, of: number) => Object.assign(job, { done, of });
	const settle = (job: Running, state: Job['state']) => {
		job.state = state;
		kept.drop(job.sent.batch);
	};

	const tryIt = (job: Running) =>
		begin(job, 'trying', async () => {
			try {
				job.result = await tryNotebook(books, broughtBy(job), job.abort.signal, tick(job));
				if (job.result.right && job.sent.unknown.length === 0) job.rows = job.result.rows;
				settle(job, 'tried');
			} catch (error) {
				if (error !== cancelled) throw error;
				job.why = { what: 'cancelled' };
				settle(job, 'taken-back');
			}
		});
	const writeIt = (job: Running) =>
		begin(job, 'writing', async () => {
			try {
				await writeRows(books, job, tick(job));
				settle(job, 'written');
			} catch (error) {
				const why = whyBack(error);
				if (!why) throw error;
				job.why = why;
				await back(job);
			}
		});
	const back = async (job: Running) => {
		const { sent, reading } = job;
		Object.assign(job, { state: 'taking-back', done: 0, abort: new AbortController() });
		kept.keep({ state: 'taking-back', sent, reading, rows: [] });
		await takeBack(books, reading, sent.batch, job.abort.signal, tick(job));
		settle(job, 'taken-back');
	};
	const add = (sent: Sent, reading: Reading): Running => {
		const job: Running = {
			sent,
			reading,
			state: 'trying',
			rows: [],
			done: 0,
			of: 0,
			abort: new AbortController(),
			work: Promise.resolve()
		};
		jobs.set(sent.batch, job);
		for (const [id, { state }] of jobs)
			if (jobs.size > remembered && !underWay.has(state)) jobs.delete(id);
		return job;
	};

	return {
		find: (id: string): Job | undefined => jobs.get(id),
		/** Try what was sent; the same sent again is the same. */
		try: (sent: Sent, reading: Reading): void => {
			if (!jobs.has(sent.batch)) tryIt(add(sent, reading));
		},
		/** Write one that was tried and is right. */
		write: (id: string): void => {
			const job = jobs.get(id);
			if (job && job.rows.length > 0 && ['tried', 'halted'].includes(job.state)) writeIt(job);
		},
		/** At once: what is tried is dropped, what is being written is taken back. */
		cancel: (id: string): void => jobs.get(id)?.abort.abort(cancelled),
		/** Take a whole batch back, whenever it was written. */
		takeBack: (id: string, reading: Reading): void => {
			const known = jobs.get(id);
			if (known && underWay.has(known.state)) return known.abort.abort(cancelled);
			const job = known ?? add(emptySent(id), reading);
			begin(job, 'taking-back', () => back(job));
		},
		/** Until it has come to something, and no longer than so many ms. */
		settled: async (id: string, most_ms: number): Promise<void> => {
			await Promise.race([jobs.get(id)?.work, new Promise((done) => setTimeout(done, most_ms))]);
		},
		/** Go on with what was under way when the program ended. */
		resume: (now_ms: number): void => {
			for (const { state, sent, reading, rows } of kept.all(now_ms)) {
				const job = Object.assign(add(sent, reading), { rows });
				if (state === 'trying') tryIt(job);
				else if (state === 'writing') writeIt(job);
				else begin(job, 'taking-back', () => back(job));
			}
		},
		/** The program ends: what is under way is gone on with when it begins again. */
		end: (): void => {
			for (const job of jobs.values()) job.abort.abort(ending);
		}
	};
}

export type NotebookJobs = ReturnType<typeof notebookJobs>;

/** Work is going on, or will. */
export const underWay: ReadonlySet<Job['state']> = new Set(['trying', 'writing', 'taking-back']);

const emptySent = (batch: string): Sent => ({
	batch,
	job: '',
	notebook: {},
	matches: {},
	unknown: []
});

const broughtBy = ({ sent, reading }: Running) => ({ ...sent, reading });

/** Row after row; one that is written already is passed over by its act. */
async function writeRows(
	books: Books,
	job: Running,
	each: (done: number, of: number) => void
): Promise<void> {
	const rows = written(books, { reading: job.reading, batch: job.sent.batch }, job.rows);
	const of = job.rows.length;
	let done = 0;
	const step = () => {
		const next = rows.next();
		if (next.done) return false;
		if (next.value.issues.length > 0) throw new NotRight(next.value);
		each((done += 1), of);
		return true;
	};
	await writtenInSlices(books.db, step, job.abort.signal);
}

/** Whether what ended the writing is a reason to take back what was written. */
function whyBack(error: unknown): Why | undefined {
	if (error === cancelled) return { what: 'cancelled' };
	return error instanceof NotRight ? { what: 'row', row: error.row } : undefined;
}

const failing = (error: unknown): Why => ({
	what: 'failure',
	failure: failureOf(error) ?? 'unknown'
});
