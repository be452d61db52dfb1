import Database from 'better-sqlite3';
import { parentPort, workerData } from 'node:worker_threads';
import { openBooks } from '../db/books';
import { asRound } from '../db/slices';
import type { Said } from '../keeping/thread';
import { writeThrough, type Brought, type NotebookResult } from './notebook';

/** What the thread is begun with. */
export interface Asked {
	readonly path: string;
	readonly brought: Brought;
}

/** Told no oftener: nobody reads faster. */
const pause_ms = 100;

/** Where the header of a database says that it is written by a log beside it, which one in memory has not. */
const logged = [18, 19] as const;

/** The books as they stand this moment, in memory. */
function copyOf(path: string): Database.Database {
	const source = new Database(path, { readonly: true });
	try {
		const whole = source.serialize();
		for (const byte of logged) whole[byte] = 1;
		return new Database(whole);
	} finally {
		source.close();
	}
}

/** Write the notebook into a copy, which goes with the thread. */
function run({ path, brought }: Asked, say: (said: Said<NotebookResult>) => void): void {
	const copy = copyOf(path);
	copy.pragma('foreign_keys = ON');
	let last = performance.now();
	const each = (done: number, of: number) => {
		if (performance.now() - last < pause_ms) return;
		last = performance.now();
		say({ done, of });
	};
	const books = openBooks(copy);
	const result = asRound(copy, () => writeThrough(books, brought, each));
	copy.close();
	say({ result });
}

run(workerData as Asked, (said) => parentPort?.postMessage(said));
