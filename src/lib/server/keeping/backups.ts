import Database from 'better-sqlite3';
import { randomUUID } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { headOf, type Head } from '../db/digests';
import { booksId } from '../db/identity';
import type { Db } from '../db/open';
import { rowsOf } from './row-thread';
import { toKeep } from './rotation';
import { days, hours } from '../../core/time';

export interface Backup {
	readonly name: string;
	/** Whose copy it is: the identity kept in those books. */
	readonly booksId: string;
	readonly at_ms: number;
	readonly bytes: number;
}

/** What a look into a copy of books found. */
export interface Looked extends Head {
	readonly booksId: string;
	readonly lastAct_ms: number | null;
}

/** A backup that was looked into. */
export type CheckedBackup = Backup & Looked;

const named = /^ashdrift-([0-9a-f]{12})-(\d{4}-\d{2}-\d{2})T(\d{2})(\d{2})(\d{2})Z\.sqlite$/;
const uncheckedName = /^ashdrift-([0-9a-f]{12})?.*\.unchecked(-journal|-wal|-shm)?$/;

/** Backups lie beside the books unless ASHDRIFT_BACKUPS names another folder, best on another disk. */
export function backupFolder(db: Db): string {
	return process.env.ASHDRIFT_BACKUPS ?? join(dirname(db.name), 'backups');
}

/** The backups of one set of books in a folder, newest first. Only what passed its check has this name. */
export function backupsIn(folder: string, ofBooks: string): readonly Backup[] {
	if (!existsSync(folder)) return [];
	return readdirSync(folder)
		.flatMap((name): Backup[] => {
			const [, booksId, date, hour, minute, second] = named.exec(name) ?? [];
			if (booksId !== ofBooks) return [];
			const at_ms = Date.parse(`${date}T${hour}:${minute}:${second}Z`);
			return [{ name, booksId, at_ms, bytes: statSync(join(folder, name)).size }];
		})
		.sort((a, b) => b.at_ms - a.at_ms);
}

/** A clock runs off by so much without anybody noticing. A judgement. */
const slack_ms = hours(1);

/**
 * Copies by whether their moment is over: one from the future was made while the clock was ahead. It is a copy, but says
 * nothing of how long ago the last one was made.
 */
export function byClock(
	backups: readonly Backup[],
	now_ms: number
): { readonly made: readonly Backup[]; readonly ahead: readonly Backup[] } {
	const isAhead = ({ at_ms }: Backup) => at_ms > now_ms + slack_ms;
	return {
		made: backups.filter((one) => !isAhead(one)),
		ahead: backups.filter(isAhead)
	};
}

/** Copies this process is writing just now. */
const inWork = new Set<string>();
/** They wait for each other: several at once would read the same pages several times. */
let before: Promise<unknown> = Promise.resolve();

/**
 * A copy of the books as they stand, taken page by page while others read and write, checked, and
 * only then given its name; older ones of the same books beyond the rotation go, others' stay.
 */
export function backUp(db: Db, folder: string, now_ms: number): Promise<CheckedBackup> {
	const copied = before.then(() => copyNow(db, folder, now_ms));
	// What went wrong with one is told to who asked for it, and is nothing to the next.
	before = copied.catch(() => undefined);
	return copied;
}

async function copyNow(db: Db, folder: string, now_ms: number): Promise<CheckedBackup> {
	mkdirSync(folder, { recursive: true });
	const id = booksId(db);
	clearStrays(folder, id, now_ms);
	const moment = new Date(now_ms).toISOString().slice(0, 19).replaceAll(':', '');
	const name = `ashdrift-${id}-${moment}Z.sqlite`;
	// Two made at one moment must not write into each other.
	const unchecked = `${name}.${randomUUID()}.unchecked`;
	inWork.add(unchecked);
	try {
		await db.backup(join(folder, unchecked));
		settle(join(folder, unchecked));
		const looked = await lookInto(join(folder, unchecked));
		if (looked.booksId !== id)
			throw new Error(`The copy names its books ${looked.booksId}, not ${id}.`);
		renameSync(join(folder, unchecked), join(folder, name));
		// Those from the future stay, and none is thinned out on their account.
		const own = byClock(backupsIn(folder, id), now_ms).made;
		const keep = toKeep(own.map(({ at_ms }) => at_ms));
		for (const old of own) if (!keep.has(old.at_ms)) rmSync(join(folder, old.name));
		return { name, at_ms: now_ms, bytes: statSync(join(folder, name)).size, ...looked };
	} finally {
		for (const end of ['', '-wal', '-shm', '-journal'])
			rmSync(join(folder, unchecked + end), { force: true });
		inWork.delete(unchecked);
	}
}

/** As one file without a log beside it, so that it opens where nothing can be written: on a disc, in an archive. */
export function settle(path: string): void {
	const copy = new Database(path);
	try {
		copy.pragma('journal_mode = DELETE');
	} finally {
		copy.close();
	}
}

/** Copies that were never finished: own ones at once, anybody's after a day. */
function clearStrays(folder: string, ownId: string, now_ms: number): void {
	for (const name of readdirSync(folder)) {
		const found = uncheckedName.exec(name);
		if (!found || inWork.has(name)) continue;
		const age_ms = now_ms - statSync(join(folder, name)).mtimeMs;
		if (found[1] === ownId || age_ms > days(1)) rmSync(join(folder, name), { force: true });
	}
}

/**
 * Look into a copy of books: every page sound, every reference met. A thread reads it through: nobody waits for that.
 * @returns whose they are and what they hold
 * @throws Error saying what is wrong with it
 */
export async function lookInto(path: string): Promise<Looked> {
	const [sound] = await firstOf(path, 'PRAGMA integrity_check(1)');
	if (sound !== 'ok') throw new Error(`The backup ${path} is damaged: ${String(sound)}`);
	if ((await firstOf(path, 'PRAGMA foreign_key_check')).length > 0)
		throw new Error(`The backup ${path} has broken references.`);
	const copy = new Database(path, { readonly: true, fileMustExist: true });
	try {
		const lastAct_ms =
			copy.prepare<[], number>('SELECT max(recorded_at_ms) FROM act').pluck().get() ?? null;
		return { booksId: booksId(copy), ...headOf(copy), lastAct_ms };
	} finally {
		copy.close();
	}
}

async function firstOf(path: string, sql: string): Promise<readonly unknown[]> {
	for await (const { rows } of rowsOf({ memory: false, name: path }, sql)) return rows[0] ?? [];
	return [];
}

/** A backup is due a day after the last one of these books, once there is anything to keep. */
export function isDue(db: Db, folder: string, now_ms: number): boolean {
	if (db.memory) return false;
	const [last] = byClock(backupsIn(folder, booksId(db)), now_ms).made;
	const any =
		db.prepare<[], { n: number }>('SELECT EXISTS (SELECT 1 FROM act) AS n').get()?.n === 1;
	return any && (last === undefined || now_ms - last.at_ms >= days(1));
}
