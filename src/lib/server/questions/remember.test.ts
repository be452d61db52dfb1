import { remark } from '../demo/small';
import { describe, expect, it } from 'vitest';
import { done, envelope, start, yard } from '../../../../tests/fixtures/garden';
import { reverseAct } from '../usecases/reverse-act';
import { tryOut } from '../send';
import { remembering, rememberingAlways } from './remember';

describe('a remembered answer', () => {
	it('is given again until something is written, something is reversed, or a minute has passed', () => {
		const books = yard();
		let asked = 0;
		const ask = remembering(() => (asked += 1));
		const at = start + 3_600_000;
		expect([ask(books, at), ask(books, at + 1000)]).toEqual([1, 1]);
		done(
			remark(books, at, envelope(at, 'remark-to-undo'), { at: 'bed', name: 'Mere 2', words: 'dry' })
		);
		expect(ask(books, at)).toBe(2);
		done(
			reverseAct(books, at, envelope(at), {
				actId: 'remark-to-undo',
				withDependents: false,
				backTo: '/'
			})
		);
		expect([ask(books, at), ask(books, at)]).toEqual([3, 3]);
		expect(ask(books, at + 60_000)).toBe(4);
	});

	it('is never that of an act only tried out, whose number the next one gets', () => {
		const books = yard();
		const ask = remembering((asked) =>
			asked.findings.remarks(asked.beds.maybeOne('Mere 2')!.id).map(({ words }) => words)
		);
		const write = (words: string) =>
			done(remark(books, start, envelope(start), { at: 'bed', name: 'Mere 2', words }));
		const tried = tryOut(books, () => {
			write('only tried');
			return ask(books, start);
		});
		expect(tried).toEqual(['only tried']);
		write('truly seen');
		expect(ask(books, start)).toEqual(['truly seen']);
	});

	it('is of one book alone', () => {
		const ask = remembering((books) => books.acts.count());
		const [one, two] = [yard(), yard()];
		done(remark(two, start, envelope(start), { at: 'bed', name: 'Mere 2', words: 'dry' }));
		expect(ask(two, start)).toBe(ask(one, start) + 1);
	});
});

describe('an answer remembered under what it was asked about', () => {
	it('is told apart by it, and forgotten with all others once something is written', () => {
		const books = yard();
		let asked = 0;
		const ask = remembering(
			(_books, _now, way: string, n: number) => `${way} ${n} ${(asked += 1)}`
		);
		expect(ask(books, start, 'kiln', 1)).toBe('kiln 1 1');
		expect(ask(books, start, 'pit', 1)).toBe('pit 1 2');
		expect(ask(books, start, 'kiln', 11)).toBe('kiln 11 3');
		expect(ask(books, start, 'kiln', 1)).toBe('kiln 1 1');
		done(remark(books, start, envelope(start), { at: 'bed', name: 'Mere 2', words: 'dry' }));
		expect(ask(books, start, 'kiln', 1)).toBe('kiln 1 4');
	});

	it('may be nothing, and is then not asked again', () => {
		const books = yard();
		let asked = 0;
		const ask = rememberingAlways((): undefined => void (asked += 1));
		expect([ask(books), ask(books)]).toEqual([undefined, undefined]);
		expect(asked).toBe(1);
	});

	it('does not grow without end', () => {
		const books = yard();
		let asked = 0;
		const ask = rememberingAlways((_books, n: number) => n + 0 * (asked += 1));
		for (let n = 0; n < 500; n += 1) ask(books, n);
		ask(books, 499);
		expect(asked).toBe(500);
		ask(books, 0);
		expect(asked).toBe(501);
	});

	it('holds over minutes where the clock has no say', () => {
		const books = yard();
		let asked = 0;
		const ask = rememberingAlways(() => (asked += 1));
		expect([ask(books), ask(books)]).toEqual([1, 1]);
	});
});
