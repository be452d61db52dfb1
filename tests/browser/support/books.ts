import Database from 'better-sqlite3';
import { faultsOf } from '../../fixtures/faults';

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
			one<{ volume_ul: number; char_g: number }>(
				`SELECT b.volume_ul, coalesce((SELECT sum(h.amount_mg) FROM held_in_lot h WHERE h.lot_id = l.id
					AND h.substance = 'char'), 0) / 1000.0 AS char_g
				 FROM balance b JOIN lot l ON l.id = b.lot_id WHERE l.code = ?`,
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
			...faultsOf({ db }).map((fault) => JSON.stringify(fault)),
			...(db.pragma('foreign_key_check') as unknown[]).map((row) => JSON.stringify(row)),
			...(db.pragma('integrity_check', { simple: true }) === 'ok' ? [] : ['integrity'])
		],
		close: () => db.close()
	};
}
