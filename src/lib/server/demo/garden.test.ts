import { describe, expect, it } from 'vitest';
import { faultsOf } from '../../../../tests/fixtures/faults';
import { emptyBooks } from '../../../../tests/fixtures/garden';
import { dutiesOf } from '../rooms/duties';
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
		const duties = dutiesOf(books, now);
		const being = (is: string, path: string) =>
			duties.filter((duty) => duty.is === is && duty.href.startsWith(path)).length;
		expect(being('wrong', '/fires')).toBe(1);
		expect(being('ripe', '/charging')).toBeGreaterThan(0);
		expect(being('due', '/charging')).toBe(1);
		expect(being('working', '/charging')).toBe(1);
		expect(duties.filter(({ state }) => state === 'planned').length).toBe(1);
		expect(books.burnResults.newest(99).length).toBe(37);
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
