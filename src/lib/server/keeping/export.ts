import type { Db } from '../db/open';
import { fileFormat, fileVersion } from './format';
import { stepOf, tablesOf } from './tables';

/**
 * Everything in the books as one open JSON file, a table at a time and a row to a line, so that it
 * can be read, compared and sent without being held in memory. Read in one transaction: the file is
 * of one moment.
 */
export function* exportBooks(db: Db, now_ms: number): Generator<string> {
	const head = {
		format: fileFormat,
		version: fileVersion,
		step: stepOf(db),
		exportedAt: new Date(now_ms).toISOString()
	};
	yield `${JSON.stringify(head).slice(0, -1)},"tables":{`;
	for (const [i, table] of tablesOf(db).entries()) {
		yield `${i === 0 ? '' : ','}\n${JSON.stringify(table.name)}:[`;
		let before = '';
		for (const row of rowsOf(db, table.name, table.key)) {
			yield `${before}\n${JSON.stringify(row)}`;
			before = ',';
		}
		yield ']';
	}
	yield '}}\n';
}

/** Table and column names come from the database's own catalogue. */
function rowsOf(db: Db, table: string, key: readonly string[]) {
	return db
		.prepare<[], unknown>(
			`SELECT * FROM "${table}" ORDER BY ${key.map((k) => `"${k}"`).join(', ')}`
		)
		.iterate();
}
