import { wholeText } from '../../../../tests/fixtures/text';
import { beforeEach, describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/fixtures/brewing';
import {
	day,
	done,
	envelope,
	later,
	refused,
	start,
	withRipeSoak,
	yard
} from '../../../../tests/fixtures/garden';
import { writeSeen } from '../../../../tests/fixtures/lines';
import type { SmallInput } from '../../input/small';
import type { Books } from '../db/books';
import { sheetOf } from '../keeping/sheets';
import { previewLine, writeLine } from '../line/log';
import { doSmall } from './small-act';
import { reverseAct } from './reverse-act';

let books: Books;
beforeEach(() => {
	books = yard();
	withRipeSoak(books);
});
const reading = (now_ms: number) => ({
	measures: [],
	timeZone: 'UTC',
	person: 'Oda',
	now_ms,
	system: 'metric' as const
});
const small = (input: Partial<SmallInput> & Pick<SmallInput, 'verb'>, d = 20, id?: string) =>
	doSmall(books, later, envelope(start + d * day, id), {
		of: 'bed',
		name: 'Mere 2',
		found: {},
		...input
	});

describe('a small act', () => {
	it('writes one finding, is told in the books and on its sheet, and is undone like any', async () => {
		done(small({ verb: 'read-ph', found: { ph: 6.4 }, way: 'slurry' }, 20, 'read-a-ph-of-it'));
		const bed = books.beds.maybeOne('Mere 2')!;
		const [found] = books.findings.of(bed.id, 'ph');
		expect(found).toMatchObject({ found: { ph: 6.4 }, way: 'slurry', firstDay: '2026-03-21' });
		expect(await wholeText(sheetOf(books.db, 'soil-ph', 'UTC'))).toMatch(/Mere 2.*6\.4.*slurry/);
		done(
			reverseAct(books, later, envelope(later), {
				actId: 'read-a-ph-of-it',
				withDependents: false,
				backTo: '/'
			})
		);
		expect(books.findings.of(bed.id, 'ph').filter(({ way }) => way === 'slurry')).toEqual([]);
	});

	it('is refused on what it is not done with, on what is not there, and before it was', () => {
		expect(refused(small({ verb: 'turn' }))).toEqual(['not-done-with-it']);
		expect(refused(small({ verb: 'read-ph', name: 'Nowhere', found: { ph: 6 } }))).toEqual([
			'unknown-bed'
		]);
		expect(refused(small({ verb: 'muck-out', of: 'lot', name: 'C1' }))).toEqual(['no-bedding']);
		expect(refused(small({ verb: 'turn', of: 'lot', name: 'C1' }, 1))).toEqual(['before-lot']);
	});

	it('is a line of the log where it declares one', () => {
		tub(books, 'Pail', 0.3, 0.4);
		const now = start + 60 * day;
		for (const line of ['dampen C1', 'turn c1', 'ph Mere 2 6.2 strip', 'ph mere 2: 6,1']) {
			const sent = writeLine(books, reading(now), line, `a-line-of-length-${String(line.length)}`);
			expect(sent.status, line).toBe('done');
		}
		expect(books.beds.maybeOne('Mere 2')?.ph).toBeGreaterThan(6);
		expect(JSON.stringify(previewLine(books, reading(now), 'ph Mere 2'))).toContain('line-small');
	});

	describe('with a reading', () => {
		const warm = (temperature_c: number, d: number, sure?: readonly string[]) =>
			doSmall(
				books,
				later,
				{ ...envelope(start + d * day), ...(sure ? { sure } : {}) },
				{ verb: 'read-temperature', of: 'lot', name: 'C1', found: { temperature_c } }
			);

		it('that no such thing can have, is told what it can', () => {
			expect(warm(140, 20)).toMatchObject({
				issues: [{ code: 'out-of-range-temperature', facts: { low: -20, high: 90 } }]
			});
			const now = start + 60 * day;
			for (const line of ['temp C1 140', 'temp F1 9000'])
				expect(previewLine(books, reading(now), line).reading, line).toMatchObject({
					issues: [{ code: 'out-of-range-temperature' }]
				});
		});

		it('far from the last, is asked back; by its code or with a reason it is taken', () => {
			done(warm(15, 20));
			expect(warm(68, 21)).toMatchObject({ issues: [{ field: 'sure-far-temperature' }] });
			expect(refused(warm(68, 21, ['far-reading']))).toEqual(['far-temperature']);
			done(warm(68, 21, ['far-temperature']));
			const now = start + 60 * day;
			expect(writeLine(books, reading(now), 'temp C1 12', 'a-cold-line-1').status).toBe('refused');
			done(writeSeen(books, reading(now), 'temp C1 12; frost went through', 'a-cold-line-2'));
			expect(books.acts.maybeOne('a-cold-line-2')?.note).toBe('frost went through');
		});
	});
});
