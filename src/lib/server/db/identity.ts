import type { Db } from './open';

/**
 * The name a set of books was given when it was made: twelve hexadecimal digits, kept in it and taken
 * along by backups and open files. Books of an older program have none until they are brought on.
 */
export function booksId(db: Db): string {
	const has = db.prepare<[], { n: number }>(
		"SELECT count(*) AS n FROM sqlite_master WHERE type = 'table' AND name = 'books'"
	);
	if (has.get()?.n !== 1) return 'unnamed';
	return db.prepare<[], { id: string }>('SELECT id FROM books').get()?.id ?? 'unnamed';
}
