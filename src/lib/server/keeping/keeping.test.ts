import { existsSync, mkdtempSync, readdirSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { beforeAll, describe, expect, it } from 'vitest';
import { emptyBooks } from '../../../../tests/fixtures/garden';
import { type Books } from '../db/books';
import { openDatabase } from '../db/open';
import { growGarden } from '../demo/garden';
import { booksId } from '../db/identity';
import { backUp, backupsIn, isDue, lookInto } from './backups';
import { exportBooks } from './export';
import { restoreBooks, Unrestorable } from './restore';
import { restoreFile } from './restore-file';

const now = Date.UTC(2026, 10, 24, 12);
const hour = 3_600_000;
let books: Books;
let exported: string;
const folder = () => mkdtempSync(join(tmpdir(), 'ashdrift-keeping-'));

beforeAll(() => {
	books = emptyBooks(join(folder(), 'books.sqlite'));
	growGarden(books, now);
	exported = [...exportBooks(books.db, now)].join('');
});

const restored = (text: string) => {
	const db = openDatabase(':memory:');
	restoreBooks(db, text.split('\n'), now);
	return db;
};
/** A whole row taken out, and the count of its table with it. */
const without = (table: string) =>
	exported
		.replace(new RegExp(`\\n\\["${table}",.*`), '')
		.replace(new RegExp(`("${table}":)(\\d+)`), (_, key, n) => `${key}${Number(n) - 1}`);
const balances = (db: Books['db']) => db.prepare('SELECT * FROM balance ORDER BY lot_id').all();

describe('the open file', () => {
	it('goes out and comes back exactly, to the last byte', () => {
		const db = restored(exported);
		expect([...exportBooks(db, now)].join('') === exported).toBe(true);
		expect(balances(db)).toEqual(balances(books.db));
	});

	it('restored, can be written to like the books it came from', () => {
		const again = restored(exported);
		expect(() => again.prepare('DELETE FROM movement').run()).toThrow(/append-only/);
	});

	it.each([
		['', 'no JSON'],
		[() => exported.slice(0, 5000), 'cut off'],
		[() => exported.split('\n').slice(0, -40).join('\n'), 'cut off'],
		['{}', 'no file of Ashdrift books'],
		[() => exported.replace('"ashdrift-books"', '"other-books"'), 'no file of Ashdrift books'],
		[() => exported.replace(/"step":\d+/, '"step":99'), 'newer Ashdrift'],
		[() => exported.replace('"version":3', '"version":2'), 'older Ashdrift'],
		[() => exported.replace('"volume_ul"', '"volume_l"'), 'lacks "volume_ul"'],
		[() => exported.replaceAll('["application",', '["scatter",'), 'scatter'],
		[() => exported.replace(/\n\["lot",.*/, ''), 'rows of "lot"'],
		[() => without('lot'), 'not in the file'],
		[() => exported.replace('"acts":', '"acts":1'), 'not those its head tells of'],
		[() => exported.replace(/(\["finding",.*"words\\":\\")/, '$1never '), 'not as it was written'],
		[() => exported.replace(/(\["movement",.*"mass_mg":)(\d+)/, '$11$2'), 'not as it was written']
	])('that is wrong is refused in words: %#', (text, why) => {
		const db = openDatabase(':memory:');
		const restore = () =>
			restoreBooks(db, (typeof text === 'string' ? text : text()).split('\n'), now);
		expect(restore).toThrow(Unrestorable);
		expect(restore).toThrow(why);
	});

	it('leaves nothing half restored', () => {
		const db = openDatabase(':memory:');
		const broken = exported.replace('["application",{', '["application",{"no":1,');
		expect(() => restoreBooks(db, broken.split('\n'), now)).toThrow(Unrestorable);
		expect(db.prepare('SELECT count(*) AS n FROM act').get()).toEqual({ n: 0 });
	});
});

describe('a file restored', () => {
	it('from a backup or an open file fills an empty place with the same books', async () => {
		const place = folder();
		const { name } = await backUp(books.db, place, now);
		writeFileSync(join(place, 'books.jsonl'), exported);
		for (const file of [name, 'books.jsonl']) {
			const target = join(folder(), 'new.sqlite');
			await restoreFile(join(place, file), target, now);
			expect([...exportBooks(openDatabase(target), now)].join('') === exported).toBe(true);
		}
	});

	it('never overwrites books that are there', async () => {
		const place = folder();
		writeFileSync(join(place, 'books.jsonl'), exported);
		await expect(restoreFile(join(place, 'books.jsonl'), books.db.name, now)).rejects.toThrow(
			'already'
		);
		writeFileSync(join(place, 'bad.sqlite'), 'SQLite format 3\u0000 and then nothing');
		await expect(
			restoreFile(join(place, 'bad.sqlite'), join(place, 'new.sqlite'), now)
		).rejects.toThrow(Unrestorable);
	});
});

describe('a backup', () => {
	it('holds everything, is checked, and counts as the last good one', async () => {
		const place = folder();
		expect(isDue(books.db, place, now)).toBe(true);
		const made = await backUp(books.db, place, now);
		expect(made.acts).toBe(
			books.db.prepare<[], { n: number }>('SELECT count(*) AS n FROM act').get()?.n
		);
		const { name, bytes } = made;
		const id = booksId(books.db);
		expect(backupsIn(place, id)).toEqual([{ name, booksId: id, at_ms: now, bytes }]);
		expect(isDue(books.db, place, now + 3_600_000)).toBe(false);
		const copy = openDatabase(join(place, made.name));
		expect([...exportBooks(copy, now)].join('') === exported).toBe(true);
	});

	it('that is damaged is never called good', async () => {
		const place = folder();
		const id = booksId(books.db);
		writeFileSync(join(place, `ashdrift-${id}-2026-11-24T120000Z.sqlite.x.unchecked`), 'nothing');
		expect(backupsIn(place, id)).toEqual([]);
		await expect(lookInto(join(place, readdirSync(place)[0] ?? ''))).rejects.toThrow();
	});

	it('makes room for the next by the rotation', async () => {
		const place = folder();
		for (let hour = 0; hour < 3; hour += 1) await backUp(books.db, place, now + hour * 3_600_000);
		expect(backupsIn(place, booksId(books.db))).toHaveLength(1);
	});

	// It writes a dozen backups of two gardens.
	it(
		'of two sets of books in one folder is kept, counted and rotated by whose it is',
		{ timeout: 30_000 },
		async () => {
			const place = folder();
			const others = emptyBooks(join(folder(), 'others.sqlite'));
			growGarden(others, now);
			const [own, other] = [booksId(books.db), booksId(others.db)];
			expect(own).not.toBe(other);
			await backUp(others.db, place, now);
			// A fresh copy of the others is no copy of these.
			expect(isDue(books.db, place, now + hour)).toBe(true);
			for (const at of [1, 2, 3]) await backUp(books.db, place, now + at * hour);
			expect(backupsIn(place, own)).toHaveLength(1);
			expect(backupsIn(place, other)).toHaveLength(1);
			expect(backupsIn(place, own)[0]?.at_ms).toBe(now + 3 * hour);
			const target = join(folder(), 'new.sqlite');
			const told = await restoreFile(join(place, backupsIn(place, other)[0]!.name), target, now);
			expect(told.booksId).toBe(other);
			expect(isDue(openDatabase(target), place, now + hour)).toBe(false);
		}
	);

	it('clears away what was never finished, its own at once and others’ after a day', async () => {
		const place = folder();
		const stray = (id: string) =>
			join(place, `ashdrift-${id}-2026-11-24T110000Z.sqlite.y.unchecked`);
		const other = 'f'.repeat(12);
		for (const id of [booksId(books.db), other]) writeFileSync(stray(id), 'half a copy');
		await backUp(books.db, place, Date.now());
		expect([existsSync(stray(booksId(books.db))), existsSync(stray(other))]).toEqual([false, true]);
		await backUp(books.db, place, Date.now() + 2 * 24 * hour);
		expect(existsSync(stray(other))).toBe(false);
	});
});
