import Database from 'better-sqlite3';
import {
	chmodSync,
	copyFileSync,
	existsSync,
	mkdtempSync,
	readdirSync,
	writeFileSync
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { emptyBooks } from '../../../../tests/fixtures/garden';
import { days } from '../../core/time';
import type { Books } from '../db/books';
import { digestStore } from '../db/digests';
import { booksId } from '../db/identity';
import { growGarden } from '../demo/garden';
import { tell } from '../../../../scripts/trials/scale';
import { backUp, backupsIn, byClock, isDue, lookInto } from './backups';
import { exportBooks } from './export';
import { restoreFile } from './restore-file';

const now = Date.UTC(2026, 10, 24, 12);
const folder = () => mkdtempSync(join(tmpdir(), 'ashdrift-forged-'));
let books: Books;
let backup: string;
let refused = 0;

beforeAll(async () => {
	books = emptyBooks(join(folder(), 'books.sqlite'));
	growGarden(books, now);
	const place = folder();
	backup = join(place, (await backUp(books.db, place, now)).name);
});

type Forge = (db: Database.Database) => void;
const sql =
	(text: string): Forge =>
	(db) =>
		void db.exec(text);
/** Whoever forges may reckon the digests anew: they are no seal. */
const resealed =
	(text: string): Forge =>
	(db) => {
		db.exec(text);
		db.exec('DELETE FROM act_digest');
		const tables = db
			.prepare<[], string>("SELECT name FROM sqlite_master WHERE type = 'table'")
			.pluck()
			.all();
		digestStore(db).close(new Set(tables));
	};

/** A copy of the backup with something done to it that no program of ours would do. */
function forged(forge: Forge): string {
	const path = join(folder(), 'forged.sqlite');
	copyFileSync(backup, path);
	const db = new Database(path);
	db.pragma('foreign_keys = OFF');
	const triggers = db
		.prepare<[], string>("SELECT name FROM sqlite_master WHERE type = 'trigger'")
		.pluck()
		.all();
	for (const name of triggers) db.exec(`DROP TRIGGER "${name}"`);
	db.transaction(() => forge(db))();
	db.close();
	return path;
}

const moreChar =
	"UPDATE content SET amount_mg = amount_mg + 1000000 WHERE substance = 'char' AND movement_id = (SELECT min(movement_id) FROM content WHERE substance = 'char')";
/** An act that wrote one finding and nothing else. */
const someAct = "(SELECT act_id FROM finding WHERE what = 'ph' ORDER BY act_id LIMIT 1)";
const cutAct = ['act_digest', 'act_subject', 'act_rests_on', 'finding']
	.map((table) => `DELETE FROM ${table} WHERE act_id = ${someAct};`)
	.join(' ');

describe('books that were tampered with', () => {
	it.each<[what: string, forge: Forge, says: RegExp]>([
		[
			'a balance too high',
			sql(
				'UPDATE balance SET volume_ul = volume_ul + 5000000 WHERE lot_id = (SELECT min(lot_id) FROM balance)'
			),
			/What is kept of \w+ µL is \d+/
		],
		['a kilogram of char added', sql(moreChar), /not as it was written/],
		['the same, its digests reckoned anew', resealed(moreChar), /does not close: .*1000000 mg/],
		[
			'a movement cut out',
			resealed(
				'DELETE FROM content WHERE movement_id = (SELECT max(id) FROM movement); DELETE FROM movement WHERE id = (SELECT max(id) FROM movement)'
			),
			/does not close|is kept of/
		],
		[
			'an act cut out',
			sql(
				`CREATE TABLE cut AS SELECT ${someAct} AS id; ${cutAct} DELETE FROM act WHERE id = (SELECT id FROM cut); DROP TABLE cut`
			),
			/not as it was written|broken references/
		],
		[
			'a zone on the moon',
			resealed("UPDATE settings_version SET time_zone = 'Moon/Base' WHERE time_zone IS NOT NULL"),
			/"Moon\/Base", which there is not/
		],
		[
			'a lot of no kind',
			resealed("UPDATE lot SET kind = 'mystery' WHERE id = (SELECT max(id) FROM lot)"),
			/kind "mystery"/
		],
		[
			'a finding that says nothing',
			resealed(`UPDATE finding SET found_json = '{"ph":"sour"}' WHERE what = 'ph'`),
			/finding "ph" of act/
		],
		[
			'a plan whose figures are none',
			resealed(`UPDATE burn_plan SET forecast_json = '{"charKg":"much"}' `),
			/row of "burn_plan" of act/
		],
		[
			'a fire of no way',
			resealed(
				"UPDATE burn_record SET way = 'by magic' WHERE rowid = (SELECT max(rowid) FROM burn_record)"
			),
			/fires of a way "by magic"/
		],
		[
			'a programme by no recipe',
			resealed(
				"UPDATE thing_version SET told_json = json_set(told_json, '$.recipe', 'nothing') WHERE thing_id IN (SELECT id FROM thing WHERE kind = 'programme')"
			),
			/row of "thing_version" of act/
		],
		[
			'an act that is about nothing',
			resealed(`DELETE FROM act_subject WHERE act_id = ${someAct}`),
			/lacks what it is about/
		],
		[
			'an act said to be about something else as well',
			resealed(
				`INSERT INTO act_subject SELECT ${someAct}, id FROM thing WHERE kind = 'vessel' LIMIT 1`
			),
			/is about something that its rows do not tell of/
		],
		[
			'an act that rests on nothing it came from',
			resealed('DELETE FROM act_rests_on WHERE act_id = (SELECT max(act_id) FROM ready_test)'),
			/lacks what it rests on/
		],
		[
			'an act that rests on a later one',
			resealed(
				'INSERT OR IGNORE INTO act_rests_on SELECT (SELECT id FROM act WHERE seq = 5), (SELECT id FROM act WHERE seq = 90)'
			),
			/rests on something that its rows do not tell of/
		]
	])('%s: are refused, and nothing is left of them', async (_what, forge, says) => {
		const place = folder();
		await expect(restoreFile(forged(forge), join(place, 'new.sqlite'), now)).rejects.toThrow(says);
		expect(readdirSync(place)).toEqual([]);
		refused += 1;
	});
	afterAll(() =>
		tell('forged', `${refused} forged restores, each refused by what is wrong with it`)
	);

	it('as an open file, an act cut out with its digest is missed by the head', async () => {
		const place = folder();
		const text = [...exportBooks(books.db, now)].join('');
		writeFileSync(
			join(place, 'books.jsonl'),
			text.replace(/"digest":"[0-9a-f]{8}/, '"digest":"00000000')
		);
		const target = join(place, 'new.sqlite');
		await expect(restoreFile(join(place, 'books.jsonl'), target, now)).rejects.toThrow(
			/not those its head tells of/
		);
		expect(existsSync(target)).toBe(false);
	});

	it('but a mark before its first letter is no harm', async () => {
		const place = folder();
		writeFileSync(join(place, 'books.jsonl'), `\uFEFF${[...exportBooks(books.db, now)].join('')}`);
		const { acts } = await restoreFile(join(place, 'books.jsonl'), join(place, 'new.sqlite'), now);
		expect(acts).toBeGreaterThan(100);
		expect(readdirSync(place).toSorted()).toEqual(['books.jsonl', 'new.sqlite']);
	});
});

describe('a backup', () => {
	it('is one file, and opens where nothing can be written', async () => {
		const place = folder();
		copyFileSync(backup, join(place, 'copy.sqlite'));
		chmodSync(join(place, 'copy.sqlite'), 0o400);
		chmodSync(place, 0o500);
		try {
			const copy = new Database(join(place, 'copy.sqlite'), { readonly: true });
			expect(copy.pragma('journal_mode', { simple: true })).toBe('delete');
			copy.close();
			expect((await lookInto(join(place, 'copy.sqlite'))).acts).toBeGreaterThan(100);
			expect(readdirSync(place)).toEqual(['copy.sqlite']);
		} finally {
			chmodSync(place, 0o700);
		}
	});

	it('made while the clock was ahead is kept, and stops no other', async () => {
		const place = folder();
		const id = booksId(books.db);
		await backUp(books.db, place, now + days(400));
		expect(isDue(books.db, place, now)).toBe(true);
		await backUp(books.db, place, now);
		expect(isDue(books.db, place, now)).toBe(false);
		const { made, ahead } = byClock(backupsIn(place, id), now);
		expect([made.length, ahead.length]).toEqual([1, 1]);
		// A week of them thins out its own, and never those from the future.
		for (let day = 1; day < 10; day += 1) await backUp(books.db, place, now + days(day));
		expect(byClock(backupsIn(place, id), now + days(10)).ahead).toHaveLength(1);
	}, 60_000);

	it('waits for another: four at once are all made', async () => {
		const place = folder();
		const at_ms = [0, 1, 2, 3].map((second) => now + second * 1000);
		const made = await Promise.all(at_ms.map((moment) => backUp(books.db, place, moment)));
		expect(new Set(made.map(({ name }) => name)).size).toBe(4);
		expect(readdirSync(place).filter((name) => name.includes('unchecked'))).toEqual([]);
	});
});
