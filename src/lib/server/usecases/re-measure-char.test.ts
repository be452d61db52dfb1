import { describe, expect, it } from 'vitest';
import {
	burnInput,
	day,
	done,
	envelope,
	later,
	refused,
	start,
	withCrushed,
	yard
} from '../../../../tests/fixtures/garden';
import { kgDry, litres, inLitres } from '../../core/units';
import type { Books } from '../db/books';
import { threeMeasures, usualDensity } from '../questions/own';
import { takeAway } from './count-lot';
import { reMeasureChar } from './re-measure-char';
import { recordBurn } from './record-burn';
import { reverseAct } from './reverse-act';

const sample = (books: Books, kg: number, at = start + 5 * day, id?: string) =>
	reMeasureChar(books, later, envelope(at, id), {
		code: 'K2',
		litres: litres(10),
		kg: kgDry(kg)
	});
const give = (books: Books, part: number, at = start + 6 * day) =>
	takeAway(books, later, envelope(at), { code: 'K2', part, how: 'lose', reason: 'to Ines' });
const crushed = () => {
	const books = yard();
	withCrushed(books);
	return books;
};

describe('a later sample of a char lot', () => {
	it('weighs what is left anew, the difference named', () => {
		const books = crushed();
		done(sample(books, 3));
		const lot = books.ledger.lot('K2');
		expect(lot.dry_g).toBeCloseTo(inLitres(lot.volume_ul) * 300, 3);
		const sum = books.db
			.prepare<[], { g: number }>(
				`SELECT sum(iif(m.direction = 'in', c.amount_mg, -c.amount_mg)) / 1000.0 AS g FROM movement m
				 JOIN content c ON c.movement_id = m.id WHERE m.account = 're-measured'`
			)
			.get();
		expect(sum?.g).toBeCloseTo(48_000 - lot.dry_g, 3);
		expect(books.char.maybeOne('K2')?.density).toMatchObject({ value: 0.3 });
	});

	it('leaves what was moved on before it at its old weight', () => {
		const books = crushed();
		done(give(books, 100, start + 4 * day));
		const gone = 48_000 - books.ledger.lot('K2').dry_g;
		done(sample(books, 3));
		expect(books.ledger.lot('K2').dry_g).toBeCloseTo(95 * 300, 3);
		expect(gone).toBeCloseTo((48_000 * 100) / 195, 2);
	});

	it('is undone with what was taken by it since', () => {
		const books = crushed();
		const before = books.ledger.lot('K2');
		done(sample(books, 3, undefined, 'sample-to-undo'));
		done(give(books, 60));
		const undo = (withDependents: boolean) =>
			reverseAct(books, later, envelope(start + 7 * day), {
				actId: 'sample-to-undo',
				withDependents,
				backTo: '/'
			});
		expect(refused(undo(false))).toEqual(['rests-on-it']);
		done(undo(true));
		expect(books.ledger.lot('K2')).toEqual(before);
	});

	it('no char can weigh is refused', () => {
		expect(refused(sample(crushed(), 20))).toEqual(['odd-density']);
	});
});

describe('own numbers', () => {
	it('replace the published density of a wood once a sample was weighed', () => {
		const books = yard();
		expect(usualDensity(books, 'light-hardwood').from[0]?.origin).toBe('default');
		done(recordBurn(books, later, envelope(start + day), burnInput));
		const own = usualDensity(books, 'light-hardwood');
		expect(own.value).toBeCloseTo(0.16, 12);
		expect(own.from[0]?.origin).toBe('own');
	});

	it('check a burn three ways, and find the char weighed with its water', () => {
		const books = yard();
		const path = done(
			recordBurn(books, later, envelope(start + day), {
				...burnInput,
				charWeighed: kgDry(48),
				sample: undefined
			})
		);
		const burn = books.burns.maybeOne(path.split('/').at(-1) ?? '');
		const check = burn && threeMeasures(books, burn);
		expect(check?.readings.map((reading) => reading.name)).toContain('density');
		expect(check?.readings.find((r) => r.name === 'mass-yield')?.derived).toBe(false);
	});
});
