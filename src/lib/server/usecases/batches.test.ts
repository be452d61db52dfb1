import { tendBatch } from '../demo/small';
import { doneWith } from '../questions/found';
import { describe, expect, it } from 'vitest';
import { faultsOf } from '../../../../tests/fixtures/faults';
import {
	because,
	allCold,
	day,
	done,
	envelope,
	later,
	refused,
	soakInput,
	start,
	withCrushed,
	withRipeSoak,
	yard
} from '../../../../tests/fixtures/garden';
import { exactly, kilograms, litres, celsius, inLitres } from '../../core/units';
import type { Books } from '../db/books';
import { hadApart } from '../../core/beds';
import { analyseMaterial, stockUp } from './bring-in';
import { recountLot, takeAway } from './count-lot';
import { drainCharge } from './drain-charge';
import { holdLot } from './hold-lot';
import { putOnBed } from './put-on-bed';
import type { PutInput } from '../../input/beds';
import { dependentsOf, reverseAct } from './reverse-act';
import { joinBatches, splitBatch } from './split-batch';
import { spreadLot } from './spread-lot';
import { startCharge } from './start-charge';
import type { ChargeInput } from '../../input/charging';
import { moveBatch } from './move-batch';
import { testCharge } from './test-charge';
import { topUpBatch } from './top-up-batch';

const at = (days: number, id?: string) => envelope(start + days * day, id);
const mg = (books: Books, code: string) => books.ledger.lot(code).contents;

/** K2 crushed and proven, 400 L of compost (M1), 20 kg of ash (M2). */
function stocked(): Books {
	const books = yard();
	withCrushed(books);
	done(
		stockUp(books, later, at(2), {
			material: 'finished-compost',
			name: '',
			measure: { litres: litres(400) }
		})
	);
	done(
		stockUp(books, later, at(2), {
			material: 'hardwood-ash',
			name: 'stove ash',
			measure: { kg: kilograms(20) }
		})
	);
	return books;
}

const restInput: ChargeInput = {
	char: 'K2',
	part: 60,
	school: 'compost-rest',
	partner: 'finished-compost',
	partnerLot: 'M1',
	ratio: 1,
	wantedN: 5,
	temperature: celsius(15)
};
const rest = (books: Books, change: Partial<ChargeInput> = {}, days = 3, id?: string) =>
	startCharge(books, later, at(days, id), { ...restInput, ...change });
const put = (
	books: Books,
	change: Partial<PutInput>,
	days = 4,
	id?: string,
	reason = 'the pH is known'
) =>
	putOnBed(books, later, because(reason, at(days, id)), {
		bed: 'Mere 2',
		lot: 'M2',
		part: 1,
		way: 'scratched-in',
		...change
	});

describe('what is in stock', () => {
	it('is brought in once and shared by batches and beds, each with its part of what it brings', () => {
		const books = stocked();
		const brought = mg(books, 'M1');
		done(rest(books));
		done(rest(books, { part: 40 }, 4));
		done(put(books, { lot: 'M1', part: 100 }, 5));
		expect(books.ledger.lot('M1').volume_ul).toBe(200_000_000);
		const inBatches = (mg(books, 'C1').nitrogen ?? 0) + (mg(books, 'C2').nitrogen ?? 0);
		expect(inBatches).toBeCloseTo((brought.nitrogen ?? 0) / 4, -1);
		expect(mg(books, 'M1').nitrogen).toBeCloseTo((brought.nitrogen ?? 0) / 2, -1);
		expect(faultsOf(books)).toEqual([]);
	});

	it('goes by the grower’s own measure from then on, and keeps what was known before', () => {
		const books = stocked();
		const before = books.stock.maybeOne('M1')!;
		done(
			analyseMaterial(books, later, at(3), {
				material: 'finished-compost',
				measured: { density: exactly(0.56) }
			})
		);
		done(
			stockUp(books, later, at(4), {
				material: 'finished-compost',
				name: '',
				measure: { litres: litres(10) }
			})
		);
		expect(books.stock.maybeOne('M3')?.composition.density).toMatchObject({
			value: 0.56,
			origin: 'own'
		});
		expect(books.stock.maybeOne('M1')).toEqual(before);
		expect(books.ledger.lot('M3').mass_mg).toBe(5_600_000);
	});

	it('is recounted, held, lost and disposed of as any lot is', () => {
		const books = stocked();
		done(recountLot(books, later, at(3), { code: 'M1', found: litres(380), reason: 'settled' }));
		done(
			takeAway(books, later, at(4), { code: 'M1', part: 30, how: 'give-away', reason: 'a friend' })
		);
		done(holdLot(books, later, at(5), { code: 'M1', held: true, reason: 'sprayed hay' }));
		expect(refused(rest(books, {}, 6))).toEqual(['held']);
		expect(refused(put(books, { lot: 'M1' }, 6))).toEqual(['held']);
		expect(
			refused(takeAway(books, later, at(6), { code: 'M1', part: 1, how: 'lose', reason: 'x' }))
		).toEqual(['held']);
		done(takeAway(books, later, at(7), { code: 'M1', part: 'all', how: 'dispose', reason: 'tip' }));
		expect(books.ledger.lot('M1')).toMatchObject({ volume_ul: 0, mass_mg: 0, contents: {} });
		expect(faultsOf(books)).toEqual([]);
	});
});

describe('a batch', () => {
	it('keeps what really went in beside what was asked for', () => {
		const books = stocked();
		done(rest(books, { really: { partner: { litres: litres(75) }, water: litres(9) } }));
		const batch = books.batches.maybeOne('C1')!;
		expect(
			batch.ingredients.map(({ material, volume_ul, planned_ul }) => [
				material,
				volume_ul,
				planned_ul
			])
		).toEqual([
			['char', 60_000_000, null],
			['finished-compost', 75_000_000, 60_000_000],
			['rain-water', 9_000_000, expect.any(Number)]
		]);
		expect(books.ledger.lot('M1').volume_ul).toBe(325_000_000);
		// More compost, less of it is char: 60 of 135 L that settle.
		expect(batch.charShare.value).toBeCloseTo(60_000_000 / batch.volume_ul, 4);
		done(
			rest(
				books,
				{ part: 20, partnerLot: undefined, really: { partner: { kg: kilograms(11) } } },
				4
			)
		);
		expect(books.ledger.lot('M3').volume_ul).toBe(0);
		const brought = books.ledger.ofLot(books.ledger.lot('M3').id);
		expect(brought.map(({ mass_mg }) => mass_mg)).toEqual([11_000_000, 11_000_000]);
	});

	it('is topped up: its test lapses, its char share falls, what was taken later rests on it', () => {
		const books = stocked();
		done(rest(books));
		done(testCharge(books, later, at(20), { code: 'C1', passed: true }));
		const before = books.batches.maybeOne('C1')!;
		done(
			topUpBatch(books, later, at(21, 'topping-up'), { code: 'C1', add: { from: 'M1', part: 20 } })
		);
		const after = books.batches.maybeOne('C1')!;
		expect(books.tests.of(after.lotId)).toEqual([]);
		expect(after.volume_ul).toBe(before.volume_ul + 20_000_000);
		expect(after.charShare.value).toBeCloseTo(
			(before.charShare.value * before.volume_ul) / after.volume_ul,
			9
		);
		expect(after.mineralN.value).toBeGreaterThan(before.mineralN.value);
		expect(after.char_g).toBe(before.char_g);
		done(
			spreadLot(books, later, because('not tested again', at(22, 'spread-after')), {
				bed: 'Mere 2',
				lot: 'C1',
				ask: { by: 'rate', form: 'L/m2', amount: 1 }
			})
		);
		expect(dependentsOf(books, 'topping-up').map(({ id }) => id)).toEqual(['spread-after']);
		// Written late, a topping up before that spreading would change what it carried.
		expect(
			refused(topUpBatch(books, later, at(21.5), { code: 'C1', add: { from: 'M1', part: 5 } }))
		).toEqual(['changes-later']);
		expect(faultsOf(books)).toEqual([]);
	});

	it('takes more char only from a proven fire, weighed into its share', () => {
		const books = stocked();
		done(rest(books));
		done(topUpBatch(books, later, at(4), { code: 'C1', add: { from: 'K2', part: 30 } }));
		const { charShare, volume_ul, char_g } = books.batches.maybeOne('C1')!;
		expect(inLitres(charShare.value * volume_ul)).toBeCloseTo(90, 3);
		expect(char_g).toBeCloseTo((48_000 * 90) / 195, 1);
		expect(
			refused(topUpBatch(books, later, at(5), { code: 'C1', add: { from: 'C1', part: 1 } }))
		).toEqual(['same-lot']);
		expect(
			refused(topUpBatch(books, later, at(5), { code: 'K2', add: { from: 'M1', part: 1 } }))
		).toEqual(['no-batch']);
	});

	it('is stirred, turned and moved, and a vessel holds one at a time', () => {
		const books = yard();
		withCrushed(books);
		done(startCharge(books, later, at(3), soakInput));
		done(rest({ ...books }, { partnerLot: undefined, part: 30 }));
		done(tendBatch(books, later, at(4), { code: 'C2', how: 'turned' }));
		expect(refused(moveBatch(books, later, at(5), { code: 'C2', vessel: 'Tub' }))).toEqual([
			'tub-busy'
		]);
		done(
			drainCharge(books, later, at(6), { code: 'C1', places: [], smoke: false, whiteSpots: false })
		);
		done(moveBatch(books, later, at(7), { code: 'C2', vessel: 'Tub' }));
		expect(refused(startCharge(books, later, at(8), { ...soakInput, part: 20 }))).toEqual([
			'tub-busy'
		]);
		done(moveBatch(books, later, at(9), { code: 'C2' }));
		expect(doneWith(books.findings, books.ledger.lot('C2').id).map(({ fact }) => fact)).toEqual([
			'moved',
			'moved',
			'turned'
		]);
		done(startCharge(books, later, at(10), { ...soakInput, part: 20 }));
	});

	it('lets what its char does not hold run off when it is drained, by name', () => {
		const books = yard();
		withRipeSoak(books);
		const before = mg(books, 'C1');
		done(drainCharge(books, later, at(11, 'drained-it'), { code: 'C1', ...allCold }));
		const after = mg(books, 'C1');
		expect(after.char).toBe(before.char);
		expect(after.nitrogen).toBeLessThan(before.nitrogen ?? 0);
		const gone = books.ledger.ofAct('drained-it').find(({ account }) => account === 'drained');
		expect(gone?.contents.nitrogen).toBe((before.nitrogen ?? 0) - (after.nitrogen ?? 0));
		expect(faultsOf(books)).toEqual([]);
	});

	it('is split: a part goes on with the same clock and test; joined again the later date holds', () => {
		const books = stocked();
		done(rest(books));
		done(testCharge(books, later, at(20), { code: 'C1', passed: true }));
		done(splitBatch(books, later, at(21), { code: 'C1', part: { share: 0.25 } }));
		const [whole, part] = [books.batches.maybeOne('C1')!, books.batches.maybeOne('C2')!];
		expect(part.volume_ul * 3).toBeCloseTo(whole.volume_ul, -1);
		expect(part.startedAt_ms).toBe(whole.startedAt_ms);
		expect(part.charShare).toEqual(whole.charShare);
		expect(books.tests.of(part.lotId)).toHaveLength(1);
		done(rest(books, { part: 30 }, 22));
		done(joinBatches(books, later, at(23), { code: 'C2', into: 'C3', part: 'all' }));
		const joined = books.batches.maybeOne('C3')!;
		expect(joined.startedAt_ms).toBe(start + 22 * day);
		expect(books.ledger.lot('C2').volume_ul).toBe(0);
		expect(inLitres(joined.charShare.value * joined.volume_ul)).toBeCloseTo(45, 2);
		expect(joined.ingredients.at(-1)).toMatchObject({ material: 'batch', fromCode: 'C2' });
		done(startCharge(books, later, at(24), soakInput));
		expect(
			refused(joinBatches(books, later, at(25), { code: 'C4', into: 'C3', part: 'all' }))
		).toEqual(['other-school']);
		expect(refused(splitBatch(books, later, at(25), { code: 'C3', part: 'all' }))).toEqual([
			'split-all'
		]);
		expect(faultsOf(books)).toEqual([]);
	});
});

describe('a bed', () => {
	it('is told apart by char, ash and compost, and what came with them', () => {
		const books = stocked();
		done(rest(books));
		done(testCharge(books, later, at(20), { code: 'C1', passed: true }));
		done(put(books, { lot: 'M2', part: 1 }, 21));
		done(put(books, { lot: 'M1', part: 50 }, 22));
		done(
			spreadLot(books, later, because('all in one go', at(23)), {
				bed: 'Mere 2',
				lot: 'C1',
				ask: { by: 'rate', form: 'L/m2', amount: 2 }
			})
		);
		const bed = books.beds.maybeOne('Mere 2')!;
		const had = new Map(
			hadApart(books.applications.had(bed.id), bed.ground).map((one) => [one.of, one])
		);
		// Five litres of ash are no char: 16 L of char went on, and its share is of those alone.
		expect(bed.char_l).toBeCloseTo(16, 9);
		expect(bed.share).toBeCloseTo(16 / 1200, 9);
		expect(bed.char.low).toBeLessThan(16);
		expect(had.get('char')!.kg).toBeCloseTo((48 * 16) / 195, 3);
		const ash = Math.sqrt(0.4 * 0.7) * (1 - 0.025);
		expect(had.get('ash')!.kg).toBeCloseTo(ash, 3);
		expect(had.get('lime')!.kg).toBeCloseTo(ash * Math.sqrt(0.3 * 0.6), 3);
		expect(had.get('other')!.kg).toBeGreaterThan(12);
		expect(had.get('ash')!.perM2).toBeCloseTo((ash * 1000) / 8, 1);
		expect(faultsOf(books)).toEqual([]);
	});

	it('past the year’s cap of ash, or under acid lovers, wants a reason', () => {
		const books = stocked();
		done(put(books, { part: 1 }, 10));
		expect(refused(put(books, { part: 1 }, 11, undefined, ''))).toEqual(['ash-cap']);
		done(put(books, { part: 1 }, 11, undefined, 'the test said so'));
		// A year on there is room again.
		done(put(books, { part: 1 }, 10 + 370));
	});

	it('loses what was put on by mistake, and nothing else', () => {
		const books = stocked();
		done(put(books, { part: 1 }, 10, 'put-ash-on'));
		done(
			reverseAct(books, later, at(12), { actId: 'put-ash-on', withDependents: false, backTo: '/' })
		);
		const bed = books.beds.maybeOne('Mere 2')!;
		expect(books.applications.had(bed.id)).toEqual({});
		expect(faultsOf(books)).toEqual([]);
	});
});
