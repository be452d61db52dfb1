import { openDiary } from '../demo/diary';
import { layBed } from '../demo/holding';
import { remark } from '../demo/small';
import { describe, expect, it } from 'vitest';
import { done, envelope, start, yard } from '../../../../tests/fixtures/garden';
import { reverseAct } from '../usecases/reverse-act';
import { tryOut } from '../send';
import type { Books } from '../db/books';
import {
	aboutSince,
	keepingOfThings,
	knownOfThings,
	remembering,
	rememberingAlways
} from './remember';

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

describe('what is known of things', () => {
	/** The yard with a second bed. */
	function twoBeds(): Books {
		const books = yard();
		layBed(openDiary(books, start), 1, 2);
		return books;
	}
	const about = (name: string, words: string, n: string) => (books: Books) =>
		done(remark(books, start, envelope(start, `remark-${n}`), { at: 'bed', name, words }));
	const wordsAt = (books: Books, id: number) =>
		books.findings.remarks(id).map(({ words }) => words);

	it('is read again for the thing that an act was about, and for no other', () => {
		const books = twoBeds();
		about('Mere 2', 'dry', 'one')(books);
		about('Row 1', 'green', 'two')(books);
		const [mere, weld] = ['Mere 2', 'Row 1'].map((name) => books.beds.maybeOne(name)!.id);
		const read: number[] = [];
		const ask = keepingOfThings<readonly string[]>(
			(of, ids) => new Map(ids.map((id) => [id, (read.push(id), wordsAt(of, id))])),
			() => []
		);
		expect(ask(books, [mere!, weld!])).toEqual([['dry'], ['green']]);
		about('Row 1', 'pale', 'three')(books);
		expect(ask(books, [mere!, weld!])).toEqual([['dry'], ['pale', 'green']]);
		expect(read).toEqual([mere, weld, weld]);
	});

	it('is that of before a try once the try is over, whatever was asked within it', () => {
		const books = twoBeds();
		const { id } = books.beds.maybeOne('Mere 2')!;
		const known = knownOfThings<readonly string[]>(aboutSince(), ['ingredient']);
		const ask = () => {
			const values = known(books);
			const words = values.get(id) ?? wordsAt(books, id);
			values.set(id, words);
			return words;
		};
		about('Mere 2', 'dry', 'one')(books);
		// Nothing was asked since the act before, and the first to ask is an act that has written.
		const within = tryOut(books, () => {
			about('Row 1', 'green', 'two')(books);
			const first = ask();
			about('Mere 2', 'wet', 'three')(books);
			return [first, ask()];
		});
		expect(within).toEqual([['dry'], ['wet', 'dry']]);
		expect(ask()).toEqual(['dry']);
		about('Mere 2', 'moist', 'four')(books);
		expect(ask()).toEqual(['moist', 'dry']);
	});
});
