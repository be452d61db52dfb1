import Database from 'better-sqlite3';

/** The books of a running server, read beside it. */
export function readBooks(database: string) {
	const db = new Database(database, { readonly: true });
	const one = <T>(sql: string, ...values: unknown[]): T => db.prepare(sql).get(...values) as T;
	return {
		one,
		all: <T>(sql: string, ...values: unknown[]): T[] => db.prepare(sql).all(...values) as T[],
		acts: (verb?: string): number =>
			verb === undefined
				? one<{ n: number }>('SELECT count(*) AS n FROM act').n
				: one<{ n: number }>('SELECT count(*) AS n FROM act WHERE verb = ?', verb).n,
		balance: (code: string) =>
			one<{ volume_ml: number; dry_g: number }>(
				'SELECT b.volume_ml, b.dry_g FROM balance b JOIN lot l ON l.id = b.lot_id WHERE l.code = ?',
				code
			),
		/** Changes whenever somebody else commits anything: equal means that nothing was written. */
		version: (): number => db.pragma('data_version', { simple: true }) as number,
		/** Every row of every table as one text: equal texts mean that nothing changed. */
		everything: (): string =>
			db
				.prepare<[], { name: string }>(
					"SELECT name FROM sqlite_master WHERE type = 'table' ORDER BY name"
				)
				.all()
				.map(
					({ name }) => `${name}: ${JSON.stringify(db.prepare(`SELECT * FROM "${name}"`).all())}`
				)
				.join('\n'),
		/** Broken rules: open grams, balances that differ from their sum, foreign keys, integrity. */
		faults: (): string[] => [
			...db
				.prepare<[], { id: string }>(
					'SELECT act_id AS id FROM movement GROUP BY act_id HAVING sum(dry_g) <> 0'
				)
				.all()
				.map(({ id }) => `act ${id} does not close`),
			...db
				.prepare<[], { id: number }>(
					`SELECT b.lot_id AS id FROM balance b WHERE (b.volume_ml, b.dry_g) IS NOT
					 (SELECT sum(m.volume_ml), sum(m.dry_g) FROM movement m WHERE m.lot_id = b.lot_id)`
				)
				.all()
				.map(({ id }) => `balance of lot ${id} is not its sum`),
			...(db.pragma('foreign_key_check') as unknown[]).map((row) => JSON.stringify(row)),
			...(db.pragma('integrity_check', { simple: true }) === 'ok' ? [] : ['integrity'])
		],
		close: () => db.close()
	};
}
