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
import { growGarden } from '../demo/garden';
import { checkQuench } from '../usecases/check-quench';
import { drainCharge } from '../usecases/drain-charge';
import { recordBurn } from '../usecases/record-burn';
import { startCharge } from '../usecases/start-charge';
import { testCharge } from '../usecases/test-charge';
import { benchOf } from './bench';
import { today, type Today } from './today';

const now = Date.UTC(2026, 10, 24, 12);
const codesOf = (lines: Today['ripe']) => lines.map(({ charge }) => charge.code);
const firesOf = (lines: Today['hot']) => lines.map(({ burn }) => burn.code);

describe('today in the demo garden', () => {
	let books: Books;
	let seen: Today;
	beforeAll(() => {
		books = emptyBooks();
		growGarden(books, now);
		seen = today(books, now);
	});

	it('has something wrong, something ripe, something due and something to plan with', () => {
		expect(firesOf(seen.hot)).toEqual(['F6']);
		expect(seen.ripe.length).toBeGreaterThan(0);
		expect(seen.wantTest.length).toBeGreaterThan(0);
		expect(seen.planned.length).toBeGreaterThan(0);
		expect(seen.ready.length).toBeGreaterThan(0);
		expect(seen.unread.length).toBeGreaterThan(0);
	});

	it('names each charge in stock once', () => {
		const { ripe, wantTest, failed, fading, curing } = seen;
		const named = [ripe, wantTest, failed, fading, curing].flatMap(codesOf);
		expect([...named].sort()).toEqual(
			books.batches
				.inStock()
				.map(({ code }) => code)
				.sort()
		);
	});

	it('puts on the bench what has a clock, hot fires first, then the soonest', () => {
		const bench = benchOf(seen, now);
		expect(bench[0]).toMatchObject({ does: 'check', code: 'F6', href: '/fires/F6' });
		const rest = bench.filter(({ does }) => does !== 'check').map(({ due_ms }) => due_ms);
		expect(rest).toEqual([...rest].sort((a, b) => a - b));
		expect(new Set(bench.map(({ does, code }) => does + code)).size).toBe(bench.length);
	});
});

describe('today as a batch goes on', () => {
	const at = (days: number) => start + days * day;

	it('calls a fire hot from its quench until a check has passed', () => {
		const books = yard();
		done(recordBurn(books, later, envelope(at(1)), burnInput));
		expect(firesOf(today(books, at(1) + hour).hot)).toEqual(['F1']);
		done(
			checkQuench(books, later, envelope(at(1) + 2 * hour), {
				burn: 'F1',
				places: [cold, cold, { probe: celsius(80) }],
				smoke: false,
				whiteSpots: false
			})
		);
		expect(firesOf(today(books, at(1) + 3 * hour).hot)).toEqual(['F1']);
		done(
			checkQuench(books, later, envelope(at(1) + 4 * hour), {
				burn: 'F1',
				places: [cold, cold, cold],
				smoke: false,
				whiteSpots: false
			})
		);
		const cold1 = today(books, at(1) + 5 * hour);
		expect(firesOf(cold1.hot)).toEqual([]);
		expect(firesOf(cold1.watch)).toEqual(['F1']);
		expect(cold1.rawLitres).toBeCloseTo(300, 6);
		// Nobody looked again: by the next day it counts as not proven once more.
		expect(firesOf(today(books, at(2) + 5 * hour).hot)).toEqual(['F1']);
		walkSeries(books, 'F1', at(2) + 5 * hour);
		const proven = today(books, at(4));
		expect([firesOf(proven.hot), firesOf(proven.watch)]).toEqual([[], []]);
		expect(firesOf(proven.cooling)).toEqual(['F1']);
	});

	it('moves a soak from curing to its test to ripe to fading, one list at a time', () => {
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
		const listOf = (days: number) => {
			const seen = today(books, at(days));
			return (['curing', 'wantTest', 'ripe', 'fading', 'failed'] as const).filter((list) =>
				codesOf(seen[list]).includes('C2')
			);
		};
		expect(listOf(12)).toEqual(['curing']);
		expect(listOf(15)).toEqual(['wantTest']);
		expect(
			benchOf(today(books, at(12)), at(12)).map(({ does, code }) => [does, code])
		).toContainEqual(['ripens', 'C2']);
		done(testCharge(books, later, envelope(at(15)), { code: 'C2', passed: true }));
		expect(listOf(16)).toEqual(['ripe']);
		expect(listOf(45)).toEqual(['fading']);
	});

	it('says of an empty place that nothing is there yet, and nothing is due', () => {
		const seen = today(emptyBooks(), start);
		expect(seen.has).toEqual({ stacks: false, vessels: false, beds: false, burns: false });
		expect(benchOf(seen, start)).toEqual([]);
		expect(seen.rawLitres).toBe(0);
	});
});
