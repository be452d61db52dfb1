import { beforeEach, describe, expect, it } from 'vitest';
import { day, done, envelope, start, withRipeSoak, yard } from '../../../../tests/fixtures/garden';
import { asks, keyOf } from '../../core/cautions';
import type { Reading } from '../../input/form';
import type { Books } from '../db/books';
import { reverseWhole } from '../usecases/reverse-round';
import { linesOf, mostLines, previewLines, writeLines } from './lines';
import { writeLine } from './log';

let books: Books;
const reading: Reading = { timeZone: 'UTC', person: 'Bram', now_ms: start + 20 * day };
const pasted = linesOf(
	'20 L C1 > Mere 2\n\n  900 L C1 > Mere 2\r\nnote Mere 2 dry\n30 L C1 > Mere 2; dry'
);

beforeEach(() => {
	books = yard();
	withRipeSoak(books);
});
/** Looked at and then written. */
const writeSeen = () =>
	writeLines(
		books,
		reading,
		pasted,
		'a-paste-of-lines',
		undefined,
		previewLines(books, reading, pasted).map(({ reading: read }) =>
			read.status === 'understood' ? asks(read.cautions).map(keyOf) : []
		)
	);
const left_l = () => books.ledger.lot('C1').volume_ul / 1e6;

describe('several lines pasted', () => {
	it('are previewed each after those before it, and leave the books as they were', () => {
		const read = previewLines(books, reading, pasted);
		expect(read.map(({ reading: { status } }) => status)).toEqual([
			'understood',
			'trouble',
			'understood',
			'understood'
		]);
		expect(JSON.stringify(read[3])).toContain('keeps 10 L');
		expect(left_l()).toBe(60);
	});

	it('are written together, one act each, and the wrong ones come back as they were typed', () => {
		const { written, wrong } = writeSeen();
		expect(written).toBe(3);
		expect(wrong).toMatchObject([{ line: '900 L C1 > Mere 2', issues: [{ code: 'short' }] }]);
		expect(left_l()).toBe(10);
		expect(books.acts.ofRound('a-paste-of-lines').length).toBe(3);
	});

	it('sent twice, together or one by one, are the same acts', () => {
		writeSeen();
		expect(writeSeen().written).toBe(3);
		done(writeLine(books, reading, pasted[0]!, 'a-paste-of-lines.1'));
		expect(left_l()).toBe(10);
	});

	it('are undone as the round they are', () => {
		writeSeen();
		done(
			reverseWhole(books, reading.now_ms, envelope(reading.now_ms), {
				actId: 'a-paste-of-lines',
				withDependents: false,
				backTo: '/log'
			})
		);
		expect(left_l()).toBe(60);
	});

	it('are a page of a notebook at most', () => {
		const many = Array.from({ length: mostLines + 1 }, () => 'note Mere 2 dry');
		expect(writeLines(books, reading, many, 'a-paste-too-long').written).toBe(0);
	});
});
