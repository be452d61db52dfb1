import type Database from 'better-sqlite3';
import type { Db } from './open';
import { changed } from './revision';

const noted = new WeakMap<Db, Set<string>>();
const notesOf = (db: Db): Set<string> => {
	const known = noted.get(db) ?? new Set();
	noted.set(db, known);
	return known;
};

/**
 * A statement that writes a row of the books, and notes its table: what an act is about, what it rests on and
 * its digest are asked of the tables it wrote and of no other.
 * @param sql INSERT INTO table …
 */
export function writing<Row extends object = Record<string, unknown>>(
	db: Db,
	sql: string
): { run(row: Row): Database.RunResult } {
	const table = /^\s*INSERT (?:OR \w+ )?INTO (\w+)/.exec(sql)?.[1];
	if (table === undefined) throw new TypeError(`writing: "${sql}" inserts into no table`);
	const statement = db.prepare<[Row]>(sql);
	const notes = notesOf(db);
	return {
		run: (row) => {
			notes.add(table);
			changed(db, table);
			return statement.run(row);
		}
	};
}

/** Tables written since they were last asked for; asking begins anew. */
export function writtenSince(db: Db): ReadonlySet<string> {
	const notes = notesOf(db);
	const tables = new Set(notes);
	notes.clear();
	return tables;
}
