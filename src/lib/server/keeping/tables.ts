import type { Db } from '../db/open';

export interface Table {
	readonly name: string;
	readonly columns: readonly string[];
	/** What its rows are told apart by, and kept in the order of. */
	readonly key: readonly string[];
}

/**
 * Worked out or shipped by the program itself: the steps applied, the balances that triggers keep,
 * the names of accounts and substances.
 */
const notBooks = new Set([
	'migration',
	'balance',
	'held_in_lot',
	'put_on_bed',
	'series_revision',
	'account',
	'substance'
]);

/** Every table of the books with its columns, those others refer to first. */
export function tablesOf(db: Db): readonly Table[] {
	const names = db
		.prepare<[], { name: string }>(
			`SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' ORDER BY name`
		)
		.all()
		.map(({ name }) => name)
		.filter((name) => !notBooks.has(name));
	return inOrder(db, names).map((name) => {
		const columns = db
			.prepare<{ name: string }, { name: string; pk: number }>(
				'SELECT name, pk FROM pragma_table_info(@name) ORDER BY cid'
			)
			.all({ name });
		const key = columns.filter(({ pk }) => pk > 0).sort((a, b) => a.pk - b.pk);
		return {
			name,
			columns: columns.map((column) => column.name),
			key: key.length > 0 ? key.map((column) => column.name) : ['rowid']
		};
	});
}

/** The numbered step the tables of a database are at. */
export function stepOf(db: Db): number {
	return (
		db.prepare<[], { step: number }>('SELECT coalesce(max(number), 0) AS step FROM migration').get()
			?.step ?? 0
	);
}

/** Rows are filled in that order: what a row refers to, and triggers look up, is there before it. */
function inOrder(db: Db, names: readonly string[]): readonly string[] {
	const referred = db
		.prepare<[string], string>('SELECT "table" FROM pragma_foreign_key_list(?)')
		.pluck();
	const placed: string[] = [];
	const place = (name: string): void => {
		if (placed.includes(name) || !names.includes(name)) return;
		for (const to of referred.all(name)) if (to !== name) place(to);
		placed.push(name);
	};
	for (const name of names) place(name);
	return placed;
}
