import { beforeAll, describe, expect, it } from 'vitest';
import { faultsOf } from '../../../../tests/fixtures/faults';
import { wholeText } from '../../../../tests/fixtures/text';
import { emptyBooks } from '../../../../tests/fixtures/garden';
import { lotKinds } from '../../core/kinds';
import type { Books } from '../db/books';
import { sheetOf } from '../keeping/sheets';
import { rooms } from '../rooms';
import { growCrowd } from './crowd';
import { growHolding } from './holding';

const now = Date.UTC(2026, 10, 24, 12);

describe('a holding of many years', () => {
	let one: Books;
	beforeAll(() => {
		one = emptyBooks();
		growHolding(one, now, 1);
	}, 120_000);

	it('is the same from the same seed, closes, and works as long as it says', () => {
		const count = (books: Books) =>
			books.db
				.prepare<[], { n: number; first: number; g: number }>(
					'SELECT count(*) AS n, min(happened_at_ms) AS first, (SELECT sum(amount_mg) FROM content) AS g FROM movement'
				)
				.get();
		const two = emptyBooks();
		growHolding(two, now, 1);
		expect(count(one)).toEqual(count(two));
		expect(one.burns.count()).toBeGreaterThan(200);
		expect(count(one)?.n).toBeGreaterThan(2000);
		expect(now - (count(one)?.first ?? now)).toBeGreaterThan(365 * 86_400_000);
		expect(faultsOf(one)).toEqual([]);
	}, 120_000);

	it.each(rooms.map((room) => [room.id, room] as const))(
		'has work in it of every sheet of the room of %s',
		async (_, { sheets = {} }) => {
			for (const name of Object.keys(sheets))
				expect(await rowsOf(one, name), name).toBeGreaterThan(0);
		}
	);
});

/** Rows of a sheet below its head. */
const rowsOf = async (books: Books, name: string) =>
	(await wholeText(sheetOf(books.db, name, 'UTC'))).trimEnd().split('\n').length - 1;

describe('a crowd', () => {
	it('has so many of each kind, all of them open', () => {
		const many = 12;
		const books = emptyBooks();
		growCrowd(books, now, many);
		const inStock = (kind: string) =>
			books.db
				.prepare<[string], number>(
					'SELECT count(*) FROM lot l JOIN balance b ON b.lot_id = l.id WHERE l.kind = ? AND b.volume_ul > 0'
				)
				.pluck()
				.get(kind);
		for (const { id } of lotKinds) expect(inStock(id), id).toBeGreaterThanOrEqual(many);
		expect(books.burns.openIds(now).length).toBeGreaterThanOrEqual(many);
		expect(books.programmes.standing()).toHaveLength(many);
		expect(books.vessels.all().length).toBeGreaterThanOrEqual(many);
		expect(books.beds.names().length).toBeGreaterThanOrEqual(many);
	}, 120_000);
});
