import { now } from '../clock';
import type { Db } from '../db/open';
import { backUp, backupFolder, isDue } from './backups';
import { lookOver } from './health';
import { hours } from '../../core/time';

let trouble: { readonly at_ms: number; readonly why: string } | undefined;

/** Why the newest try at a routine backup failed; undefined while all is well. */
export const lastBackupTrouble = () => trouble;

/**
 * Back up when a day has passed since the last one, looked at when the program starts and every hour.
 * @returns a function that ends the routine
 */
export function startRoutine(db: Db, say: (line: Record<string, unknown>) => void): () => void {
	const look = async () => {
		const at_ms = now();
		const folder = backupFolder(db);
		try {
			if (!isDue(db, folder, at_ms)) return;
			const { name, acts } = await backUp(db, folder, at_ms);
			trouble = undefined;
			say({ backup: name, acts });
		} catch (error) {
			// A full disk must not stop the work of the day; the page of keeping says what is wrong.
			if (!(error instanceof Error)) throw error;
			if (!db.open) return;
			trouble = { at_ms, why: error.message };
			say({ backup: 'failed', why: error.message });
		}
	};
	const both = () => {
		void look();
		void lookOver(db).then((damage) => {
			if (damage !== undefined) say({ books: 'damaged', why: damage });
		});
	};
	both();
	const timer = setInterval(both, hours(1));
	timer.unref();
	return () => clearInterval(timer);
}
