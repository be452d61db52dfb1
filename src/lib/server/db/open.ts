import Database from 'better-sqlite3';

export type Db = Database.Database;

/** Open a database file with the settings that make an acknowledged write survive a power cut. */
export function openDatabase(path: string): Db {
	const db = new Database(path);
	db.pragma('journal_mode = WAL');
	db.pragma('synchronous = FULL');
	db.pragma('foreign_keys = ON');
	db.pragma('busy_timeout = 5000');
	return db;
}
