import Database from 'better-sqlite3';
import { readFileSync } from 'node:fs';
import { migrate, migrations } from '../db/migrate';
import { openDatabase, type Db } from '../db/open';
import { lookInto, type Looked } from './backups';
import { booksFile, fileFormat, fileVersion, type BooksFile } from './format';
import { tablesOf } from './tables';

/** A file that can't be restored, and why, in words for a person. */
export class Unrestorable extends Error {
	override name = 'Unrestorable';
}

/**
 * Fill an empty database from an exported file: the tables are brought to the file's step, filled,
 * checked, and brought on to this program's. All of it or nothing.
 * @throws Unrestorable naming what is wrong with the file
 */
export function restoreBooks(db: Db, text: string, now_ms: number): void {
	const file = readFile(text);
	if (file.step > (migrations.at(-1)?.number ?? 0))
		throw new Unrestorable('This file was written by a newer Ashdrift. Update the program first.');
	migrate(
		db,
		now_ms,
		migrations.filter(({ number }) => number <= file.step)
	);
	const tables = new Map(tablesOf(db).map((table) => [table.name, table]));
	const unknown = Object.keys(file.tables).find((name) => !tables.has(name));
	if (unknown !== undefined)
		throw new Unrestorable(`The file has a table "${unknown}" that these books have not.`);
	db.pragma('foreign_keys = OFF');
	try {
		db.transaction(() => {
			for (const { name, columns } of tables.values()) fill(db, name, columns, file.tables[name]);
			const broken = db.pragma('foreign_key_check') as { table: string }[];
			if (broken.length > 0)
				throw new Unrestorable(
					`Rows of "${broken[0]?.table}" refer to rows that are not in the file. It is not whole.`
				);
		}).immediate();
	} finally {
		db.pragma('foreign_keys = ON');
	}
	migrate(db, now_ms);
}

/**
 * Restore a backup or an open file into the database at `path`, which must not hold anything yet.
 * @returns whose books they are and what they hold
 * @throws Unrestorable saying what stands in the way
 */
export async function restoreFile(file: string, path: string, now_ms: number): Promise<Looked> {
	if (holdsBooks(path))
		throw new Unrestorable(
			`There are books in ${path} already. Move that file aside first; nothing was changed.`
		);
	if (isDatabase(file)) {
		checkOrRefuse(file);
		const source = new Database(file, { readonly: true });
		await source.backup(path);
		source.close();
		return lookInto(path);
	}
	const target = openDatabase(path);
	restoreBooks(target, readFileSync(file, 'utf8'), now_ms);
	target.close();
	return lookInto(path);
}

function holdsBooks(path: string): boolean {
	const db = openDatabase(path);
	const has = (sql: string) => db.prepare<[], { n: number }>(sql).get()?.n === 1;
	const holds =
		has("SELECT count(*) AS n FROM sqlite_master WHERE name = 'act'") &&
		has('SELECT EXISTS (SELECT 1 FROM act) AS n');
	db.close();
	return holds;
}

/** By its first bytes, whatever it is called. */
const isDatabase = (file: string) =>
	readFileSync(file).subarray(0, 15).toString('latin1') === 'SQLite format 3';

function checkOrRefuse(file: string): void {
	try {
		lookInto(file);
	} catch (error) {
		if (!(error instanceof Error)) throw error;
		throw new Unrestorable(`This backup can’t be used: ${error.message}`);
	}
}

function readFile(text: string): BooksFile {
	let json: unknown;
	try {
		json = JSON.parse(text);
	} catch (error) {
		if (!(error instanceof SyntaxError)) throw error;
		throw new Unrestorable(`This is no JSON file (${error.message}). Was it cut off?`);
	}
	if (versionOf(json) < fileVersion)
		throw new Unrestorable(
			`This file is of an older Ashdrift (version ${versionOf(json)}), which kept its books otherwise. Restore it with the program that wrote it.`
		);
	const read = booksFile.safeParse(json);
	if (read.success) return read.data;
	const issue = read.error.issues[0];
	throw new Unrestorable(
		`This is no file of Ashdrift books: ${issue?.path.join('.') || 'its head'}, ${issue?.message ?? ''}.`
	);
}

/** The version a file of ours says it is of; of no file of ours, this one. */
const versionOf = (json: unknown): number =>
	json !== null &&
	typeof json === 'object' &&
	'format' in json &&
	json.format === fileFormat &&
	'version' in json &&
	typeof json.version === 'number'
		? json.version
		: fileVersion;

/** Tables that hold a row from the start. */
const named = new Set(['books']);

function fill(
	db: Db,
	table: string,
	columns: readonly string[],
	rows: BooksFile['tables'][string] | undefined
): void {
	if (rows === undefined)
		throw new Unrestorable(`The file has no table "${table}". It is not whole.`);
	// The books take the name of the file's, in place of the one they were just given.
	const verb = named.has(table) ? 'INSERT OR REPLACE' : 'INSERT';
	const insert = db.prepare<Record<string, string | number | null>>(
		`${verb} INTO "${table}" (${columns.map((c) => `"${c}"`).join(', ')}) VALUES (${columns.map((c) => `@${c}`).join(', ')})`
	);
	for (const [i, row] of rows.entries()) {
		const missing = columns.find((column) => !(column in row));
		const extra = Object.keys(row).find((column) => !columns.includes(column));
		const where = `Row ${i + 1} of "${table}"`;
		if (missing !== undefined) throw new Unrestorable(`${where} lacks "${missing}".`);
		if (extra !== undefined)
			throw new Unrestorable(`${where} has "${extra}", which is no column there.`);
		try {
			insert.run(row);
		} catch (error) {
			if (!(error instanceof Error)) throw error;
			throw new Unrestorable(`${where} can’t be kept: ${error.message}.`);
		}
	}
}
