import { join } from 'node:path';
import pino from 'pino';
import { now } from './clock';
import { openBooks, type Books } from './db/books';
import { migrate } from './db/migrate';
import { openDatabase } from './db/open';
import { restoreFile } from './keeping/restore-file';
import { backupFolder, backupsIn } from './keeping/backups';
import { startRoutine } from './keeping/routine';
import { booksId } from './db/identity';
import { notebookJobs, type NotebookJobs } from './notebook/jobs';

export const log = pino({ level: process.env.ASHDRIFT_LOG ?? 'info', base: undefined });

let opened: Books | undefined;
let bringing: NotebookJobs | undefined;
/** Known from the start: a damaged database may not tell it any more. */
let idOfBooks = '';
let endRoutine = () => {};

/** Open the database named by ASHDRIFT_DB once, bring it up to date, fill it for the demo. */
export async function start(): Promise<void> {
	const path = process.env.ASHDRIFT_DB ?? 'var/ashdrift.sqlite';
	const from = process.env.ASHDRIFT_RESTORE;
	if (from) {
		const { booksId, acts, lastAct_ms } = await restoreFile(from, path, now());
		const last = lastAct_ms === null ? undefined : new Date(lastAct_ms).toISOString();
		log.info({ restored: from, booksId, acts, last }, 'books restored');
	}
	const db = openDatabase(path);
	migrate(db, now());
	const fresh = openBooks(db);
	await grow(fresh, process.env.ASHDRIFT_DEMO ?? '');
	opened = fresh;
	idOfBooks = booksId(db);
	bringing = notebookJobs(fresh, (line) => log.info(line));
	bringing.resume(now());
	endRoutine = startRoutine(db, (line) => log.info(line));
	log.info({ database: path }, 'books open');
}

/** Fill empty books with the demo garden (`1`) a holding of so many years (`years:10`), or one with so many of each kind (`crowd:200`). */
async function grow(fresh: Books, demo: string): Promise<void> {
	if (demo === '1') {
		const { growGarden } = await import('./demo/garden');
		growGarden(fresh, now());
	}
	const years = Number(/^years:(\d{1,2})$/.exec(demo)?.[1] ?? 0);
	if (years > 0) {
		const { growHolding } = await import('./demo/holding');
		growHolding(fresh, now(), years);
	}
	const many = Number(/^crowd:(\d{1,3})$/.exec(demo)?.[1] ?? 0);
	if (many > 0) {
		const { growCrowd } = await import('./demo/crowd');
		growCrowd(fresh, now(), many);
	}
}

/** The books of this process. */
export function books(): Books {
	if (!opened) throw new Error('books: asked for before start()');
	return opened;
}

/** Old notebooks on their way into them. */
export function notebooks(): NotebookJobs {
	if (!bringing) throw new Error('notebooks: asked for before start()');
	return bringing;
}

/** Where the last good copy of these books lies; asked for when something is the matter with them. */
export function lastCopy(): string | undefined {
	try {
		const { db } = books();
		const folder = backupFolder(db);
		const [last] = backupsIn(folder, idOfBooks);
		return last && join(folder, last.name);
	} catch {
		// Where even the folder can't be read there is none to name.
		return undefined;
	}
}

export function stop(): void {
	endRoutine();
	bringing?.end();
	opened?.db.close();
	opened = undefined;
	log.info('books closed');
}
