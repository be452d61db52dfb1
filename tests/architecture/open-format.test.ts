import { gardenBooks } from '../fixtures/grown';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { beforeAll, describe, expect, it } from 'vitest';
import { targets, waysOfPutting } from '../../src/lib/core/beds';
import { recipes } from '../../src/lib/core/brews';
import { schools } from '../../src/lib/core/charging';
import { lotKinds } from '../../src/lib/core/kinds';
import { accounts, substances } from '../../src/lib/core/ledger';
import { germClasses, materials } from '../../src/lib/core/materials';
import { outlines, stackForms, suspicions, woodClasses } from '../../src/lib/core/woodyard';
import type { Books } from '../../src/lib/server/db/books';
import { tablesOf } from '../../src/lib/server/keeping/tables';

const described = readFileSync(join(import.meta.dirname, '../../docs/open-format.md'), 'utf8');
const isDescribed = (word: string) => described.includes(`\`${word}\``);

let books: Books;
beforeAll(() => {
	books = gardenBooks();
});

/** Every key of a value, however deep. */
function keysIn(value: unknown): string[] {
	if (Array.isArray(value)) return value.flatMap(keysIn);
	if (value === null || typeof value !== 'object') return [];
	return Object.entries(value).flatMap(([key, inside]) => [key, ...keysIn(inside)]);
}

describe('the open file is described', () => {
	it('key by key, whatever its JSON texts hold', () => {
		const columns = tablesOf(books.db).flatMap(({ name, columns }) =>
			columns.filter((column) => column.endsWith('_json')).map((column) => [name, column] as const)
		);
		expect(columns.length).toBeGreaterThan(10);
		const keys = columns.flatMap(([table, column]) =>
			books.db
				.prepare<[], string>(
					`SELECT DISTINCT "${column}" FROM "${table}" WHERE "${column}" IS NOT NULL`
				)
				.pluck()
				.all()
				.flatMap((text) => keysIn(JSON.parse(text)))
		);
		const missing = [...new Set(keys)].filter((key) => !isDescribed(key));
		expect(missing).toEqual([]);
	});

	it('value by value, where a column has one of a few', () => {
		const ids = [
			lotKinds,
			accounts,
			waysOfPutting,
			schools,
			recipes,
			materials,
			stackForms,
			woodClasses,
			outlines,
			suspicions
		]
			.flatMap((table: readonly { readonly id: string }[]) => table.map(({ id }) => id))
			.concat(substances, targets, germClasses);
		expect(ids.filter((id) => !isDescribed(id))).toEqual([]);
	});

	it('suffix by suffix, wherever a column has a unit', () => {
		const endings = tablesOf(books.db)
			.flatMap(({ columns }) => columns)
			.flatMap(
				(column) =>
					/_(?:[a-z]+_per_[a-z]+|ul|l|g|kg|mg|m|c|deg|min|ms|json)$/.exec(column)?.[0] ?? []
			);
		expect([...new Set(endings)].filter((ending) => !isDescribed(ending))).toEqual([]);
	});
});
