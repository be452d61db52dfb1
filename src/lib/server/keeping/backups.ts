import Database from 'better-sqlite3';
import { randomUUID } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import type { Db } from '../db/open';
import { toKeep } from './rotation';

export interface Backup {
	readonly name: string;
	readonly at_ms: number;
	readonly bytes: number;
}

/** A backup that was looked into. */
export interface CheckedBackup extends Backup {
	readonly acts: number;
}

const named = /^ashdrift-(\d{4}-\d{2}-\d{2})T(\d{2})(\d{2})(\d{2})Z\.sqlite$/;

/** Backups lie beside the books unless ASHDRIFT_BACKUPS names another folder, best on another disk. */
export function backupFolder(db: Db): string {
	return process.env.ASHDRIFT_BACKUPS ?? join(dirname(db.name), 'backups');
}

/** The backups of a folder, newest first. Only what passed its check has this name. */
export function backupsIn(folder: string): readonly Backup[] {
	if (!existsSync(folder)) return [];
	return readdirSync(folder)
		.flatMap((name): Backup[] => {
			const [, date, hour, minute, second] = named.exec(name) ?? [];
			if (date === undefined) return [];
			const at_ms = Date.parse(`${date}T${hour}:${minute}:${second}Z`);
			return [{ name, at_ms, bytes: statSync(join(folder, name)).size }];
		})
		.sort((a, b) => b.at_ms - a.at_ms);
}

/**
 * A copy of the books as they stand, taken page by page while others read and write, checked, and
 * only then given its name; older ones beyond the rotation go.
 */
export async function backUp(db: Db, folder: string, now_ms: number): Promise<CheckedBackup> {
	mkdirSync(folder, { recursive: true });
	const name = `ashdrift-${new Date(now_ms).toISOString().slice(0, 19).replaceAll(':', '')}Z.sqlite`;
	// Two made at one moment must not write into each other.
	const unchecked = join(folder, `${name}.${randomUUID()}.unchecked`);
	await db.backup(unchecked);
	const acts = checkBackup(unchecked);
	renameSync(unchecked, join(folder, name));
	const keep = toKeep(backupsIn(folder).map(({ at_ms }) => at_ms));
	for (const old of backupsIn(folder)) if (!keep.has(old.at_ms)) rmSync(join(folder, old.name));
	return { name, at_ms: now_ms, bytes: statSync(join(folder, name)).size, acts };
}

/**
 * Look into a backup: every page sound, every reference met.
 * @returns how many acts it holds
 * @throws Error saying what is wrong with it
 */
export function checkBackup(path: string): number {
	const copy = new Database(path, { readonly: true, fileMustExist: true });
	try {
		const sound = copy.pragma('integrity_check', { simple: true });
		if (sound !== 'ok') throw new Error(`The backup ${path} is damaged: ${String(sound)}`);
		if ((copy.pragma('foreign_key_check') as unknown[]).length > 0)
			throw new Error(`The backup ${path} has broken references.`);
		return copy.prepare<[], { n: number }>('SELECT count(*) AS n FROM act').get()?.n ?? 0;
	} finally {
		copy.close();
	}
}

const day = 86_400_000;

/** A backup is due a day after the last one, once there is anything to keep. */
export function isDue(db: Db, folder: string, now_ms: number): boolean {
	if (db.memory) return false;
	const last = backupsIn(folder)[0];
	const any =
		db.prepare<[], { n: number }>('SELECT EXISTS (SELECT 1 FROM act) AS n').get()?.n === 1;
	return any && (last === undefined || now_ms - last.at_ms >= day);
}
