import { digestStore } from '../db/digests';
import { migrate, migrations } from '../db/migrate';
import type { Db } from '../db/open';
import { fileFormat, fileHead, fileLine, fileVersion, type FileHead } from './format';
import { faultsIn } from './laws';
import { tablesOf, type Table } from './tables';

/** A file that can't be restored, and why, in words for a person. */
export class Unrestorable extends Error {
	override name = 'Unrestorable';
}

/**
 * Fill an empty database from the lines of an exported file: the tables are brought to the file's step, filled,
 * checked against its head and digests, and brought on to this program's. All of it or nothing.
 * @throws Unrestorable naming what is wrong with the file
 */
export function restoreBooks(db: Db, lines: Iterable<string>, now_ms: number): void {
	const source = lines[Symbol.iterator]();
	const first: string = source.next().value ?? '';
	// Some programs begin a file with a mark that is no part of its text.
	const head = readHead(first.replace(/^\uFEFF/, ''));
	if (head.step > (migrations.at(-1)?.number ?? 0))
		throw new Unrestorable('This file was written by a newer Ashdrift. Update the program first.');
	migrate(
		db,
		now_ms,
		migrations.filter(({ number }) => number <= head.step)
	);
	const tables = new Map(tablesOf(db).map((table) => [table.name, table]));
	const unknown = Object.keys(head.rows).find((name) => !tables.has(name));
	if (unknown !== undefined)
		throw new Unrestorable(`The file has a table "${unknown}" that these books have not.`);
	db.pragma('foreign_keys = OFF');
	try {
		db.transaction(() => {
			const filled = fillAll(db, tables, { [Symbol.iterator]: () => source });
			refuseShort(head, filled, [...tables.keys()]);
			const broken = db.pragma('foreign_key_check') as { table: string }[];
			if (broken.length > 0)
				throw new Unrestorable(
					`Rows of "${broken[0]?.table}" refer to rows that are not in the file. It is not whole.`
				);
			refuseOthers(db, head);
			refuseLawless(db);
		}).immediate();
	} finally {
		db.pragma('foreign_keys = ON');
	}
	migrate(db, now_ms);
}

/** Every table has as many rows as the head says. */
function refuseShort(
	head: FileHead,
	filled: ReadonlyMap<string, number>,
	tables: readonly string[]
): void {
	for (const name of tables) {
		const [wanted, found] = [head.rows[name], filled.get(name) ?? 0];
		if (wanted === undefined)
			throw new Unrestorable(`The file has no table "${name}". It is not whole.`);
		if (wanted !== found)
			throw new Unrestorable(
				`The file has ${found} of ${wanted} rows of "${name}". It is not whole: was it cut off?`
			);
	}
}

/** Nothing is taken on trust: every law of the books is tried, and the first that is broken is told. */
export function refuseLawless(db: Db): void {
	const [first, ...more] = faultsIn(db);
	if (!first) return;
	throw new Unrestorable(
		`These books break a law of theirs: ${first.says}${more.length > 0 ? ` (And ${more.length} more.)` : ''} The file was changed or is damaged.`
	);
}

/** They are the acts that the head tells of: one that was cut out cleanly is missed here. */
function refuseOthers(db: Db, head: FileHead): void {
	const { acts, digest } = digestStore(db).head();
	if (acts !== head.acts || digest !== head.digest)
		throw new Unrestorable('The acts in the file are not those its head tells of.');
}

function parsed(line: string, where: string): unknown {
	try {
		return JSON.parse(line);
	} catch (error) {
		if (!(error instanceof SyntaxError)) throw error;
		throw new Unrestorable(`${where} is no JSON (${error.message}). Was the file cut off?`);
	}
}

function readHead(line: string): FileHead {
	const [, version] = new RegExp(`^\\{"format":"${fileFormat}","version":(\\d+)`).exec(line) ?? [];
	if (version !== undefined && Number(version) < fileVersion)
		throw new Unrestorable(
			`This file is of an older Ashdrift (version ${version}), which kept its books otherwise. Restore it with the program that wrote it.`
		);
	const read = fileHead.safeParse(parsed(line, 'The first line of the file'));
	if (read.success) return read.data;
	const issue = read.error.issues[0];
	throw new Unrestorable(
		`This is no file of Ashdrift books: ${issue?.path.join('.') || 'its head'}, ${issue?.message ?? ''}.`
	);
}

/** Tables that hold a row from the start. */
const named = new Set(['books']);

type Row = Readonly<Record<string, string | number | null>>;

/** @returns how many rows went into each table */
function fillAll(
	db: Db,
	tables: ReadonlyMap<string, Table>,
	lines: Iterable<string>
): ReadonlyMap<string, number> {
	const filled = new Map<string, number>();
	const inserts = new Map<string, (row: Row, where: string) => void>();
	let number = 1;
	for (const line of lines) {
		number += 1;
		if (line === '') continue;
		const read = fileLine.safeParse(parsed(line, `Line ${number} of the file`));
		if (!read.success) throw new Unrestorable(`Line ${number} of the file is no row of a table.`);
		const [name, row] = read.data;
		const table = tables.get(name);
		if (!table) throw new Unrestorable(`The file has a table "${name}" that these books have not.`);
		const insert = inserts.get(name) ?? inserterOf(db, table);
		inserts.set(name, insert);
		const count = (filled.get(name) ?? 0) + 1;
		filled.set(name, count);
		insert(row, `Row ${count} of "${name}"`);
	}
	return filled;
}

function inserterOf(db: Db, { name, columns }: Table): (row: Row, where: string) => void {
	// The books take the name of the file's, in place of the one they were just given.
	const verb = named.has(name) ? 'INSERT OR REPLACE' : 'INSERT';
	const insert = db.prepare<Row>(
		`${verb} INTO "${name}" (${columns.map((c) => `"${c}"`).join(', ')}) VALUES (${columns.map((c) => `@${c}`).join(', ')})`
	);
	return (row, where) => {
		const missing = columns.find((column) => !(column in row));
		const extra = Object.keys(row).find((column) => !columns.includes(column));
		if (missing !== undefined) throw new Unrestorable(`${where} lacks "${missing}".`);
		if (extra !== undefined)
			throw new Unrestorable(`${where} has "${extra}", which is no column there.`);
		try {
			insert.run(row);
		} catch (error) {
			if (!(error instanceof Error)) throw error;
			throw new Unrestorable(`${where} can’t be kept: ${error.message}.`);
		}
	};
}
