import Database from 'better-sqlite3';
import { closeSync, existsSync, openSync, readSync, renameSync, rmSync } from 'node:fs';
import { copyFile } from 'node:fs/promises';
import { StringDecoder } from 'node:string_decoder';
import { openDatabase } from '../db/open';
import { lookInto, settle, type Looked } from './backups';
import { refuseLawless, restoreBooks, Unrestorable } from './restore';

/**
 * Restore a backup or an open file into the database at `path`, which must not hold anything yet.
 * @returns whose books they are and what they hold
 * @throws Unrestorable saying what stands in the way
 */
export async function restoreFile(file: string, path: string, now_ms: number): Promise<Looked> {
	if (holdsBooks(path))
		throw new Unrestorable(
			`There are books in ${path} already. Move that file aside first; nothing was changed.`
		);
	// Made whole and looked into beside it; only then it gets the name, and where it fails nothing is left.
	const unfinished = `${path}.restoring`;
	const clear = (of: string) => {
		for (const end of ['', ...beside]) rmSync(of + end, { force: true });
	};
	clear(unfinished);
	try {
		if (isDatabase(file)) await copyBackup(file, unfinished);
		else {
			const target = openDatabase(unfinished);
			try {
				restoreBooks(target, linesOf(file), now_ms);
			} finally {
				target.close();
			}
		}
		settle(unfinished);
		const looked = await lookInto(unfinished);
		clear(path);
		renameSync(unfinished, path);
		return looked;
	} finally {
		clear(unfinished);
	}
}

/** What a database may have lying beside it. */
const beside = ['-wal', '-shm', '-journal'] as const;

/** A copy of a backup, wherever that lies, held to every law before it counts. */
async function copyBackup(file: string, target: string): Promise<void> {
	await copyFile(file, target);
	try {
		settle(target);
		await lookInto(target);
	} catch (error) {
		if (!(error instanceof Error)) throw error;
		throw new Unrestorable(`This backup can’t be used: ${error.message}`);
	}
	const copy = new Database(target, { readonly: true });
	try {
		refuseLawless(copy);
	} finally {
		copy.close();
	}
}

function holdsBooks(path: string): boolean {
	if (!existsSync(path)) return false;
	const db = new Database(path);
	try {
		const has = (sql: string) => db.prepare<[], { n: number }>(sql).get()?.n === 1;
		return (
			has("SELECT count(*) AS n FROM sqlite_master WHERE name = 'act'") &&
			has('SELECT EXISTS (SELECT 1 FROM act) AS n')
		);
	} finally {
		db.close();
	}
}

const magic = 'SQLite format 3';

/** By its first bytes, whatever it is called. */
function isDatabase(path: string): boolean {
	const file = openSync(path, 'r');
	try {
		const first = Buffer.alloc(magic.length);
		readSync(file, first, 0, magic.length, 0);
		return first.toString('latin1') === magic;
	} finally {
		closeSync(file);
	}
}

/** The lines of a file, however large, a piece in memory at a time. */
export function* linesOf(path: string): Generator<string> {
	const file = openSync(path, 'r');
	const [piece, decoder] = [Buffer.alloc(1 << 16), new StringDecoder('utf8')];
	let rest = '';
	try {
		for (let read = 1; read > 0;) {
			read = readSync(file, piece, 0, piece.length, null);
			const lines = (rest + decoder.write(piece.subarray(0, read))).split('\n');
			rest = lines.pop() ?? '';
			yield* lines;
		}
		if (rest !== '') yield rest;
	} finally {
		closeSync(file);
	}
}
