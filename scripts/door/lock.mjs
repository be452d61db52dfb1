// One process keeps a set of books: a lock on a file beside them, which the system lets go of with the process.
import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { hostname } from 'node:os';
import Database from 'better-sqlite3';

const saidIn = (/** @type {string} */ path) => {
	try {
		return readFileSync(path, 'utf8').trim();
	} catch {
		// It was only just taken: whose it is was not written yet.
		return 'another process';
	}
};

/**
 * Take the lock of a database: an open exclusive transaction on an empty file, which locks as the books themselves
 * do on every system, and is gone however the process ends.
 * @param {string} database
 * @returns {{ by: string } | { free: () => void }} whose it is, or how to let go of it
 */
export function lockFor(database) {
	const said = `${database}.held-by`;
	const db = new Database(`${database}.lock`, { timeout: 0 });
	try {
		db.exec('BEGIN EXCLUSIVE');
	} catch (error) {
		db.close();
		if (!(error instanceof Error && 'code' in error && error.code === 'SQLITE_BUSY')) throw error;
		return { by: saidIn(said) };
	}
	writeFileSync(
		said,
		`process ${process.pid} on ${hostname()}, since ${new Date().toISOString()}\n`
	);
	return {
		free: () => {
			rmSync(said, { force: true });
			db.close();
		}
	};
}
