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

	it('carry the lines of an old ledger over unchanged, and keep it append-only', () => {
		const db = openDatabase(':memory:');
		migrate(db, 1, migrations.slice(0, 1));
		db.exec(`INSERT INTO act VALUES ('old-act-1', 1, 'measure-stack', 5, 6, 'Oda', '', '{}', '{}', '/', NULL);
			INSERT INTO lot VALUES (1, 'S1', 'stack', 'rods', 'old-act-1');
			INSERT INTO movement VALUES (7, 'old-act-1', 1, NULL, NULL, 2000, 300, 5, 6, 'Oda'),
				(8, 'old-act-1', NULL, NULL, 'gathered', -2000, -300, 5, 6, 'Oda');`);
		const lines = () => db.prepare('SELECT * FROM movement ORDER BY id').all();
		const before = lines();
		migrate(db, 2);
		expect(lines()).toEqual(before);
		expect(db.prepare('SELECT volume_ml, dry_g FROM balance').get()).toEqual({
			volume_ml: 2000,
			dry_g: 300
		});
		expect(() => db.exec('DELETE FROM movement')).toThrow(/append-only/);
		expect(() =>
			db.exec(
				`INSERT INTO movement VALUES (9, 'old-act-1', NULL, NULL, 'elsewhere', 1, 1, 5, 6, 'Oda')`
			)
		).toThrow(/FOREIGN KEY/);
		expect(db.pragma('integrity_check', { simple: true })).toBe('ok');
	});

	it('leave no table of the books open to change', () => {
		const books = yard();
		withRipeSoak(books);
		const tables = books.db
			.prepare<[], { name: string }>(
				`SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' AND name NOT IN ('balance', 'migration')`
			)
			.all();
		expect(tables.length).toBeGreaterThan(15);
		let tried = 0;
		for (const { name } of tables) {
			const row = books.db.prepare(`SELECT rowid FROM "${name}" LIMIT 1`).get();
			if (!row) continue;
			tried += 1;
			expect(() => books.db.exec(`DELETE FROM "${name}"`), name).toThrow(/append-only/);
			expect(() => books.db.exec(`UPDATE "${name}" SET rowid = rowid`), name).toThrow(
				/append-only/
			);
		}
		expect(tried).toBeGreaterThan(12);
	});

	it('carry measured vessels over to a program that knows more shapes', () => {
		const db = openDatabase(':memory:');
		migrate(db, 1, migrations.slice(0, 3));
		db.exec(`INSERT INTO act VALUES ('old-act-2', 1, 'measure-vessel', 5, 6, 'Oda', '', '{}', '{}', '/', NULL);
			INSERT INTO vessel VALUES (1, 'Lantern');
			INSERT INTO vessel_version VALUES (4, 1, 'old-act-2', 'open-kiln', 'round', 1.3, 0.45, NULL, NULL, 0.8, NULL);
			INSERT INTO burn (id, code, act_id) VALUES (1, 'F1', 'old-act-2');
			INSERT INTO burn_plan (burn_id, act_id, vessel_version_id, planned_for_ms, loads_json, forecast_json)
				VALUES (1, 'old-act-2', 4, 5, '[]', '{}');`);
		const before = db.prepare('SELECT * FROM vessel_version').all();
		migrate(db, 2);
		expect(db.prepare('SELECT * FROM vessel_version').all()).toEqual(before);
		expect(db.pragma('foreign_key_check')).toEqual([]);
		expect(() => db.exec('DELETE FROM vessel_version')).toThrow(/append-only/);
		expect(() => db.exec("UPDATE vessel_version SET shape = 'square'")).toThrow(/append-only/);
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
