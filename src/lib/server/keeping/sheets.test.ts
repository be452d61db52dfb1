import { gardenBooks } from '../../../../tests/fixtures/grown';
import { remark } from '../demo/small';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Papa from 'papaparse';
import { openDatabase } from '../db/open';
import { beforeAll, describe, expect, it } from 'vitest';
import { done, emptyBooks, envelope } from '../../../../tests/fixtures/garden';
import { wholeText } from '../../../../tests/fixtures/text';
import type { Books } from '../db/books';
import { sheetNames, sheetOf } from './sheets';

const now = Date.UTC(2026, 10, 24, 12);
let books: Books;
beforeAll(() => {
	books = gardenBooks();
	done(remark(books, now, envelope(now), { at: 'bed', name: 'Mere 2', words: '=1+1, "quoted"' }));
});
const rows = async (name: string) =>
	Papa.parse<Record<string, string>>(await wholeText(sheetOf(books.db, name, 'Europe/London')), {
		header: true,
		skipEmptyLines: true
	});

describe('the sheets of the rooms', () => {
	it.each([...sheetNames])(
		'%s can be read back, every row whole, with something in it',
		async (name) => {
			const read = await rows(name);
			expect(read.errors).toEqual([]);
			expect(read.data.length).toBeGreaterThan(0);
		}
	);

	it('close: the ledger’s litres of a lot are what its room says is left', async () => {
		const sums = new Map<string, number>();
		for (const { where = '', direction, volume_l } of (await rows('ledger')).data)
			sums.set(where, (sums.get(where) ?? 0) + (direction === 'in' ? 1 : -1) * Number(volume_l));
		for (const { code = '', left_l } of (await rows('charging')).data)
			expect(sums.get(code)).toBeCloseTo(Number(left_l), 6);
	});

	it('hold what was typed without letting a spreadsheet reckon with it', async () =>
		expect((await rows('remarks')).data.at(-1)?.words).toBe(`'=1+1, "quoted"`));

	it('have a head though there is nothing yet', async () =>
		expect(await wholeText(sheetOf(emptyBooks().db, 'beds', 'UTC'))).toMatch(
			/^\ufeffname,crop,target,pieces,length_m/
		));

	it('tell the time where the books are kept, and no more digits than there are', async () => {
		const [first] = (await rows('fires')).data;
		expect(first?.quenched_at_utc).toMatch(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\dZ$/);
		expect(first?.quenched_at_local).toMatch(/^\d{4}-\d\d-\d\d \d\d:\d\d$/);
		const density = (await rows('char')).data.map((row) => row.density_dry_kg_per_l ?? '');
		expect(Math.max(...density.map((one) => one.replace(/^0\.0*/, '').length))).toBeLessThan(5);
	});

	it('reads the same in a thread of its own, row by row, from books in a file', async () => {
		const folder = mkdtempSync(join(tmpdir(), 'ashdrift-sheets-'));
		const path = join(folder, 'books.sqlite');
		writeFileSync(path, books.db.serialize());
		const db = openDatabase(path);
		for (const name of sheetNames)
			expect(await wholeText(sheetOf(db, name, 'UTC')), name).toBe(
				await wholeText(sheetOf(books.db, name, 'UTC'))
			);
		await expect(wholeText(sheetOf(db, 'nothing', 'UTC'))).rejects.toThrow(RangeError);
		db.close();
		rmSync(folder, { recursive: true });
	});
});
