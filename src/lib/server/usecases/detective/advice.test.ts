import { beforeEach, describe, expect, it } from 'vitest';
import {
	because,
	day,
	done,
	emptyBooks,
	envelope,
	refused,
	start,
	withRipeSoak,
	yard
} from '../../../../../tests/fixtures/garden';
import { faultsOf } from '../../../../../tests/fixtures/faults';
import { litres } from '../../../core/units';
import type { KeepAdviceInput } from '../../../input/advice';
import { keepAdviceSchema } from '../../../input/advice';
import type { Books } from '../../db/books';
import { readHeard } from '../../questions/advice';
import { ownResults } from '../../questions/own-results';
import { reverseAct } from '../reverse-act';
import { spreadLot } from '../spread-lot';
import { judgeAdvice, keepAdvice } from './keep-advice';

const now = start + 30 * day;
let books: Books;
beforeEach(() => {
	books = yard();
});
const input: KeepAdviceInput = {
	text: 'a cup and a half of char to the foot',
	who: 'a neighbour',
	ground: 'hearsay',
	bed: 'Mere 2',
	taken: 0
};
const keep = (more: Partial<KeepAdviceInput> = {}, act = envelope(now)) =>
	keepAdvice(books, now, act, { ...input, ...more });
const read = (text: string, more: Partial<Parameters<typeof readHeard>[1]> = {}) =>
	readHeard(books, { text, bed: 'Mere 2', ...more }, now);

describe('an advice', () => {
	it('is kept as it was taken, with who says so and on what ground', () => {
		done(keep());
		const [kept] = books.advices.all();
		expect(kept).toMatchObject({
			...{ name: 'Heard 1', who: 'a neighbour', ground: 'hearsay', stuff: 'char' }
		});
		expect(kept!.perM2!.value).toBeCloseTo(3.82, 2);
		expect(ownResults(books)).toMatchObject([{ kind: 'hearsay', href: '/advice' }]);
		expect(faultsOf(books)).toEqual([]);
	});

	it('taken another way is another rate', () => {
		done(keep({ taken: 1 }));
		expect(books.advices.all()[0]!.perM2!.value).toBeCloseTo(4.04, 2);
	});

	it('that names nothing is refused, a rule without an amount is kept', () => {
		expect(refused(keep({ text: 'feed it well' }))).toEqual(['nothing-heard']);
		done(keep({ text: 'never lime where you char' }));
		expect(books.advices.all()[0]!.perM2).toBeUndefined();
	});

	it('is judged by what came of it, and can be taken back', () => {
		const made = envelope(now);
		done(keep({}, made));
		const judge = (name: string) =>
			judgeAdvice(books, now, envelope(now), { name, helped: 'no', words: 'nothing' });
		expect(refused(judge('Heard 9'))).toEqual(['no-advice']);
		done(judge('Heard 1'));
		const id = books.advices.all()[0]!.id;
		expect(books.findings.of(id, 'advice-judged')[0]?.found).toMatchObject({ helped: 'no' });
		done(
			reverseAct(books, now, envelope(now), {
				...{ actId: made.actId, withDependents: true, backTo: '/' }
			})
		);
		expect(books.advices.all()).toEqual([]);
		done(keep());
		expect(books.advices.all()[0]!.name).toBe('Heard 2');
	});

	it('stands beside the bed that has had the most', () => {
		withRipeSoak(books);
		const at = start + 12 * day;
		done(
			spreadLot(books, at, because('asked', envelope(at)), {
				...{ bed: 'Mere 2', lot: 'C1', ask: { by: 'carried', litres: litres(24) } }
			})
		);
		const { beside, here } = read('10 L/m2 of char');
		expect(beside).toMatchObject({ name: 'Mere 2' });
		expect(beside!.times).toBeGreaterThan(2);
		expect(here.lot).toBe('C1');
	});

	it('of sixty grams of ash and a whole pH unit says that no such amount can', () => {
		const told = read('60 g of ash to the square metre lifts the pH by a whole unit');
		expect(told.faults.map(({ is }) => is)).toEqual(['no-amount-does']);
	});

	it('is asked what it leaves open: each season adds up where once does not', () => {
		const text = 'a barrow of char to the bed';
		const faults = (often?: 'once' | 'each-season') =>
			read(text, { often }).faults.map(({ is }) => is);
		expect(faults('once')).toEqual([]);
		expect(faults('each-season')).toEqual(['adds-up']);
	});

	it('is read in an empty garden, for ten square metres', () => {
		const told = readHeard(emptyBooks(), { text: '5 % char in the top 15 cm', bed: '' }, now);
		expect(told.readings[0]!.onBed.value).toBeCloseTo(75, 6);
		expect(told.here.lot).toBeUndefined();
		expect(told.beside).toBeUndefined();
	});
});

describe('what the form of an advice says', () => {
	it('a way that is none is the first; a ground must be one', () => {
		const values = { heard: 'a cup', who: '', forBed: '', ground: 'hearsay' };
		expect(keepAdviceSchema().parse({ ...values, taken: 'x' }).taken).toBe(0);
		expect(keepAdviceSchema().safeParse({ ...values, taken: '0', ground: 'gut' }).success).toBe(
			false
		);
		expect(keepAdviceSchema().safeParse({ ...values, taken: '0', heard: ' ' }).success).toBe(false);
	});
});
