import { describe, expect, it } from 'vitest';
import { faultsOf } from '../../../../tests/fixtures/faults';
import { emptyBooks } from '../../../../tests/fixtures/garden';
import { today } from '../questions/today';
import { growGarden } from './garden';

const noon = Date.UTC(2026, 10, 24, 12);

describe('the demo garden', () => {
	it.each([
		['at noon', noon],
		['a minute past midnight', Date.UTC(2026, 10, 24, 0, 1)],
		['on a leap day', Date.UTC(2028, 1, 29, 23)]
	])('has something ripe, due and wrong %s', (_, now) => {
		const books = emptyBooks();
		growGarden(books, now);
		const seen = today(books, now);
		expect(seen.hot.length).toBe(1);
		expect(seen.ripe.length).toBeGreaterThan(0);
		expect(seen.wantTest.length).toBe(1);
		expect(seen.curing.length).toBe(1);
		expect(seen.planned.length).toBe(1);
		expect(books.burnResults.newest(99).length).toBe(30);
	});

	it('closes its mass balance, act by act', () => {
		const books = emptyBooks();
		growGarden(books, noon);
		expect(faultsOf(books)).toEqual([]);
		expect(books.beds.all().filter((bed) => bed.char_l > 0).length).toBeGreaterThan(5);
	});

	it('is written once: books that hold anything are left alone', () => {
		const books = emptyBooks();
		growGarden(books, noon);
		const before = books.acts.recent(1000).length;
		growGarden(books, noon);
		expect(books.acts.recent(1000).length).toBe(before);
	});
});
