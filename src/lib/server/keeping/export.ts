import Database from 'better-sqlite3';
import { headOf } from '../db/digests';
import type { Db } from '../db/open';
import { fileFormat, fileVersion, type FileHead } from './format';
import { stepOf, tablesOf } from './tables';

/**
 * Everything in the books as one open file: a head, then a row to a line with the name of its table, so that
 * it can be read, compared and sent however large it is. Rows come after those they refer to.
 */
export function* exportBooks(db: Db, now_ms: number): Generator<string> {
	const tables = tablesOf(db);
	const { acts, digest } = headOf(db);
	const count = (table: string) =>
		db.prepare<[], number>(`SELECT count(*) FROM "${table}"`).pluck().get() ?? 0;
	const head: FileHead = {
		format: fileFormat,
		version: fileVersion,
		step: stepOf(db),
		exportedAt: new Date(now_ms).toISOString(),
		acts,
		digest,
		rows: Object.fromEntries(tables.map(({ name }) => [name, count(name)]))
	};
	yield `${JSON.stringify(head)}\n`;
	for (const { name, key } of tables)
		for (const row of rowsOf(db, name, key)) yield `${JSON.stringify([name, row])}\n`;
}

/** Table and column names come from the database's own catalogue. */
function rowsOf(db: Db, table: string, key: readonly string[]) {
	return db
		.prepare<[], unknown>(
			`SELECT * FROM "${table}" ORDER BY ${key.map((k) => `"${k}"`).join(', ')}`
		)
		.iterate();
}

/** Lines sent at a time: as many as are put in words within a few milliseconds. */
const atOnce = 200;

/** The same as a stream that holds no more than a few lines: of one moment, whatever is written meanwhile. */
export function exportStream(db: Db, now_ms: number): ReadableStream<Uint8Array> {
	// A reader of its own sees the books as they stood when it began; what lives in memory has but one.
	const reader = db.memory ? db : new Database(db.name, { readonly: true });
	if (reader !== db) reader.exec('BEGIN');
	const lines = exportBooks(reader, now_ms);
	const bytes = new TextEncoder();
	const end = () => {
		if (reader !== db) reader.close();
	};
	return new ReadableStream({
		async pull(controller) {
			// Whoever else waits for an answer comes first.
			await new Promise(setImmediate);
			let text = '';
			for (let i = 0; i < atOnce; i += 1) {
				const { value, done } = lines.next();
				if (done) {
					if (text !== '') controller.enqueue(bytes.encode(text));
					controller.close();
					return end();
				}
				text += value;
			}
			controller.enqueue(bytes.encode(text));
		},
		cancel() {
			lines.return(undefined);
			end();
		}
	});
}
