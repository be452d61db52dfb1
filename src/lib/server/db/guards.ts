import type { Db } from './open';

/** Kept by triggers or by the program itself: these change as the books grow. */
const free = new Set([
	'migration',
	'balance',
	'held_in_lot',
	'put_on_bed',
	// Guarded where it is made: its samples are thinned where a thinning says so.
	'sample',
	'series_revision'
]);

/**
 * Hold every table of the books to being added to only, and index what acts wrote by act. Made from the
 * names of the tables, so that a step which adds one says neither.
 */
export function guardTables(db: Db): void {
	const tables = db
		.prepare<[], { name: string; acts: number }>(
			`SELECT t.name, (SELECT count(*) FROM pragma_table_info(t.name) c WHERE c.name = 'act_id' AND c.pk <> 1) AS acts
			 FROM sqlite_master t WHERE t.type = 'table' AND t.name NOT LIKE 'sqlite_%'`
		)
		.all()
		.filter(({ name }) => !free.has(name));
	for (const { name, acts } of tables) {
		for (const verb of ['UPDATE', 'DELETE'])
			db.exec(
				`CREATE TRIGGER IF NOT EXISTS ${name}_no_${verb.toLowerCase()} BEFORE ${verb} ON ${name}
				 BEGIN SELECT RAISE(ABORT, '${name} is append-only'); END`
			);
		if (acts > 0) db.exec(`CREATE INDEX IF NOT EXISTS ${name}_by_act ON ${name} (act_id)`);
	}
}
