import { beforeEach, describe, expect, it } from 'vitest';
import { done, envelope, start, yard } from '../../../../tests/fixtures/garden';
import { rememberingAlways } from '../questions/remember';
import { nameThing } from '../usecases/naming';
import type { Books } from './books';

let books: Books;
let seriesId: number;
beforeEach(() => {
	books = yard();
	done(
		nameThing(books, start, envelope(start), {
			kind: 'device',
			name: 'probe',
			reads: 'temperature'
		})
	);
	const { id } = books.things.maybeOne('device', 'probe')!;
	seriesId = books.series.insert({ thingId: id, quantity: 'temperature', unit: '°C' });
	for (let i = 0; i < 6; i += 1) books.series.add({ seriesId, at_ms: start + i, value: 20 + i });
});
const values = () => books.series.between(seriesId, start, start + 10).map(({ value }) => value);

describe('a series', () => {
	it('is added to, and thinned only where a thinning was told', () => {
		expect(values()).toEqual([20, 21, 22, 23, 24, 25]);
		const gone = (at_ms: number) =>
			books.db.prepare('DELETE FROM sample WHERE at_ms = ?').run(at_ms);
		expect(() => gone(start + 1)).toThrow(/thinned only where/);
		expect(() => books.db.exec('UPDATE sample SET value = 0')).toThrow(/append-only/);
		const span = {
			seriesId,
			from_ms: start,
			to_ms: start + 3,
			rule: 'every third',
			at_ms: start + 9
		};
		books.series.thin(span, [start + 1, start + 2]);
		expect(values()).toEqual([20, 23, 24, 25]);
		// All of it or nothing: what lies outside the span is kept, and no thinning is told of it.
		expect(() => books.series.thin(span, [start + 3, start + 5])).toThrow(/thinned only where/);
		expect(values()).toEqual([20, 23, 24, 25]);
		expect(books.series.of(books.things.maybeOne('device', 'probe')!.id)).toHaveLength(1);
	});

	it('is part of what is remembered: a sample more, and the answer is asked anew', () => {
		let asked = 0;
		const ask = rememberingAlways(() => (asked += 1));
		expect([ask(books), ask(books)]).toEqual([1, 1]);
		books.series.add({ seriesId, at_ms: start + 7, value: 30 });
		expect(ask(books)).toBe(2);
		books.series.thin(
			{ seriesId, from_ms: start, to_ms: start + 8, rule: 'all but the last', at_ms: start },
			[start]
		);
		expect(ask(books)).toBe(3);
	});

	it('lies outside the digests of acts', () => expect(books.digests.firstBreak()).toBeUndefined());
});
