import { Worker } from 'node:worker_threads';
import type { Db } from '../db/open';

/** Rows of a query, some at a time. */
export interface Rows {
	readonly columns: readonly string[];
	readonly rows: readonly (readonly unknown[])[];
}

/** Rows sent at a time: as many as are put in words within a few milliseconds. */
const atOnce = 400;

/**
 * What the thread does: it opens the books for itself to read them, as they stand when it begins, and sends the next
 * rows whenever it is asked for them. Plain script, since a thread begins from a text of its own.
 */
const work = `
const { parentPort, workerData } = require('node:worker_threads');
const Database = require('node:module').createRequire(workerData.from)('better-sqlite3');
const db = new Database(workerData.path, { readonly: true });
const select = db.prepare(workerData.sql).raw();
parentPort.postMessage({ columns: select.columns().map((column) => column.name) });
const all = select.iterate();
parentPort.on('message', () => {
	const rows = [];
	for (let i = 0; i < workerData.atOnce; i += 1) {
		const { value, done } = all.next();
		if (done) {
			parentPort.postMessage({ rows, done: true });
			db.close();
			return parentPort.close();
		}
		rows.push(value);
	}
	parentPort.postMessage({ rows });
});`;

/** The books, or a file with a copy of them. */
type Read = Db | { readonly memory: false; readonly name: string };

interface Sent {
	readonly columns?: readonly string[];
	readonly rows?: readonly (readonly unknown[])[];
	readonly done?: boolean;
}

/**
 * All rows of a query without anybody waiting for it: a thread of its own reads them, however long the first takes.
 * Books that live in memory have no second reader, and are read at once.
 * @throws what the thread failed of
 */
export async function* rowsOf(db: Read, sql: string): AsyncGenerator<Rows> {
	if (db.memory) {
		const select = db.prepare<[], unknown[]>(sql).raw();
		yield { columns: select.columns().map(({ name }) => name), rows: select.all() };
		return;
	}
	const thread = new Worker(work, {
		eval: true,
		workerData: { path: db.name, sql, atOnce, from: import.meta.url }
	});
	try {
		const { columns = [] } = await said(thread);
		for (let isOver = false; !isOver;) {
			thread.postMessage('more');
			const { rows = [], done = false } = await said(thread);
			isOver = done;
			yield { columns, rows };
			// Whoever else waits for an answer comes first.
			await new Promise(setImmediate);
		}
	} finally {
		await thread.terminate();
	}
}

const said = (thread: Worker): Promise<Sent> =>
	new Promise((heard, failed) => {
		const end = () => thread.off('message', hear).off('error', fail);
		const hear = (message: Sent) => {
			end();
			heard(message);
		};
		const fail = (error: Error) => {
			end();
			failed(error);
		};
		thread.on('message', hear).on('error', fail);
	});
