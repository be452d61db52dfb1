import { gardenBooks } from '../../../../tests/fixtures/grown';
import { beforeAll, describe, expect, it } from 'vitest';
import {
	allCold,
	burnInput,
	cold,
	day,
	done,
	emptyBooks,
	envelope,
	hour,
	later,
	start,
	walkSeries,
	withRipeSoak,
	yard
} from '../../../../tests/fixtures/garden';
import { celsius } from '../../core/units';
import type { Books } from '../db/books';
import { checkQuench } from '../usecases/check-quench';
import { drainCharge } from '../usecases/drain-charge';
import { recordBurn } from '../usecases/record-burn';
import { startCharge } from '../usecases/start-charge';
import { testCharge } from '../usecases/test-charge';
import { countsOf, dutiesOf } from './duties';
import type { Duty, Stands } from './room';
import { ahead, benchOf } from './views';

const now = Date.UTC(2026, 10, 24, 12);
const codes = (duties: readonly Duty[], is: Stands) =>
	duties.flatMap((duty) => (duty.is === is ? [duty.code] : []));

describe('duties in the demo garden', () => {
	let books: Books;
	let seen: readonly Duty[];
	beforeAll(() => {
		books = gardenBooks();
		seen = dutiesOf(books, now);
	});

	it('have something wrong, something due, something ripe and something next, in that order', () => {
		expect(codes(seen, 'wrong')).toContain('F6');
		expect(codes(seen, 'due').length).toBeGreaterThan(0);
		expect(codes(seen, 'ripe').length).toBeGreaterThan(0);
		expect(codes(seen, 'next').length).toBeGreaterThan(0);
		// A fire that burns stands before all of them.
		const order = seen
			.filter(({ isNeverLeft }) => !isNeverLeft)
			.map(({ is }) => is)
			.filter((is, i, all) => all.indexOf(is) === i);
		const pressing = ['wrong', 'due', 'ripe', 'fading', 'watch', 'working', 'next'];
		expect(order).toEqual(pressing.filter((is) => order.includes(is as Stands)));
	});

	it('name each charge in stock once', () => {
		const charges = seen.map(({ code }) => code).filter((code) => code.startsWith('C'));
		const inStock = books.batches.inStock().map(({ code }) => code);
		expect([...charges].sort()).toEqual([...inStock].sort());
	});

	it('are counted along the path', () => {
		const counts = new Map(countsOf(books, now).map(({ href, n }) => [href, n]));
		expect(counts.get('/')).toBe(codes(seen, 'wrong').length);
		expect(counts.get('/charging')).toBe(
			codes(seen, 'ripe').filter((code) => code.startsWith('C')).length
		);
	});

	it('stand on the bench where they have a clock, what is wrong first, then the soonest', () => {
		const bench = benchOf(seen);
		expect(bench[0]).toMatchObject({ does: 'Check', code: 'F6', href: '/fires/F6' });
		const rest = bench.flatMap(({ pressing, due_ms }) => (pressing ? [] : [due_ms]));
		expect(rest).toEqual([...rest].sort((a, b) => a - b));
		expect(new Set(bench.map(({ does, code }) => does + code)).size).toBe(bench.length);
	});

	it('have a row in the coming weeks where they come to something, moments first', () => {
		const { rows, from_ms, to_ms } = ahead(seen, now);
		expect(to_ms - from_ms).toBe(28 * day);
		expect(rows[0]?.moments).toEqual([{ is: 'check due', at_ms: from_ms, pressing: true }]);
		expect(rows.every(({ window, moments }) => window || moments.length > 0)).toBe(true);
		const moments = rows.flatMap((row) => row.moments);
		expect(moments.every(({ at_ms }) => at_ms >= from_ms && at_ms <= to_ms)).toBe(true);
	});
});

describe('duties as a batch goes on', () => {
	const at = (days: number) => start + days * day;
	const being = (books: Books, moment: number, is: Stands, letter: string) =>
		codes(dutiesOf(books, moment), is).filter((code) => code.startsWith(letter));

	it('call a fire hot from its quench until a check has passed', () => {
		const books = yard();
		const is = (moment: number, stands: Stands) => being(books, moment, stands, 'F');
		const check = (moment: number, third: typeof cold | { probe: ReturnType<typeof celsius> }) =>
			done(
				checkQuench(books, later, envelope(moment), {
					burn: 'F1',
					places: [cold, cold, third],
					smoke: false,
					whiteSpots: false
				})
			);
		done(recordBurn(books, later, envelope(at(1)), burnInput));
		expect(is(at(1) + hour, 'wrong')).toEqual(['F1']);
		check(at(1) + 2 * hour, { probe: celsius(80) });
		expect(is(at(1) + 3 * hour, 'wrong')).toEqual(['F1']);
		check(at(1) + 4 * hour, cold);
		expect(is(at(1) + 5 * hour, 'wrong')).toEqual([]);
		expect(is(at(1) + 5 * hour, 'watch')).toEqual(['F1']);
		expect(dutiesOf(books, at(1) + 5 * hour).map(({ says }) => says)).toContain(
			'300 L of char: raw it takes from a bed instead of giving.'
		);
		// Nobody looked again: by the next day it counts as not proven once more.
		expect(is(at(2) + 5 * hour, 'wrong')).toEqual(['F1']);
		walkSeries(books, 'F1', at(2) + 5 * hour);
		expect([is(at(4), 'wrong'), is(at(4), 'watch')]).toEqual([[], []]);
		expect(is(at(4), 'working')).toEqual(['F1']);
	});

	it('move a soak from working to its test to ripe to fading, one at a time', () => {
		const books = yard();
		withRipeSoak(books);
		done(drainCharge(books, later, envelope(at(10.5)), { ...allCold, code: 'C1', places: [] }));
		done(
			startCharge(books, later, envelope(at(11)), {
				char: 'K2',
				part: 40,
				school: 'nitrogen-soak',
				partner: 'urine',
				ratio: 1,
				wantedN: 4,
				tub: 'Tub',
				temperature: celsius(20)
			})
		);
		const stands = (days: number) =>
			dutiesOf(books, at(days)).flatMap(({ code, is }) => (code === 'C2' ? [is] : []));
		expect(stands(12)).toEqual(['working']);
		// Unstirred for two days it wants stirring, until it may be used.
		expect(stands(13.5)).toEqual(['due']);
		expect(stands(15)).toEqual(['due']);
		expect(benchOf(dutiesOf(books, at(12))).map(({ does, code }) => [does, code])).toContainEqual([
			'Ripe by date:',
			'C2'
		]);
		done(testCharge(books, later, envelope(at(15)), { code: 'C2', passed: true }));
		expect(stands(16)).toEqual(['ripe']);
		expect(stands(45)).toEqual(['fading']);
	});

	it('say of an empty place what to measure first, and nothing is due', () => {
		const seen = dutiesOf(emptyBooks(), start);
		expect(new Set(seen.map(({ is }) => is))).toEqual(new Set(['next']));
		expect(benchOf(seen)).toEqual([]);
		expect(countsOf(emptyBooks(), start)).toEqual([]);
	});
});
