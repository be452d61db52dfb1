import Database from 'better-sqlite3';

export type Db = Database.Database;

const isCounting = process.env.ASHDRIFT_COUNT === '1';
let asked = 0;

/** Statements this process has run since it began, where the environment asks to have them counted. */
export const statementsRun = (): number | undefined => (isCounting ? asked : undefined);

/** Open a database file with the settings that make an acknowledged write survive a power cut. */
export function openDatabase(path: string): Db {
	const db = new Database(path, isCounting ? { verbose: () => void (asked += 1) } : {});
	db.pragma('journal_mode = WAL');
	db.pragma('synchronous = FULL');
	db.pragma('foreign_keys = ON');
	// While it waits for another program's lock nobody is answered: whoever writes is told soon, and sends it again.
	db.pragma('busy_timeout = 100');
	return db;
}
