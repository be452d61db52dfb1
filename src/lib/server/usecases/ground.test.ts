import { beforeEach, describe, expect, it } from 'vitest';
import {
	day,
	done,
	envelope,
	later,
	refused,
	start,
	yard
} from '../../../../tests/fixtures/garden';
import { writeSeen } from '../../../../tests/fixtures/lines';
import { kilograms, litres } from '../../core/units';
import type { Books } from '../db/books';
import { accountsSheet } from '../keeping/accounts-sheet';
import { accountsOn } from '../questions/accounts';
import { bedNamed, lifeOf } from '../questions/kept-beds';
import { bedToTreat } from '../questions/targets';
import { ashAtHand, limedSeasons, phOf, verdictOn } from '../questions/verdict';
import { bringAsh } from './bring-ash';
import { layAgain } from './lay-again';
import { reverseAct } from './reverse-act';
import { stockUp } from './bring-in';
import { keepCrop } from './keep-crop';
import { putOnBed } from './put-on-bed';
import { doSmall } from './small-act';

let books: Books;
beforeEach(() => {
	books = yard();
});
const at = (d: number) => start + d * day;
const ashOf = (d: number, kg = 9) =>
	bringAsh(books, later, envelope(at(d)), {
		...{ source: 'hearth', material: 'hardwood-ash', name: 'stove ash', sifted: true },
		...{ measure: { kg: kilograms(kg) }, unsure: false, measured: {} }
	});
const small = (verb: string, d: number, found: Record<string, unknown>, way?: string) =>
	doSmall(books, later, envelope(at(d)), {
		...{ verb, of: 'bed', name: 'Mere 2', found },
		...(way ? { way } : {})
	});
const put = (lot: string, part: number, d: number, reason?: string) =>
	putOnBed(
		books,
		later,
		{ ...envelope(at(d)), ...(reason ? { reason, sure: 'all' as const } : {}) },
		{ bed: 'Mere 2', lot, part, way: 'scratched-in' }
	);
const verdict = (d: number) =>
	verdictOn(books, { bed: bedToTreat(books, 'Mere 2', at(d))!, ash: ashAtHand(books)[0] }, at(d));

describe('an ash lot', () => {
	it('has a code and a source of its own, and goes on beds with all that it brings', () => {
		done(ashOf(1));
		const [ash] = ashAtHand(books);
		expect(ash).toMatchObject({ code: 'A1', material: 'hardwood-ash' });
		expect(books.findings.of(ash!.lotId, 'ash-told')[0]?.found).toMatchObject({ source: 'hearth' });
		done(small('read-ph', 2, { ph: 5.5 }, 'slurry'));
		done(put('A1', 0.5, 20, 'it is what there is'));
		const had = books.applications.had(bedNamed(books, 'Mere 2')!.id);
		expect(had.ash).toBeGreaterThan(200_000);
		expect(had.lime).toBeGreaterThan(0);
	});

	it('whose source is refused later goes on no bed, and is offered to none', () => {
		done(ashOf(1));
		done(
			doSmall(books, later, envelope(at(2)), {
				...{ verb: 'refuse-source', of: 'lot', name: 'A1' },
				found: { why: 'painted laths' }
			})
		);
		expect(ashAtHand(books)).toEqual([]);
		expect(refused(put('A1', 0.5, 20, 'all the same'))).toContain('refused-source');
	});
});

describe('a ring of ash', () => {
	it('is laid again after rain, as much of the same, and both count', () => {
		done(ashOf(1));
		expect(refused(layAgain(books, later, envelope(at(3)), { bed: 'Mere 2' }))).toEqual([
			'no-ring'
		]);
		done(small('read-ph', 2, { ph: 5.5 }, 'slurry'));
		const ring = { bed: 'Mere 2', lot: 'A1', part: litres(0.2), way: 'ringed' } as const;
		done(putOnBed(books, later, envelope(at(4)), ring));
		done(layAgain(books, later, envelope(at(9)), { bed: 'Mere 2' }));
		const { had, times } = lifeOf(books, bedNamed(books, 'Mere 2')!.id);
		expect(times).toBe(2);
		const [ash] = ashAtHand(books);
		expect((had.ash ?? 0) / 1e6).toBeCloseTo(
			2 * 0.2 * ash!.composition.density.value * (1 - ash!.composition.water.value),
			1
		);
	});
});

describe('charred bits sifted out of ash', () => {
	it('are a char lot of their own in the same act, by their weight, and go with it when it is taken back', () => {
		const act = envelope(at(1));
		done(
			bringAsh(books, later, act, {
				...{ source: 'hearth', material: 'hardwood-ash', name: '', sifted: true, unsure: false },
				...{ measure: { kg: kilograms(9) }, measured: {} },
				bits: { litres: litres(4), kg: kilograms(0.8), wood: 'dense-hardwood' }
			})
		);
		const bits = books.char.maybeOne('K1');
		expect(bits).toMatchObject({ origin: { from: 'sifted' }, state: 'crushed' });
		expect(books.ledger.lot('K1')).toMatchObject({
			name: 'charred bits out of A1',
			volume_ul: 4_000_000
		});
		done(
			reverseAct(books, later, envelope(at(2)), {
				...{ actId: act.actId, withDependents: false, backTo: '/ash' }
			})
		);
		expect(books.ledger.maybeLot('K1')).toBeNull();
		expect(books.ledger.maybeLot('A1')).toBeNull();
	});

	it('that weigh what no char weighs are refused at their field', () => {
		const outcome = bringAsh(books, later, envelope(at(1)), {
			...{ source: 'hearth', material: 'hardwood-ash', name: '', sifted: true, unsure: false },
			...{ measure: { kg: kilograms(9) }, measured: {} },
			bits: { litres: litres(1), kg: kilograms(3), wood: 'softwood' }
		});
		expect(outcome).toMatchObject({ status: 'refused', issues: [{ field: 'bits' }] });
	});
});

describe('the verdict on a bed', () => {
	beforeEach(() => {
		done(ashOf(1));
		done(small('read-ph', 2, { ph: 5.5, places: [5.4, 5.6] }, 'slurry'));
	});

	it('refuses ash nine days after urine, and takes it two weeks after', () => {
		done(
			stockUp(books, later, envelope(at(19)), {
				material: 'urine',
				name: '',
				measure: { litres: litres(5) }
			})
		);
		const urine = books.stock.inStock().find(({ material }) => material === 'urine')!.code;
		done(put(urine, 3, 20, 'in spring'));
		const [gate] = verdict(29).gates;
		expect(gate).toMatchObject({ code: 'ash-nitrogen', lifts_ms: at(34) });
		expect(refused(put('A1', 0.3, 29))).toContain('ash-nitrogen');
		expect(verdict(34).gates).toEqual([]);
		done(put('A1', 0.3, 35));
	});

	it('counts what it had against its cap, and never gives more than is left', () => {
		const before = verdict(30);
		expect(before.room).toBe(100);
		done(put('A1', 1, 30));
		const after = verdict(31);
		expect(after.room).toBeLessThan(50);
		expect(after.dose?.grams.value ?? 0).toBeLessThanOrEqual(after.room);
	});

	it('waits for what was sown, never limes acid lovers, and goes by a row of one’s own', () => {
		done(small('sow', 40, { name: 'carrot', how: 'sown' }, 'grower'));
		expect(verdict(45).gates.map(({ code }) => code)).toContain('ash-seedlings');
		expect(verdict(70).gates).toEqual([]);
		done(small('sow', 71, { name: 'bog myrtle', share: 0.2 }, 'grower'));
		expect(verdict(100).gates).toEqual([]);
		done(
			keepCrop(books, later, envelope(at(101)), {
				...{ name: 'bog myrtle', family: 'myrtle', ph: [4, 5.5], hunger: 'light', raw: 'none' },
				acidLover: true
			})
		);
		expect(verdict(102).gates[0]?.code).toBe('ash-acid-lover');
		done(small('clear', 103, {}, 'grower'));
		expect(bedNamed(books, 'Mere 2')?.crops.filter(({ when }) => when === 'now')).toEqual([]);
		expect(verdict(140).gates).toEqual([]);
	});

	it('learns the buffer of a bed from before and after, at least four weeks apart', () => {
		done(put('A1', 1, 30));
		done(small('read-ph', 31, { ph: 6.9 }, 'slurry'));
		const bed = () => bedToTreat(books, 'Mere 2', at(90))!;
		expect(limedSeasons(books, bed(), at(41))).toEqual([]);
		expect(verdict(41).ph?.mean.ph).toBeCloseTo(5.5, 9);
		done(small('read-ph', 80, { ph: 5.7, places: [5.7, 5.7] }, 'slurry'));
		expect(phOf(books, bed())).toHaveLength(4);
		// From before the lime to well after it; the reading of the wet surface is passed over.
		const [season, ...others] = limedSeasons(books, bed(), at(81));
		expect(others).toEqual([]);
		expect(season?.rise).toBeCloseTo(0.2, 9);
		expect(verdict(81).own).toMatchObject({ seasons: 1 });
	});

	it('tells a pH in calcium chloride as in water', () => {
		done(small('read-ph', 50, { ph: 5.7, places: [5.6, 5.8, 5.7], in: 'cacl2' }, 'laboratory'));
		expect(verdict(51).ph?.mean.ph).toBeCloseTo(6.3, 9);
		expect(bedNamed(books, 'Mere 2')?.ph).toBeGreaterThanOrEqual(6.29);
	});
});

describe('the accounts of a bed in the books', () => {
	it('set harvests against what went on, and are a sheet', () => {
		done(small('sow', 10, { name: 'carrot' }, 'grower'));
		done(small('harvest', 100, { measure: { kg: 12 } }));
		done(small('harvest', 110, { measure: { litres: 20 }, name: 'comfrey' }));
		const bed = bedNamed(books, 'Mere 2')!;
		const accounts = accountsOn(books, bed, at(120));
		const [season] = accounts.seasons;
		expect(season?.taken.k2o.value).toBeCloseTo(54, 9);
		expect(season?.harvest_kg.value).toBeGreaterThan(12);
		const [head, row] = accountsSheet(accounts, bed.ground.area, {
			...{ charShare: bed.share, rawFrom: '2026-12-01' }
		}).split('\r\n');
		expect(head).toContain('k2o_taken_g');
		expect(row?.split(',')).toHaveLength(head!.split(',').length);
	});
});

describe('salad eaten raw after manure', () => {
	const dung = () =>
		done(
			stockUp(books, later, envelope(at(1)), {
				...{ material: 'cattle-manure', name: 'from the stable' },
				measure: { litres: litres(200) }
			})
		);
	const manured = (d: number) =>
		putOnBed(
			books,
			later,
			{ ...envelope(at(d)), reason: 'it is what there is', sure: 'all' as const },
			{ bed: 'Mere 2', lot: 'M1', part: litres(20), way: 'dug-in' }
		);
	it('four weeks later is asked about, cooked it may be taken, and after the wait nothing is said', () => {
		dung();
		done(small('sow', 5, { name: 'lettuce' }, 'grower'));
		done(manured(6));
		expect(refused(small('harvest', 34, { measure: { kg: 2 } }))).toEqual(['harvest-wait']);
		const cooked = { ...envelope(at(34)), reason: 'cooked', sure: 'all' as const };
		done(
			doSmall(books, later, cooked, {
				...{ verb: 'harvest', of: 'bed', name: 'Mere 2' },
				found: { measure: { kg: 2 } }
			})
		);
		done(small('harvest', 6 + 121, { measure: { kg: 2 } }));
	});

	it('says nothing of what nobody eats raw', () => {
		dung();
		done(small('sow', 5, { name: 'woad' }, 'grower'));
		done(manured(6));
		done(small('harvest', 34, { measure: { kg: 2 } }));
	});
});

describe('lines of the ground', () => {
	let lines = 0;
	const reading = (now_ms: number) => ({
		...{ measures: [], timeZone: 'UTC', person: 'Oda', now_ms },
		system: 'metric' as const
	});
	const line = (text: string) =>
		writeSeen(books, reading(at(60 + lines)), text, `line-of-ground-${(lines += 1)}`);
	beforeEach(() => {
		done(ashOf(1));
		done(small('read-ph', 2, { ph: 5.5 }, 'slurry'));
	});

	it('put ash on, ring plants, and ask what a form would', () => {
		expect(line('ash A1 0.4 L > Mere 2; it is damp')).toMatchObject({ status: 'done' });
		expect(line('ring A1 6 plants > Mere 2; slugs')).toMatchObject({ status: 'done' });
		const had = books.applications.had(bedNamed(books, 'Mere 2')!.id);
		// Four tenths of a litre and six rings of 22 g.
		expect((had.ash ?? 0) / 1000).toBeGreaterThan(6 * 22);
		expect(line('ring A1 > Mere 2')).toMatchObject({ status: 'refused' });
		expect(line('lime 2 kg > Mere 2')).toMatchObject({ status: 'refused' });
	});

	it('read a pH of several places, sow, harvest and clear', () => {
		expect(line('ph Mere 2 5.6 5.8 5.7 cacl2 slurry')).toMatchObject({ status: 'done' });
		const [ph] = books.findings.of(bedNamed(books, 'Mere 2')!.id, 'ph');
		expect(ph?.found).toMatchObject({ places: [5.6, 5.8, 5.7], in: 'cacl2' });
		expect(line('sow Mere 2 carrot 40 %')).toMatchObject({ status: 'done' });
		expect(bedNamed(books, 'Mere 2')?.crops.at(-1)).toMatchObject({ name: 'carrot', share: 0.4 });
		expect(line('harvest Mere 2 12 kg of carrot')).toMatchObject({ status: 'done' });
		expect(line('clear Mere 2 carrot')).toMatchObject({ status: 'done' });
		expect(bedNamed(books, 'Mere 2')?.crops.some(({ name }) => name === 'carrot')).toBe(false);
		expect(line('harvest Mere 2')).toMatchObject({ status: 'refused' });
		expect(line('ph Mere 2 5.6 sour')).toMatchObject({ status: 'refused' });
	});
});
