import { statfsSync } from 'node:fs';
import { dirname } from 'node:path';
import { failureOf } from '../db/failures';
import type { Db } from '../db/open';
import { rowsOf } from './row-thread';

/** Below so much room on its disk a set of books may soon be full. A judgement. */
export const leastRoom_bytes = 100e6;

let damage: string | undefined;

/**
 * Look over every page of the books, in a thread of its own: nobody waits for it.
 * @returns what is damaged, or nothing
 */
export async function lookOver(db: Db): Promise<string | undefined> {
	try {
		for await (const { rows } of rowsOf(db, 'PRAGMA quick_check(1)'))
			for (const [said] of rows) damage = said === 'ok' ? undefined : String(said);
	} catch (error) {
		if (!(error instanceof Error)) throw error;
		damage = error.message;
	}
	return damage;
}

export interface Health {
	readonly status: 'ok' | 'trouble' | 'damaged';
	readonly troubles: readonly string[];
}

/** Bytes free on the disk of the books; none where the system does not tell. */
function roomOf(db: Db): number | undefined {
	try {
		const { bavail, bsize } = statfsSync(dirname(db.name));
		return bavail * bsize;
	} catch (error) {
		if (!(error instanceof Error)) throw error;
		return undefined;
	}
}

/**
 * Whether the books are well, as it was last looked at.
 * @param backupTrouble why the last try to copy them failed
 */
export function healthOf(db: Db, backupTrouble: string | undefined): Health {
	const room = db.memory ? undefined : roomOf(db);
	const isFull = room !== undefined && room < leastRoom_bytes;
	const unreadable = readable(db);
	const broken = unreadable ?? damage;
	const troubles = [
		...(broken === undefined ? [] : [`damaged: ${broken}`]),
		...(isFull ? [`disk: ${Math.round(room / 1e6)} MB left`] : []),
		...(backupTrouble === undefined ? [] : [`backup: ${backupTrouble}`])
	];
	const status = broken !== undefined ? 'damaged' : troubles.length > 0 ? 'trouble' : 'ok';
	return { status, troubles };
}

/** What speaks against reading them this very moment. */
function readable(db: Db): string | undefined {
	try {
		db.prepare('SELECT count(*) FROM migration').get();
		return undefined;
	} catch (error) {
		if (failureOf(error) === undefined) throw error;
		return error instanceof Error ? error.message : String(error);
	}
}
