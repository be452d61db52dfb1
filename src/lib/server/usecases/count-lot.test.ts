import { describe, expect, it } from 'vitest';
import {
	burnInput,
	day,
	done,
	envelope,
	later,
	refused,
	start,
	withRipeSoak,
	yard
} from '../../../../tests/fixtures/garden';
import { litres } from '../../core/units';
import type { Books } from '../db/books';
import { recountLot, takeAway } from './count-lot';
import { holdLot } from './hold-lot';
import { recordBurn } from './record-burn';
import { reverseAct } from './reverse-act';
import { spreadLot } from './spread-lot';

const soaked = (): Books => {
	const books = yard();
	withRipeSoak(books);
	return books;
};
const recount = (books: Books, found: number, at = start + 12 * day, id?: string) =>
	recountLot(books, later, envelope(at, id), {
		code: 'C1',
		found: litres(found),
		reason: 'dipped again'
	});
const dispose = (books: Books, code: string, part: number | 'all') =>
	takeAway(books, later, envelope(start + 13 * day), {
		code,
		part,
		how: 'dispose',
		reason: 'to the tip'
	});
const account = (books: Books, name: string) =>
	books.db
		.prepare<{ name: string }, { ul: number; g: number }>(
			`SELECT coalesce(sum(m.volume_ul), 0) AS ul,
				coalesce(sum((SELECT sum(c.amount_mg) FROM content c WHERE c.movement_id = m.id AND c.substance IN ('wood', 'char', 'ash', 'other'))), 0) / 1000.0 AS g
			 FROM movement m WHERE m.account = @name`
		)
		.get({ name });

describe('a recount', () => {
	it('brings the books to the tub, up or down, with the difference kept by name', () => {
		const books = soaked();
		const before = books.ledger.lot('C1');
		done(recount(books, 54));
		expect(books.ledger.lot('C1').volume_ul).toBe(54_000_000);
		expect(books.ledger.lot('C1').dry_g).toBeCloseTo(before.dry_g * 0.9, 2);
		expect(account(books, 'counted')).toEqual({
			ul: 6_000_000,
			g: expect.closeTo(before.dry_g - books.ledger.lot('C1').dry_g, 2)
		});
		done(recount(books, 60, start + 13 * day));
		expect(books.ledger.lot('C1').volume_ul).toBe(60_000_000);
	});

	it('says what was there at its moment, not what is there now', () => {
		const books = soaked();
		done(
			spreadLot(books, later, envelope(start + 12 * day), {
				bed: 'Mere 2',
				lot: 'C1',
				ask: { by: 'rate', form: 'L/m2', amount: 2.5 }
			})
		);
		// Before the spread there were 55 L, not 60: 35 L stay after it.
		done(recount(books, 55, start + 11 * day));
		expect(books.ledger.lot('C1').volume_ul).toBe(35_000_000);
		// Only 15 L before a spread of 20 L cannot have been.
		expect(refused(recount(books, 15, start + 11.5 * day))).toEqual(['recount-below']);
	});

	it('of nothing new, or of an empty lot, is refused in words', () => {
		const books = soaked();
		expect(refused(recount(books, 60))).toEqual(['recount-same']);
		done(recount(books, 0));
		expect(refused(recount(books, 5, start + 13 * day))).toEqual(['recount-empty']);
	});

	it('is undone by its reversal', () => {
		const books = soaked();
		const before = books.ledger.lot('C1');
		done(recount(books, 41, undefined, 'recount-to-undo'));
		done(
			reverseAct(books, later, envelope(start + 14 * day), {
				actId: 'recount-to-undo',
				withDependents: false,
				backTo: '/'
			})
		);
		expect(books.ledger.lot('C1')).toEqual(before);
	});
});

describe('disposal', () => {
	it('is the one way on for a quarantined lot and what was made of it', () => {
		const books = soaked();
		done(
			holdLot(books, later, envelope(start + 12 * day), {
				code: 'S1',
				held: true,
				reason: 'paint found'
			})
		);
		expect(refused(recount(books, 50))).toEqual(['held']);
		done(dispose(books, 'C1', 20));
		expect(books.ledger.lot('C1').volume_ul).toBe(40_000_000);
		done(dispose(books, 'C1', 'all'));
		expect(books.ledger.lot('C1')).toMatchObject({ volume_ul: 0, dry_g: 0 });
		expect(account(books, 'disposed')?.ul).toBe(60_000_000);
	});

	it('of more than there is, is refused', () => {
		expect(refused(dispose(soaked(), 'C1', 61))).toEqual(['short']);
	});
});

describe('what is lost or given away', () => {
	it('leaves the yard under its own name', () => {
		const books = soaked();
		for (const [how, name] of [
			['lose', 'lost'],
			['give-away', 'given-away']
		] as const) {
			done(
				takeAway(books, later, envelope(start + 13 * day), {
					code: 'C1',
					part: 20,
					how,
					reason: 'over the lane'
				})
			);
			expect(account(books, name)?.ul).toBe(20_000_000);
		}
		expect(books.ledger.lot('C1').volume_ul).toBe(20_000_000);
	});

	it('is never a quarantined lot, nor given away before its fire is proven out', () => {
		const books = yard();
		done(recordBurn(books, later, envelope(start + day), burnInput));
		const take = (code: string, how: 'lose' | 'give-away') =>
			takeAway(books, later, envelope(start + 2 * day), { code, part: 10, how, reason: 'asked' });
		expect(refused(take('K1', 'give-away'))).toEqual(['not-proven']);
		done(take('K1', 'lose'));
		done(
			holdLot(books, later, envelope(start + 2 * day), { code: 'K1', held: true, reason: 'paint' })
		);
		expect(refused(take('K1', 'lose'))).toEqual(['held']);
	});
});
