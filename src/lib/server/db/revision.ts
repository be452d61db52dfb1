import type { Db } from './open';

const known = new WeakMap<Db, string>();

/** Tables written within the act that is under way. */
const written = new WeakMap<Db, Set<string>>();
/** What a reversal changes: it may be anything. */
const everything = '*';

/** A row was written: what was known of the revision is no more. */
export function changed(db: Db, table: string = everything): void {
	known.delete(db);
	if (!db.inTransaction) return;
	const tables = written.get(db) ?? new Set<string>();
	tables.add(table);
	written.set(db, tables);
}

/**
 * In the midst of an act that has written: what is seen now may be taken back, and its number given to another.
 * @param tables those that matter; any where none is named
 */
export function isMidway(db: Db, tables?: readonly string[]): boolean {
	if (!db.inTransaction) written.delete(db);
	const touched = written.get(db);
	if (!touched) return false;
	return !tables || touched.has(everything) || tables.some((table) => touched.has(table));
}

/**
 * Asked once for everything that one turn of the program asks: nothing else of this process writes between, and
 * what another writes is seen in the next turn.
 */
export function revisionReader(db: Db): () => string {
	const asked = db
		.prepare<[], string>(
			`SELECT coalesce((SELECT max(seq) FROM act), 0) || '.' || coalesce((SELECT sum(revision) FROM series_revision), 0)`
		)
		.pluck();
	return () => {
		const revision = known.get(db) ?? asked.get() ?? '';
		if (!known.has(db) && !db.inTransaction) {
			known.set(db, revision);
			setImmediate(() => known.delete(db));
		}
		return revision;
	};
}

/**
 * The same of some tables alone, whose rows have numbers: it changes when a row of theirs is added or any act is
 * reversed, and stays where something else was written.
 */
export function tableRevisions(db: Db): (tables: readonly string[]) => string {
	const statements = new Map<string, { get(): string | undefined }>();
	const prepared = (tables: readonly string[]) => {
		const key = tables.join();
		const newest = tables.map((table) => `coalesce((SELECT max(rowid) FROM ${table}), 0)`);
		const reversals = '(SELECT count(*) FROM act WHERE reverses_id IS NOT NULL)';
		const statement =
			statements.get(key) ??
			db.prepare<[], string>(`SELECT ${[...newest, reversals].join(" || '.' || ")}`).pluck();
		statements.set(key, statement);
		return statement;
	};
	return (tables) => prepared(tables).get() ?? '';
}

/** The act or round under way, once it has written: another than any before it. */
export const underWay = (db: Db): object | undefined =>
	isMidway(db) ? written.get(db) : undefined;

/** All that some work writes, or nothing of it: an act, a round of acts, or what is only tried out. */
export function asOne<T>(db: Db, work: () => T): T {
	// What an act before this wrote is settled.
	if (!db.inTransaction) written.delete(db);
	return db.transaction(work).immediate();
}
