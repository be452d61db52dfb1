import { createHash } from 'node:crypto';
import type { Db } from './open';
import { writing } from './writing';

/** Where the chain of digests first breaks, and how. */
export interface Break {
	/** In order of entry, from one. */
	readonly seq: number;
	readonly actId: string;
	readonly verb: string;
	readonly at_ms: number;
	/** Its rows are not those it wrote, or it was entered without a digest. */
	readonly why: 'changed' | 'no-digest';
}

/** How many acts there are, and the digest of the newest: all that was entered hangs on it. */
export interface Head {
	readonly acts: number;
	readonly digest: string | null;
}

/** Read where nothing else of the store is wanted, and of books of another year. */
export function headOf(db: Db): Head {
	const acts = db.prepare<[], number>('SELECT max(seq) FROM act').pluck().get() ?? 0;
	const has = db.prepare("SELECT 1 FROM sqlite_master WHERE name = 'act_digest'").get();
	const newest = has ? db.prepare<[], string>(newestSql).pluck().get() : undefined;
	return { acts, digest: newest ?? null };
}
const newestSql =
	'SELECT d.digest FROM act a JOIN act_digest d ON d.act_id = a.id ORDER BY a.seq DESC LIMIT 1';

/** Worked out from the rest, or the digests themselves. */
const aside = new Set(['act_digest', 'act_subject', 'act_rests_on']);

interface ActRow {
	readonly id: string;
	readonly seq: number;
	readonly verb: string;
	readonly happened_at_ms: number;
}

/**
 * A digest over each act: SHA-256 of the one before it, in order of entry, and of every row it wrote, a table
 * after the other by name, each row as JSON of its columns by name. Nulls and values a column has by default
 * are left out, so that a column added later changes none.
 */
export function digestStore(db: Db) {
	const tables = new Map(writtenTables(db).map((table) => [table.name, rowsOf(db, table)]));
	const insert = writing<{ actId: string; digest: string }>(
		db,
		'INSERT INTO act_digest (act_id, digest) VALUES (@actId, @digest)'
	);
	const last = db.prepare<[], { seq: number; digest: string }>(
		'SELECT a.seq, d.digest FROM act a JOIN act_digest d ON d.act_id = a.id ORDER BY a.seq DESC LIMIT 1'
	);
	const after = db.prepare<{ seq: number }, ActRow>(
		'SELECT id, seq, verb, happened_at_ms FROM act WHERE seq > @seq ORDER BY seq'
	);
	const of = db
		.prepare<{ actId: string }, string>('SELECT digest FROM act_digest WHERE act_id = @actId')
		.pluck();
	const digestOf = (actId: string, before: string, written: Iterable<string>): string => {
		const hash = createHash('sha256').update(before);
		for (const name of [...written].sort()) {
			const rows = tables.get(name)?.(actId) ?? [];
			for (const row of rows) hash.update(`\n${name} ${row}`);
		}
		return hash.digest('hex');
	};
	return {
		/**
		 * Close the acts entered since the last digest, in their order: the last row of each.
		 * @param written the tables they wrote
		 */
		close: (written: ReadonlySet<string>): void => {
			const known = last.get();
			let before = known?.digest ?? '';
			const names = written.has('movement') ? new Set([...written, 'content']) : written;
			for (const { id } of after.all({ seq: known?.seq ?? 0 })) {
				before = digestOf(id, before, names);
				insert.run({ actId: id, digest: before });
			}
		},
		head: (): Head => headOf(db),
		/** Reckon every digest anew. */
		firstBreak: (): Break | undefined => {
			let before = '';
			for (const { id, seq, verb, happened_at_ms } of after.iterate({ seq: 0 })) {
				const kept = of.get({ actId: id });
				const where = { seq, actId: id, verb, at_ms: happened_at_ms };
				if (kept === undefined) return { ...where, why: 'no-digest' };
				before = digestOf(id, before, tables.keys());
				if (before !== kept) return { ...where, why: 'changed' };
			}
			return undefined;
		}
	};
}

interface Table {
	readonly name: string;
	readonly columns: readonly { readonly name: string; readonly byDefault: unknown }[];
	readonly key: readonly string[];
	/** Of a table whose rows belong to those of another: by which column, and to which. */
	readonly through?: { readonly column: string; readonly table: string };
}

/** Tables that acts write, and what of their rows need not be told. */
function writtenTables(db: Db): readonly Table[] {
	const names = db
		.prepare<[], string>(
			`SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' ORDER BY name`
		)
		.pluck()
		.all()
		.filter((name) => !aside.has(name));
	const isOfActs = (name: string) =>
		name === 'act' || columnsOf(db, name).some((column) => column.name === 'act_id');
	return names.flatMap((name): Table[] => {
		const columns = columnsOf(db, name);
		const key = columns.filter(({ pk }) => pk > 0).sort((a, b) => a.pk - b.pk);
		const table = {
			name,
			columns: columns.map((column) => ({
				name: column.name,
				byDefault:
					column.dflt_value === null
						? null
						: db.prepare(`SELECT ${column.dflt_value}`).pluck().get()
			})),
			key: key.length > 0 ? key.map((column) => column.name) : ['rowid']
		};
		if (isOfActs(name)) return [table];
		const through = db
			.prepare<[string], { column: string; table: string }>(
				`SELECT "from" AS "column", "table" FROM pragma_foreign_key_list(?)`
			)
			.all(name)
			.find((reference) => reference.table === 'movement');
		return through ? [{ ...table, through }] : [];
	});
}

const columnsOf = (db: Db, table: string) =>
	db
		.prepare<[string], { name: string; pk: number; dflt_value: string | null }>(
			'SELECT name, pk, dflt_value FROM pragma_table_info(?)'
		)
		.all(table);

function rowsOf(db: Db, { name, columns, key, through }: Table): (actId: string) => string[] {
	const order = key.map((column) => `t."${column}"`).join(', ');
	const from = through
		? `"${name}" t JOIN "${through.table}" o ON o.id = t."${through.column}" WHERE o.act_id = @actId`
		: `"${name}" t WHERE t.${name === 'act' ? 'id' : 'act_id'} = @actId`;
	const inOrder = [...columns].sort((a, b) => (a.name < b.name ? -1 : 1));
	const listed = inOrder.map((column) => `t."${column.name}"`).join(', ');
	const asked = db
		.prepare<{ actId: string }, unknown[]>(`SELECT ${listed} FROM ${from} ORDER BY ${order}`)
		.raw();
	return (actId) => asked.all({ actId }).map((values) => told(inOrder, values));
}

/** A plain loop: every row of every act goes through it. */
function told(columns: Table['columns'], values: readonly unknown[]): string {
	const kept: unknown[] = [];
	for (const [i, { name, byDefault }] of columns.entries()) {
		const value = values[i];
		if (value !== null && value !== byDefault) kept.push(name, value);
	}
	return JSON.stringify(kept);
}
