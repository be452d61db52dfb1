import pino from 'pino';
import { now } from './clock';
import { openBooks, type Books } from './db/books';
import { migrate } from './db/migrate';
import { openDatabase } from './db/open';

export const log = pino({ level: process.env.ASHDRIFT_LOG ?? 'info', base: undefined });

let opened: Books | undefined;

/** Open the database named by ASHDRIFT_DB once, bring it up to date, fill it for the demo. */
export async function start(): Promise<void> {
	const path = process.env.ASHDRIFT_DB ?? 'var/ashdrift.sqlite';
	const db = openDatabase(path);
	migrate(db, now());
	const fresh = openBooks(db);
	if (process.env.ASHDRIFT_DEMO === '1') {
		const { growGarden } = await import('./demo/garden');
		growGarden(fresh, now());
	}
	opened = fresh;
	log.info({ database: path }, 'books open');
}

/** The books of this process. */
export function books(): Books {
	if (!opened) throw new Error('books: asked for before start()');
	return opened;
}

export function stop(): void {
	opened?.db.close();
	opened = undefined;
	log.info('books closed');
}
