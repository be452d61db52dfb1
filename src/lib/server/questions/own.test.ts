import { describe, expect, it } from 'vitest';
import {
	because,
	burnInput,
	day,
	done,
	envelope,
	later,
	start,
	yard
} from '../../../../tests/fixtures/garden';
import { kgDry, litres } from '../../core/units';
import type { Books } from '../db/books';
import { recordBurn } from '../usecases/record-burn';
import type { BurnInput } from '../../input/burns';
import { reverseAct } from '../usecases/reverse-act';
import { ownResults, threeMeasures, usualDensity } from './own';

const burn = (
	books: Books,
	on: number,
	change: Partial<BurnInput> = {},
	actId?: string,
	reason = ''
) =>
	done(
		recordBurn(books, later, because(reason, envelope(start + on * day, actId)), {
			...burnInput,
			...change
		})
	);
const part = (amount: number) => [{ code: 'S1', litres: amount }];

describe('own results', () => {
	it('are none before the first fire: the published density stands in, and says so', () => {
		const books = yard();
		expect(ownResults(books, 'open-kiln')).toEqual({
			yields: [],
			yieldsOfLoads: [],
			waterPerLitre: []
		});
		expect(usualDensity(books, 'light-hardwood').from[0]?.origin).toBe('default');
	});

	it('are those of the same way alone, with water where it was measured', () => {
		const books = yard();
		burn(books, 1, {
			loads: part(900),
			measured: { by: 'litres', litres: litres(230) },
			water_l: 460
		});
		const own = ownResults(books, 'open-kiln');
		expect(own.yields).toHaveLength(1);
		expect(own.yields[0]?.value).toBeGreaterThan(0.1);
		expect(own.yields[0]?.high).toBeGreaterThan(own.yields[0]!.value * 1.1);
		expect(own.waterPerLitre).toEqual([2]);
		expect(ownResults(books, 'trench').yields).toEqual([]);
	});

	it('leave out a fire that can’t be, and one that was taken back', () => {
		const books = yard();
		burn(
			books,
			1,
			{ loads: part(600), measured: { by: 'litres', litres: litres(150) } },
			'a-good-burn'
		);
		burn(
			books,
			2,
			{ loads: part(300), measured: { by: 'litres', litres: litres(8) } },
			undefined,
			'it rained into it'
		);
		const before = ownResults(books, 'open-kiln').yields.length;
		done(
			reverseAct(books, later, envelope(start + 3 * day), {
				actId: 'a-good-burn',
				withDependents: true,
				backTo: '/'
			})
		);
		expect(ownResults(books, 'open-kiln').yields.length).toBe(before - 1);
	});

	it('replace the published density once a measure was weighed', () => {
		const books = yard();
		burn(books, 1, { sample: { litres: litres(10), kg: kgDry(1.5) } });
		const own = usualDensity(books, 'light-hardwood');
		expect(own.value).toBeCloseTo(0.15, 2);
		expect(own.from.some(({ origin }) => origin === 'own' || origin === 'measured')).toBe(true);
		expect(usualDensity(books, 'softwood').from[0]?.origin).toBe('default');
	});
});

describe('the three measures of a fire', () => {
	it('keep a sample and the weight of all of it as two measures, and can name an odd one', () => {
		const books = yard();
		burn(books, 1, {
			loads: part(900),
			measured: { by: 'litres', litres: litres(230) },
			sample: { litres: litres(10), kg: kgDry(1.6) },
			charWeighed: kgDry(36)
		});
		const agreed = threeMeasures(books, books.burns.maybeOne('F1')!);
		expect(agreed).toMatchObject({ verdict: 'agree', closure: expect.closeTo(36 / 36.8, 6) });
		expect(agreed?.readings.every(({ derived }) => !derived)).toBe(true);
		// The sample was weighed with its water in it: 0.4 kg/L where all of it comes to 0.16.
		burn(books, 2, {
			loads: part(900),
			measured: { by: 'litres', litres: litres(230) },
			sample: { litres: litres(10), kg: kgDry(4) },
			charWeighed: kgDry(36)
		});
		const odd = threeMeasures(books, books.burns.maybeOne('F2')!);
		expect(odd).toMatchObject({ verdict: 'odd', odd: 'density' });
		expect(odd?.closure).toBeCloseTo(0.391, 3);
	});

	it('judge a fire by the others: its own sample and yield are no grounds', () => {
		const books = yard();
		burn(books, 1, { sample: { litres: litres(10), kg: kgDry(1.5) } });
		const [yieldOf, , density] = threeMeasures(books, books.burns.maybeOne('F1')!)!.readings;
		expect(density?.expected.from[0]?.origin).toBe('default');
		expect(yieldOf?.expected.from).toHaveLength(2);
		burn(books, 2, { loads: part(300), measured: { by: 'litres', litres: litres(75) } });
		const [second, , densityOf] = threeMeasures(books, books.burns.maybeOne('F2')!)!.readings;
		expect(densityOf?.expected.from[0]?.origin).toBe('own');
		expect(second?.expected.from).toHaveLength(3);
	});

	it('carry the source of what is expected of each', () => {
		const books = yard();
		burn(books, 1);
		const check = threeMeasures(books, books.burns.maybeOne('F1')!)!;
		expect(check.readings.map(({ name }) => name)).toEqual([
			'mass-yield',
			'volume-yield',
			'density'
		]);
		for (const { expected } of check.readings) {
			expect(expected.from.length).toBeGreaterThan(0);
			expect(expected.low).toBeLessThanOrEqual(expected.high);
		}
	});
});
