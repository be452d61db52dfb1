import { beforeEach, describe, expect, it } from 'vitest';
import { faultsOf } from '../../../../tests/fixtures/faults';
import {
	day,
	done,
	envelope,
	later,
	refused,
	start,
	yard
} from '../../../../tests/fixtures/garden';
import { brings, type MaterialId, type Measured } from '../../core/materials';
import { exactly, litres } from '../../core/units';
import type { Books } from '../db/books';
import { analyseLot } from './analyse-lot';
import { stockUp } from './bring-in';
import { putOnBed } from './put-on-bed';
import { reverseAct } from './reverse-act';

let books: Books;
beforeEach(() => {
	books = yard();
});
const at = (d: number) => start + d * day;
const stock = (material: MaterialId, volume: number, charTold?: number) =>
	done(
		stockUp(books, later, envelope(at(1)), {
			...{ material, name: '', measure: { litres: litres(volume) } },
			...(charTold ? { charTold } : {})
		})
	).slice('/stock/'.length);
const analyse = (code: string, measured: Measured, d = 2, actId?: string) =>
	analyseLot(books, later, envelope(at(d), actId), { code, measured });
const lot = (code: string) => books.stock.maybeOne(code)!;

describe('an analysis of one lot', () => {
	it('stands over what is usual, in the books and in what it brings from then on', () => {
		const [code, other] = [stock('finished-compost', 100), stock('finished-compost', 100)];
		const before = lot(code).contents;
		done(analyse(code, { nitrogen: exactly(21), potassium: exactly(9) }));
		const { composition, contents, volume_ul, mass_mg } = lot(code);
		expect(composition.nitrogen).toMatchObject({ value: 21, origin: 'own' });
		expect(composition.nitrogen.source).toMatch(/measured by Oda on 2026-03-03/);
		const says = brings(composition, { litres: litres(volume_ul / 1e6) });
		expect(contents.nitrogen! / 1000).toBeCloseTo(says.nitrogen.value, 2);
		expect(contents.potassium! / 1000).toBeCloseTo(says.potassium.value, 2);
		expect(contents.phosphorus).toBe(before.phosphorus);
		expect(contents.other).toBe(before.other);
		expect(mass_mg).toBe(lot(other).mass_mg);
		expect(lot(other).composition.nitrogen.origin).toBe('default');
		expect(faultsOf(books)).toEqual([]);
	});

	it('of water leaves the char in it, and what went on a bed before', () => {
		const code = stock('stable-manure', 100, 0.1);
		const { char } = lot(code).contents;
		done(
			putOnBed(books, later, envelope(at(2)), {
				...{ bed: 'Mere 2', lot: code, part: litres(10), way: 'under-mulch' }
			})
		);
		const onBed = books.beds.maybeOne('Mere 2')!.char_l;
		expect(onBed).toBeGreaterThan(0.9);
		done(analyse(code, { water: exactly(0.6), density: exactly(0.5) }, 3));
		const now = lot(code);
		expect(now.contents.char).toBeCloseTo(char! * 0.9, -1);
		const dry = (now.contents.other! + now.contents.char!) / now.mass_mg;
		expect(dry).toBeCloseTo(0.4, 4);
		expect(now.mass_mg / now.volume_ul).toBeCloseTo(0.5, 4);
		expect(books.beds.maybeOne('Mere 2')!.char_l).toBe(onBed);
		expect(faultsOf(books)).toEqual([]);
	});

	it('takes the place of the one before where it says the same, and is taken back whole', () => {
		const code = stock('hardwood-ash', 20);
		const before = lot(code);
		done(analyse(code, { lime: exactly(0.4), potassium: exactly(60) }, 2));
		const between = lot(code);
		done(analyse(code, { lime: exactly(0.5) }, 3, 'second-analysis'));
		expect(lot(code).composition.lime.value).toBe(0.5);
		expect(lot(code).composition.potassium.value).toBe(60);
		expect(lot(code).contents.lime! / between.contents.lime!).toBeCloseTo(1.25, 4);
		done(
			reverseAct(books, later, envelope(at(4)), {
				actId: 'second-analysis',
				withDependents: false,
				backTo: '/'
			})
		);
		expect(lot(code)).toEqual(between);
		expect(between.contents).not.toEqual(before.contents);
		expect(faultsOf(books)).toEqual([]);
	});

	it('is refused of nothing, of what is used up, and of what is no stock', () => {
		const code = stock('finished-compost', 10);
		expect(refused(analyse(code, {}))).toEqual(['nothing']);
		expect(refused(analyse('S1', { nitrogen: exactly(1) }))).toEqual(['not-stock']);
		expect(refused(analyse('M99', { nitrogen: exactly(1) }))).toEqual(['unknown-lot']);
		done(
			putOnBed(books, later, envelope(at(2)), {
				...{ bed: 'Mere 2', lot: code, part: 'all', way: 'under-mulch' }
			})
		);
		expect(refused(analyse(code, { nitrogen: exactly(1) }, 3))).toEqual(['recount-empty']);
	});
});
