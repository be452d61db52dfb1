import { describe, expect, it } from 'vitest';
import { emptyBooks } from '../../../../tests/fixtures/garden';
import { jsonColumns } from './json-columns';

describe('columns of JSON', () => {
	it('are all told how they are read, so that a restore reads every one', () => {
		const { db } = emptyBooks();
		const known = db
			.prepare<[], string>(
				`SELECT t.name || '.' || c.name FROM sqlite_master t JOIN pragma_table_info(t.name) c
				 WHERE t.type = 'table' AND c.name LIKE '%\\_json' ESCAPE '\\' ORDER BY 1`
			)
			.pluck()
			.all();
		expect(known.length).toBeGreaterThan(20);
		expect(jsonColumns.map(({ table, column }) => `${table}.${column}`).toSorted()).toEqual(known);
		db.close();
	});
});
