import { gardenBooks } from '../../../../tests/fixtures/grown';
import { ways } from '../../core/fires';
import { beforeAll, describe, expect, it } from 'vitest';
import { envelope } from '../../../../tests/fixtures/garden';
import { takeAway } from '../usecases/count-lot';
import { tryOut } from '../send';
import { outcomeOf } from '../questions/own';
import type { Books } from './books';

const now = Date.UTC(2026, 10, 24, 12);
let books: Books;

beforeAll(() => {
	books = gardenBooks();
});

describe('search', () => {
	const codes = (word: string, most = 40) => books.search.like(word, most).map(({ code }) => code);

	it('finds a thing by its whole code or name, however it is written', () => {
		expect(books.search.exact('c4').map(({ kind, code }) => [kind, code])).toEqual([
			['charge', 'C4']
		]);
		expect(books.search.exact('mere 2').map(({ kind }) => kind)).toEqual(['bed']);
		expect(books.search.exact('f6').map(({ kind }) => kind)).toEqual(['burn']);
		expect(books.search.exact('mere')).toEqual([]);
	});

	it('lists what begins with it, what is in stock before what is used up', () => {
		const hits = books.search.like('S', 400);
		expect(hits.length).toBeGreaterThan(20);
		const lots = hits.filter(({ kind }) => kind === 'stack');
		const firstGone = lots.findIndex(({ volume_ul }) => volume_ul === 0);
		expect(firstGone).toBeGreaterThan(0);
		expect(lots.slice(firstGone).every(({ volume_ul }) => volume_ul === 0)).toBe(true);
		expect(new Set(lots.map(({ code }) => code)).size).toBe(lots.length);
	});

	it('finds parts of names of beds and lots', () => {
		expect(codes('mere')).toEqual(expect.arrayContaining(['Mere 1', 'Mere 2']));
		expect(books.search.like('alder', 40).some(({ kind }) => kind === 'stack')).toBe(true);
	});

	it('takes signs as they stand, and never more than asked for', () => {
		expect(codes('%')).toEqual([]);
		expect(codes('_')).toEqual([]);
		expect(codes("'; DROP TABLE lot; --")).toEqual([]);
		expect(codes('a', 5)).toHaveLength(5);
	});
});

describe('stacks used up lately', () => {
	it('are in the order in which they were used, not in that of their codes', () => {
		const spent = books.woodyard.usedUp(99);
		const lastTaken = (lotId: number) =>
			Math.max(
				...books.ledger
					.ofLot(lotId)
					.filter(({ volume_ul }) => volume_ul < 0)
					.map(({ happenedAt_ms }) => happenedAt_ms)
			);
		const times = spent.map(({ lotId }) => lastTaken(lotId));
		expect(times).toEqual([...times].sort((a, b) => b - a));
		expect(spent.every(({ volume_ul }) => volume_ul === 0)).toBe(true);
		expect(new Set(spent.map(({ code }) => code)).size).toBe(spent.length);
		expect(books.woodyard.usedUp(3)).toEqual(spent.slice(0, 3));
	});

	it('begin with the one that was just given away', () => {
		const [first] = tryOut(books, () => {
			takeAway(books, now, envelope(now), {
				code: 'S5',
				part: 'all',
				how: 'give-away',
				reason: 'to Bram'
			});
			return books.woodyard.usedUp(1);
		});
		expect(first?.code).toBe('S5');
	});
});

describe('what fires gave', () => {
	it('is the same told shortly as told whole', () => {
		const whole = new Map(books.burns.latest(99).map((burn) => [burn.code, burn.record]));
		const results = books.burnResults.newest(99);
		expect(results.length).toBe(
			[...whole.values()].filter((record) => record && record.woodFrom !== 'reckoned').length
		);
		for (const { code, ...result } of results) {
			const record = whole.get(code)!;
			expect(record).toMatchObject(result);
			expect(outcomeOf(result)).toEqual(outcomeOf(record));
		}
	});

	it('is asked of one way alone, newest first', () => {
		const kiln = books.burnResults.newest(99, 'open-kiln');
		const each = ways.map(({ id }) => books.burnResults.newest(99, id).length);
		expect(each.reduce((sum, n) => sum + n, 0)).toBe(books.burnResults.newest(99).length);
		const when = kiln.map(({ code }) => books.burns.maybeOne(code)!.record!.quenchedAt_ms);
		expect(when).toEqual([...when].sort((a, b) => b - a));
	});

	it('is quenched at one moment, by whichever question', () => {
		for (const { id, record } of books.burns.latest(99))
			expect(books.burns.quenchedAt(id)).toBe(record?.quenchedAt_ms);
	});
});

describe('spreads of a bed', () => {
	it('come in pages that are all of them', () => {
		for (const bed of books.beds.all()) {
			const all = books.applications.ofBed(bed.id, 999);
			expect(all).toHaveLength(books.applications.count(bed.id));
			expect([
				...books.applications.ofBed(bed.id, 2),
				...books.applications.ofBed(bed.id, 997, 2)
			]).toEqual(all);
			// A part has its share of what went on its whole besides.
			if (bed.within) continue;
			expect(bed.char_l).toBeCloseTo(
				all.reduce((sum, { char_l }) => sum + char_l, 0),
				1
			);
		}
	});
});
