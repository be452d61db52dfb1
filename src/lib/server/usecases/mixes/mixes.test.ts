import { beforeEach, describe, expect, it } from 'vitest';
import { faultsOf } from '../../../../../tests/fixtures/faults';
import {
	day,
	done,
	envelope,
	later,
	refused,
	start,
	yard
} from '../../../../../tests/fixtures/garden';
import { analysisOf, blendDose, blendOf } from '../../../core/mixes';
import { compositionOf, type MaterialId, type Measure } from '../../../core/materials';
import { kilograms, litres } from '../../../core/units';
import type { LaidPart } from '../../../input/heaps';
import type { MixInput } from '../../../input/mixes';
import type { StockInput } from '../../../input/stock';
import type { Books } from '../../db/books';
import { heldBecause } from '../../questions/standing';
import { mixesInStock, mixOf } from '../../questions/mixes';
import { analyseLot } from '../analyse-lot';
import { bringAsh } from '../bring-ash';
import { stockUp } from '../bring-in';
import { liftHeap } from '../heaps/lift-heap';
import { startHeap } from '../heaps/start-heap';
import { holdLot } from '../hold-lot';
import { putOnBed } from '../put-on-bed';
import { mixUp } from './mix-up';

let books: Books;
beforeEach(() => {
	books = yard();
});
const at = (d: number) => start + d * day;
const kg = (n: number): Measure => ({ kg: kilograms(n) });
const L = (n: number): Measure => ({ litres: litres(n) });
type Stuff = readonly [stuff: MaterialId | `lot:${string}`, measure: Measure];
const partsOf = (stuffs: readonly Stuff[]): readonly LaidPart[] =>
	stuffs.map(([stuff, measure], i) =>
		stuff.startsWith('lot:')
			? { row: i + 1, stuff: 'lot', lot: stuff.slice(4), measure }
			: { row: i + 1, stuff: stuff as MaterialId, measure }
	);
const mix = (d: number, stuffs: readonly Stuff[], more: Partial<MixInput> = {}, reason?: string) =>
	mixUp(
		books,
		later,
		{ ...envelope(at(d)), ...(reason ? { reason, sure: 'all' as const } : {}) },
		{ ...{ use: 'feed', name: 'Spring mix', parts: partsOf(stuffs) }, ...more }
	);
const stock = (material: MaterialId, measure: Measure, d = 1) =>
	done(stockUp(books, later, envelope(at(d)), { material, name: '', measure })).slice(
		'/stock/'.length
	);
const ash = (amount: number) =>
	done(
		bringAsh(books, later, envelope(at(1)), {
			...{ source: 'hearth', material: 'hardwood-ash', name: 'stove ash', measure: kg(amount) },
			...{ sifted: true, unsure: false, measured: {} }
		})
	).slice('/ash/'.length);

describe('a dose of a blend', () => {
	it('brings what is wanted, by the square metre and by the bed', () => {
		expect(blendDose(40, 8, 24)).toEqual({ kg: 4.8, g_m2: 200 });
		expect(blendDose(0, 8, 24)).toBeUndefined();
	});
});

describe('a mix', () => {
	it('holds what its parts brought, to the milligram, and tells it as a blend does', () => {
		const castings = stock('castings', L(40));
		const before = books.stock.maybeOne(castings)!.contents;
		done(
			mix(2, [
				[`lot:${castings}`, L(40)],
				['bone-meal', kg(2)],
				['seed-meal', kg(3)]
			])
		);
		const made = mixOf(books, 'X1')!;
		expect(made).toMatchObject({ name: 'Spring mix', use: 'feed', material: 'fertiliser-blend' });
		expect(made.parts.map(({ name }) => name)).toEqual(['worm castings', 'bone meal', 'seed meal']);
		const bone = compositionOf('bone-meal');
		expect(made.contents.phosphorus! - before.phosphorus!).toBeCloseTo(
			(2 * bone.phosphorus.value + 3 * compositionOf('seed-meal').phosphorus.value) * 1000,
			-2
		);
		const blend = blendOf([
			{ id: 'c', composition: compositionOf('castings'), measure: L(40) },
			{ id: 'b', composition: bone, measure: kg(2) },
			{ id: 's', composition: compositionOf('seed-meal'), measure: kg(3) }
		]);
		const [n, p, k] = analysisOf(blend, 'element');
		expect(made.composition.nitrogen.value / 1000).toBeCloseTo(n.value, 4);
		expect(made.composition.phosphorus.value / 1000).toBeCloseTo(p.value, 4);
		expect(made.composition.potassium.high / made.composition.potassium.value).toBeCloseTo(
			k.high / k.value,
			1
		);
		expect(made.composition.nitrogen.low).toBeLessThan(made.composition.nitrogen.value);
		expect(books.ledger.maybeLot(castings)!.volume_ul).toBe(0);
		expect(mixesInStock(books).map(({ code }) => code)).toEqual(['X1']);
		expect(faultsOf(books)).toEqual([]);
	});

	it('goes on beds, and its ash, nitrogen and germs with it', () => {
		const code = ash(0.5);
		done(
			mix(2, [
				[`lot:${code}`, kg(0.5)],
				['bone-meal', kg(1)]
			])
		);
		done(
			putOnBed(books, later, envelope(at(3)), {
				...{ bed: 'Mere 2', lot: 'X1', part: 'all', way: 'scratched-in' }
			})
		);
		expect(books.ledger.lot('X1').volume_ul).toBe(0);
		expect(faultsOf(books)).toEqual([]);
	});

	it('of ash and what it drives off is refused, whatever the reason', () => {
		const code = ash(2);
		const asked = mix(
			2,
			[
				[`lot:${code}`, kg(1)],
				['poultry-litter', kg(2)]
			],
			{},
			'it was always so'
		);
		expect(refused(asked)).toContain('mix-ash-ammonium');
		expect(
			refused(
				mix(2, [
					['urine', L(2)],
					['bone-meal', kg(1)]
				])
			)
		).toEqual(['mix-liquid']);
		expect(books.ledger.maybeLot('X1')).toBeNull();
	});

	it.each([
		['fresh', 11, false],
		['fresh', 9.2, true],
		['stored', 11, true]
	] as const)('with a dried soak of %s urine read at pH %f', (urine, ph, isAsked) => {
		const code = ash(3);
		done(
			startHeap(
				books,
				later,
				{ ...envelope(at(2)), reason: 'tried', sure: 'all' },
				{
					...{ way: 'ash-soak', name: 'Shelf', isTough: false, isShredded: false, urine },
					...{ isStreet: false, isCovered: true, forAcidLovers: false },
					parts: partsOf([
						[`lot:${code}`, kg(3)],
						['urine', L(2)]
					])
				}
			)
		);
		books.findings.insert({
			...{ actId: books.ledger.lot('H1').actId, thingId: books.ledger.lot('H1').id, what: 'ph' },
			found: { ph, places: [ph] } as never
		});
		done(
			liftHeap(books, later, envelope(at(60)), {
				code: 'H1',
				part: 'all',
				fine: litres(4),
				name: ''
			})
		);
		const soak = books.stock.inStock()[0]!.code;
		const outcome = mix(61, [
			[`lot:${soak}`, L(2)],
			['bone-meal', kg(1)]
		]);
		if (isAsked) expect(refused(outcome)).toEqual(['mix-soak-stored']);
		else done(outcome);
	});

	it('for seed bears half the compost, and no ash', () => {
		const parts: readonly Stuff[] = [
			['leaf-mould', L(80)],
			['finished-compost', L(20)]
		];
		expect(refused(mix(2, parts, { use: 'seed' }))).toEqual(['mix-pot-much']);
		done(mix(2, parts, { use: 'pots' }));
		expect(mixOf(books, 'X1')!.made_l).toBeCloseTo(85, 3);
		expect(refused(mix(3, parts, { use: 'pots', litres: litres(130) }))).toEqual(['mix-more']);
		const code = ash(1);
		expect(
			refused(
				mix(
					3,
					[
						['leaf-mould', L(80)],
						[`lot:${code}`, L(0.1)]
					],
					{ use: 'seed' }
				)
			)
		).toEqual(['mix-seed-ash']);
	});

	it('is held with what went into it, and analysed as any lot', () => {
		const code = stock('finished-compost', L(20));
		done(
			mix(
				2,
				[
					[`lot:${code}`, L(20)],
					['leaf-mould', L(80)]
				],
				{ use: 'pots' }
			)
		);
		done(
			analyseLot(books, later, envelope(at(3)), {
				code: 'X1',
				measured: { nitrogen: { value: 4, low: 4, high: 4 } }
			})
		);
		expect(
			books.stock.maybeOne('X1')!.contents.nitrogen! / books.stock.maybeOne('X1')!.mass_mg
		).toBeCloseTo(0.004, 5);
		done(
			holdLot(books, later, envelope(at(4)), { code, held: true, reason: 'beans curled' } as never)
		);
		expect(heldBecause(books, books.ledger.lot('X1').id)).toMatch(/beans curled/);
		expect(faultsOf(books)).toEqual([]);
	});
});

describe('a bag', () => {
	const bag = (printed: StockInput['printed'], reason?: string) =>
		stockUp(
			books,
			later,
			{ ...envelope(at(1)), ...(reason ? { reason, sure: 'all' as const } : {}) },
			{
				...{ material: 'bone-meal', name: '', measure: kg(5), printed },
				bought: { bags: 1, price: 14.5 }
			}
		);

	it('is what is printed on it, oxides as bags have them', () => {
		const code = done(bag({ n: 4, p: 12, as: 'oxide' })).slice('/stock/'.length);
		const { composition } = books.stock.maybeOne(code)!;
		const [n, p] = analysisOf(blendOf([{ id: code, composition, measure: kg(5) }]), 'oxide');
		expect(n.value).toBeCloseTo(0.04, 6);
		expect(p.value).toBeCloseTo(0.12, 6);
		expect(composition.phosphorus.source).toMatch(/^its bag of \d{4}-/);
		expect(faultsOf(books)).toEqual([]);
	});

	it('whose oxide was told as the element is asked about', () => {
		expect(refused(bag({ p: 15, as: 'element' }))).toEqual(['bag-oxide']);
		expect(bag({ p: 15, as: 'element' }, 'it is so').status).toBe('done');
	});
});
