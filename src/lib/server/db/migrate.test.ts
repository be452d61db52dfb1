import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { withRipeSoak, yard } from '../../../../tests/fixtures/garden';
import { migrate, migrations } from './migrate';
import { openDatabase } from './open';

const folder = mkdtempSync(join(tmpdir(), 'ashdrift-'));
const fresh = () => openDatabase(join(folder, `${Math.random()}.sqlite`));
afterAll(() => rmSync(folder, { recursive: true, force: true, maxRetries: 2 }));

const next = {
	number: migrations.length + 1,
	name: '9999_next.sql',
	sql: 'CREATE TABLE extra (id INTEGER PRIMARY KEY) STRICT;'
};

describe('migrations', () => {
	it('run once, and again change nothing', () => {
		const db = openDatabase(':memory:');
		migrate(db, 1);
		migrate(db, 2);
		expect(db.prepare('SELECT DISTINCT applied_at_ms AS at FROM migration').all()).toEqual([
			{ at: 1 }
		]);
	});

	it('take no line of an account or a substance that the program does not know', () => {
		const books = yard();
		const line = (account: string) =>
			books.db.exec(
				`INSERT INTO movement VALUES (999, (SELECT id FROM act LIMIT 1), NULL, NULL, '${account}', 'in', 1, 1, 0, 5, 6, 'Oda')`
			);
		expect(() => line('elsewhere')).toThrow(/FOREIGN KEY/);
		line('lost');
		expect(() => books.db.exec(`INSERT INTO content VALUES (999, 'gold', 1)`)).toThrow(
			/FOREIGN KEY/
		);
	});

	it('leave no table of the books open to change', () => {
		const books = yard();
		withRipeSoak(books);
		const tables = books.db
			.prepare<[], { name: string }>(
				`SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' AND name NOT IN ('balance', 'held_in_lot', 'put_on_bed', 'migration')`
			)
			.all();
		expect(tables.length).toBeGreaterThan(15);
		let tried = 0;
		const columnOf = (table: string) =>
			books.db
				.prepare<[string], string>('SELECT name FROM pragma_table_info(?) LIMIT 1')
				.pluck()
				.get(table);
		for (const { name } of tables) {
			const row = books.db.prepare(`SELECT 1 FROM "${name}" LIMIT 1`).get();
			if (!row) continue;
			tried += 1;
			expect(() => books.db.exec(`DELETE FROM "${name}"`), name).toThrow(/append-only/);
			expect(
				() => books.db.exec(`UPDATE "${name}" SET ${columnOf(name)} = ${columnOf(name)}`),
				name
			).toThrow(/append-only/);
		}
		expect(tried).toBeGreaterThan(12);
	});

	it('refuse a database of before, in words', () => {
		const db = openDatabase(':memory:');
		const [first] = migrations;
		migrate(db, 1, [{ ...first!, name: '0001_ground.sql', sql: 'CREATE TABLE old (id) ' }]);
		expect(() => migrate(db, 2)).toThrow(/older Ashdrift/);
	});

	it('refuse a database newer than the program, in words', () => {
		const db = openDatabase(':memory:');
		migrate(db, 1, [...migrations, next]);
		expect(() => migrate(db, 2)).toThrow(/newer Ashdrift/);
	});

	it('refuse one whose step was altered', () => {
		const db = openDatabase(':memory:');
		migrate(db, 1);
		const altered = migrations.map((m) => ({ ...m, sql: `${m.sql}\n-- changed` }));
		expect(() => migrate(db, 2, altered)).toThrow(/differs/);
	});

	it('leave a database as it was when a step fails, and copy it before the step', () => {
		const db = fresh();
		migrate(db, 1);
		expect(() =>
			migrate(db, 2, [
				...migrations,
				{ ...next, sql: 'CREATE TABLE half (id INTEGER) STRICT; SELECT nonsense;' }
			])
		).toThrow();
		expect(db.prepare(`SELECT count(*) AS n FROM sqlite_master WHERE name = 'half'`).get()).toEqual(
			{ n: 0 }
		);
		expect(existsSync(`${db.name}.before-${migrations.length + 1}`)).toBe(true);
		expect(db.pragma('foreign_keys', { simple: true })).toBe(1);
		db.close();
	});
});
