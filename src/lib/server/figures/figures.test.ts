import { gardenBooks } from '../../../../tests/fixtures/grown';
import { beforeAll, describe, expect, it } from 'vitest';
import { cureStages } from '$lib/core/charging';
import { figurePath } from '$lib/format/paths';
import type { Books } from '$lib/server/db/books';
import { chargeLines } from '$lib/server/questions/charging';
import { figuresOf } from '.';
import { rules } from './rules';

const now_ms = Date.UTC(2026, 10, 24, 12);
const day = 86_400_000;
let books: Books;

beforeAll(() => {
	books = gardenBooks();
});

const ask = (of: keyof typeof figuresOf, name: string, figure: string) =>
	figuresOf[of](books, name, figure, { now_ms, timeZone: 'UTC' });

describe('a slip looked up', () => {
	it('is the share that stands in the row of a bed', () => {
		for (const bed of books.beds.all())
			expect(ask('bed', bed.name, 'share')?.figure.value).toBeCloseTo(bed.share, 9);
	});

	it('is what any lot holds, out of its acts', () => {
		for (const { code } of books.db.prepare<[], { code: string }>('SELECT code FROM lot').all()) {
			const { figure, href } = ask('lot', code, 'litres')!;
			const sum = figure.from.reduce((total, { value }) => total + value, 0);
			expect(sum, code).toBeCloseTo(figure.value, 6);
			expect(href).toBe(`/ledger/lot/${code}`);
		}
	});

	it('is the days of a charge to each stage that its window has', () => {
		for (const { charge, window } of chargeLines(books, now_ms))
			for (const stage of cureStages) {
				const at = window[`${stage}_ms`];
				const told = ask('lot', charge.code, stage)?.figure.value;
				if (at === null) expect(told).toBeUndefined();
				else expect(told).toBeCloseTo((at - charge.startedAt_ms) / day, 6);
			}
	});

	it('is a share of char, and raw char is all char', () => {
		expect(ask('lot', 'C4', 'share')?.figure.value).toBe(
			books.batches.maybeOne('C4')?.charShare.value
		);
		expect(ask('lot', 'K10', 'share')?.figure.value).toBe(1);
		expect(ask('lot', 'S1', 'share')).toBeUndefined();
	});

	it('is every limit, with its source and the page where it is at work', () => {
		for (const [room, named] of Object.entries(rules))
			for (const [figure, rule] of named) {
				const told = ask('rule', room, figure)!;
				expect(told.label).toBe(rule.label);
				expect(told.figure.from[0]?.source.length, rule.label).toBeGreaterThan(10);
				expect(told.href).toMatch(/^\/\w+/);
			}
		expect(rules.yield?.size).toBe(6);
	});

	it.each([
		['bed', '__proto__', 'share'],
		['bed', 'Mere 2', '__proto__'],
		['bed', 'Mere 2', 'carry:30:C4'],
		['lot', 'constructor', 'litres'],
		['lot', 'C4', 'nope'],
		['lot', 'S99', 'litres'],
		['rule', '__proto__', 'toString'],
		['rule', 'wood', 'constructor']
	] as const)('of %s %s, %s is none', (of, name, figure) =>
		expect(ask(of, name, figure)).toBeUndefined()
	);

	it('has an address of its own, whatever a bed is called', () => {
		expect(figurePath('bed', 'By the wall / no. 2', 'share')).toBe(
			'/figure/bed/By%20the%20wall%20%2F%20no.%202/share'
		);
	});
});
