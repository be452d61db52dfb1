import type { Db } from './open';

const known = new WeakMap<Db, string>();

/** A row was written: what was known of the revision is no more. */
export const changed = (db: Db): void => void known.delete(db);

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
			setImmediate(() => changed(db));
		}
		return revision;
	};
}
