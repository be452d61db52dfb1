import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
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
