import { createHash } from 'node:crypto';
import { existsSync, statSync } from 'node:fs';
import { UnusableDatabase } from './errors';
import { guardTables } from './guards';
import { nameKinds } from './kinds';
import type { Db } from './open';

const files = import.meta.glob<string>('./migrations/*.sql', {
	query: '?raw',
	import: 'default',
	eager: true
});

export interface Migration {
	readonly number: number;
	readonly name: string;
	readonly sql: string;
}

/** The migrations that ship with this program, in order. */
export const migrations: readonly Migration[] = Object.entries(files)
	.map(([path, sql]) => {
		const name = path.slice(path.lastIndexOf('/') + 1);
		return { number: Number(name.slice(0, 4)), name, sql };
	})
	.sort((a, b) => a.number - b.number);

const checksum = (sql: string) => createHash('sha256').update(sql).digest('hex');

interface Applied {
	number: number;
	name: string;
	checksum: string;
}

/**
 * Bring a database to this program's version, each migration in one transaction with its row in
 * `migration`. A file with data is first copied beside itself. Newer or altered: refused in words.
 */
export function migrate(db: Db, now_ms: number, list: readonly Migration[] = migrations): void {
	db.exec(
		`CREATE TABLE IF NOT EXISTS migration (number INTEGER PRIMARY KEY, name TEXT NOT NULL, checksum TEXT NOT NULL, applied_at_ms INTEGER NOT NULL) STRICT`
	);
	const applied = db
		.prepare<[], Applied>('SELECT number, name, checksum FROM migration ORDER BY number')
		.all();
	refuseStrangers(applied, list);
	const waiting = list.filter(
		(migration) => !applied.some((row) => row.number === migration.number)
	);
	if (waiting.length > 0 && applied.length > 0) backup(db, applied.length);
	for (const migration of waiting) apply(db, migration, now_ms);
	if (waiting.length > 0) guardTables(db);
	nameKinds(db);
}

function refuseStrangers(applied: readonly Applied[], list: readonly Migration[]): void {
	for (const row of applied) {
		const known = list.find((migration) => migration.number === row.number);
		if (!known)
			throw new UnusableDatabase(
				`This database was written by a newer Ashdrift (step ${row.name}). Update the program, or open an older backup.`
			);
		if (known.name !== row.name)
			throw new UnusableDatabase(
				`This database is of an older Ashdrift, which kept its books otherwise (step ${row.name}). Open it with the program that wrote it.`
			);
		if (checksum(known.sql) !== row.checksum)
			throw new UnusableDatabase(
				`Step ${row.name} of this database differs from the program's. Use the program that wrote it.`
			);
	}
}

function backup(db: Db, version: number): void {
	if (db.memory || !existsSync(db.name) || statSync(db.name).size === 0) return;
	const target = `${db.name}.before-${version + 1}`;
	if (!existsSync(target)) db.prepare('VACUUM INTO ?').run(target);
}

function apply(db: Db, { number, name, sql }: Migration, now_ms: number): void {
	db.pragma('foreign_keys = OFF');
	try {
		db.transaction(() => {
			db.exec(sql);
			if ((db.pragma('foreign_key_check') as unknown[]).length > 0)
				throw new UnusableDatabase(
					`Step ${name} would leave broken references; nothing was changed.`
				);
			db.prepare(
				'INSERT INTO migration (number, name, checksum, applied_at_ms) VALUES (?, ?, ?, ?)'
			).run(number, name, checksum(sql), now_ms);
		}).immediate();
	} finally {
		db.pragma('foreign_keys = ON');
	}
}
