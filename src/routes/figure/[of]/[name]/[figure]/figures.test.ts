import { beforeAll, describe, expect, it } from 'vitest';
import { emptyBooks } from '../../../../../../tests/fixtures/garden';
import { figurePath } from '$lib/format/paths';
import type { Books } from '$lib/server/db/books';
import { growGarden } from '$lib/server/demo/garden';
import { burnLines } from '$lib/server/questions/fires';
import { standingAt } from '$lib/server/questions/standing';
import { stackLines } from '$lib/server/questions/woodyard';
import { figuresOf } from './figures.server';

const now_ms = Date.UTC(2026, 10, 24, 12);
const moment = { now_ms, timeZone: 'UTC' };
let books: Books;

beforeAll(() => {
	books = emptyBooks();
	growGarden(books, now_ms);
});

const ask = (of: keyof typeof figuresOf, name: string, figure: string) =>
	figuresOf[of](books, name, figure, moment);

describe('a figure told by itself', () => {
	it('is the one that stands in the row of a stack', () => {
		for (const { stack, left, reading } of stackLines(books)) {
			const { value, low, high } = ask('stack', stack.code, 'dry')!.figure;
			for (const [here, row] of [
				[value, left.value],
				[low, left.low],
				[high, left.high]
			] as const)
				expect(here).toBeCloseTo(row, 9);
			expect(ask('stack', stack.code, 'water')?.figure.value).toBe(reading?.state.mean);
		}
	});

	it('is the one that stands in the row of a fire', () => {
		const lines = burnLines(books, books.burns.latest(99), standingAt(books, now_ms));
		expect(lines.length).toBeGreaterThan(20);
		for (const { burn, outcome } of lines) {
			expect(ask('fire', burn.code, 'char')?.figure.value).toBe(burn.record?.charLitres);
			const told = ask('fire', burn.code, 'yield')?.figure.value;
			if (outcome) expect(told).toBeCloseTo(outcome.massYield, 3);
			else expect(told).toBeUndefined();
			expect(ask('fire', burn.code, 'expected')?.figure.value).toBe(
				burn.plan?.figures.charLitres[1]
			);
		}
	});

	it('is the one that stands in the row of a bed', () => {
		for (const bed of books.beds.all())
			expect(ask('bed', bed.name, 'share')?.figure.value).toBeCloseTo(bed.share, 9);
	});

	it('is none where the amount asked about is no dose of any bed', () => {
		for (const litres of ['900000', '1e9', '-3', 'NaN', '0'])
			for (const figure of ['carry', 'char', 'after', 'left'])
				expect(ask('bed', 'Mere 2', `${figure}:${litres}:C4`)).toBeUndefined();
		expect(ask('bed', 'Mere 2', 'carry:30:C4')?.figure.value).toBeCloseTo(30, 9);
	});

	it('is what a vessel holds, and what each spreading put on its bed', () => {
		for (const vessel of books.vessels.all()) {
			const { figure } = ask('vessel', vessel.name, 'capacity')!;
			expect(figure.value).toBe(vessel.capacity_l);
			expect(figure.from.length).toBeGreaterThanOrEqual(4);
		}
		for (const bed of books.beds.all())
			for (const spread of books.beds.applications(bed.id, 99).filter(({ char_l }) => char_l > 0)) {
				const char = ask('spread', spread.actId, 'char')!;
				const product = char.figure.from.reduce((all, { value }) => all * value, 1);
				expect(product).toBeCloseTo(spread.char_l, 9);
				expect([char.of, char.href]).toEqual([bed.name, `/beds/${encodeURIComponent(bed.name)}`]);
				expect(ask('spread', spread.actId, 'kg')?.figure.value).toBeCloseTo(spread.char_kg, 9);
			}
	});

	it('is what any lot holds, out of its acts', () => {
		for (const { code } of books.db.prepare<[], { code: string }>('SELECT code FROM lot').all()) {
			const { figure, href } = ask('lot', code, 'litres')!;
			const sum = figure.from.reduce((total, { value }) => total + value, 0);
			expect(sum, code).toBeCloseTo(figure.value, 6);
			expect(href).toBe(`/ledger/lot/${code}`);
		}
	});

	it('says where each of its inputs comes from', () => {
		for (const { figure } of [
			ask('stack', 'S2', 'dry')!,
			ask('fire', 'F6', 'yield')!,
			ask('bed', 'Mere 2', 'target')!
		]) {
			expect(figure.formula).not.toBe('');
			expect(figure.from.length).toBeGreaterThan(0);
			for (const input of figure.from) expect(input.source).not.toBe('');
		}
	});

	it.each([
		['stack', 'S99', 'dry'],
		['stack', 'S2', '__proto__'],
		['fire', 'F6', 'toString'],
		['bed', '__proto__', 'share'],
		['lot', 'constructor', 'litres'],
		['lot', 'C4', 'nope']
	] as const)('of %s %s, %s is none', (of, name, figure) =>
		expect(ask(of, name, figure)).toBeUndefined()
	);

	it('has an address of its own, whatever a bed is called', () => {
		expect(figurePath('bed', 'By the wall / no. 2', 'share')).toBe(
			'/figure/bed/By%20the%20wall%20%2F%20no.%202/share'
		);
	});
});
