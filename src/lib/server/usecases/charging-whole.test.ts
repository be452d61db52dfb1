import { readTemperature, tendBatch } from '../demo/small';
import { foundOfChar } from '../questions/found';
import { beforeEach, describe, expect, it } from 'vitest';
import { faultsOf } from '../../../../tests/fixtures/faults';
import { tub } from '../../../../tests/fixtures/brewing';
import {
	because,
	allCold,
	day,
	done,
	envelope,
	later,
	refused,
	start,
	withCrushed,
	yard
} from '../../../../tests/fixtures/garden';
import { nutrientLines } from '../../core/charging';
import { celsius, kilograms, litres, inLitres } from '../../core/units';
import type { ChargeInput } from '../../input/charging';
import type { CharInInput } from '../../input/char-in';
import type { Reading } from '../../input/form';
import type { Books } from '../db/books';
import { previewLine } from '../line/log';
import { chargeLine, charsToCharge, notesOf } from '../questions/charging';
import { germsOf, harvestFrom } from '../questions/germs';
import { rawWaiting } from '../questions/beds';
import { stockUp } from './bring-in';
import { findOfChar, riddleBrands, takeInChar } from './char-in';
import { crushChar } from './crush-char';
import { drenchBeds } from './brews/drench-beds';
import { drainCharge } from './drain-charge';
import { measureBed } from './measure-bed';
import { poolChar } from './pool-char';
import { reverseAct } from './reverse-act';
import { joinBatches } from './split-batch';
import { spreadLot } from './spread-lot';
import { startCharge } from './start-charge';
import { testCharge } from './test-charge';
import { topUpBatch } from './top-up-batch';

let books: Books;
beforeEach(() => {
	books = yard();
	withCrushed(books);
	const other = { ...mere, name: 'Mere 3', isNew: true };
	done(measureBed(books, later, envelope(start), other));
});

const mere = {
	target: 'area' as const,
	pieces: 1,
	length_m: 8,
	width_m: 1,
	depth_m: 0.15,
	texture: 'sandy-silt' as const,
	drainage: 'dries-out' as const,
	humus: 'usual' as const,
	cropKind: 'mixed' as const,
	ph: 5.4,
	acidLover: false,
	eatenRaw: false,
	crop: 'weld'
};

const at = (days: number) => envelope(start + days * day);
const base: ChargeInput = {
	char: 'K2',
	part: 30,
	school: 'compost-rest',
	partner: 'finished-compost',
	ratio: 1,
	wantedN: 5,
	temperature: celsius(20)
};
const charge = (change: Partial<ChargeInput>, days = 3) =>
	done(startCharge(books, later, at(days), { ...base, ...change }))
		.split('/')
		.at(-1)!;
const stock = (material: Parameters<typeof stockUp>[3]['material'], l: number, days = 2) =>
	done(stockUp(books, later, at(days), { material, name: '', measure: { litres: litres(l) } }))
		.split('/')
		.at(-1)!;
const line = (code: string, days: number) => {
	const batch = books.batches.maybeOne(code)!;
	return chargeLine(batch, notesOf(books, batch.lotId), start + days * day);
};
/** A hundred litres, 40 kg as they lay, their water guessed: 16 kg of dry char. */
const boughtWet = (state: 'whole' | 'crushed') =>
	done(
		takeInChar(books, later, at(4), {
			name: '',
			origin: { from: 'bought' },
			state,
			wood: 'softwood',
			wetness: 'drained',
			litres: litres(100),
			kg: kilograms(40)
		})
	)
		.split('/')
		.at(-1)!;
/** So many litres of a lot crushed damp, and what they measured afterwards. */
const crushedOf = (code: string, before: number, after: number) =>
	done(crushChar(books, later, at(5), { code, before, after: litres(after), wetness: 'drained' }))
		.split('/')
		.at(-1)!;
const tests = (code: string, days: number, passed: boolean) =>
	done(testCharge(books, later, at(days), { code, passed }));

describe('charges as people make them', () => {
	it('larch char with sheep dung and nettle liquor, the dung short by a third', () => {
		const dung = stock('small-stock-manure', 20);
		const liquor = stock('plant-liquor', 12);
		const short = startCharge(books, later, at(3), {
			...base,
			school: 'manure-cure',
			partner: 'small-stock-manure',
			partnerLot: dung
		});
		expect(refused(short)).toEqual(['short']);
		// What there is goes in, beside what was asked for.
		const code = charge({
			school: 'manure-cure',
			partner: 'small-stock-manure',
			partnerLot: dung,
			really: { partner: { litres: litres(20) } },
			extras: [
				{ id: 'liquor', material: 'plant-liquor', lot: liquor, measure: { litres: litres(4) } }
			]
		});
		const kept = books.batches.maybeOne(code)!;
		const of = (material: string) => kept.ingredients.find((one) => one.material === material)!;
		expect(of('small-stock-manure')).toMatchObject({
			volume_ul: 20_000_000,
			planned_ul: 30_000_000
		});
		expect(of('plant-liquor')).toMatchObject({ volume_ul: 4_000_000, planned_ul: 3_000_000 });
		expect(books.ledger.lot(dung).volume_ul).toBe(0);
		expect(books.ledger.lot(liquor).volume_ul).toBe(8_000_000);
		expect(germsOf(books, code)).toBe('raw-manure');
		expect(faultsOf(books)).toEqual([]);
	});

	it('a failed cress test, topped up, tested again', () => {
		const code = charge({ school: 'manure-cure', partner: 'cattle-manure' });
		const seeds = (germinated: number, meanRoot_mm: number) => ({
			germinated,
			seeds: 25,
			meanRoot_mm,
			controlGerminated: 24,
			controlSeeds: 25,
			controlMeanRoot_mm: 40
		});
		const tried = (cress: ReturnType<typeof seeds>, days: number) =>
			testCharge(books, later, at(days), {
				code,
				passed: true,
				cress,
				checks: ['no-ammonia'],
				ph: 8.8
			});
		done(tried(seeds(14, 20), 25));
		expect(line(code, 26).state).toBe('failed');
		expect(books.tests.of(books.batches.maybeOne(code)!.lotId).at(-1)?.found.ph).toBe(8.8);
		// Seed that does not come up in water proves nothing.
		expect(refused(tried({ ...seeds(14, 20), controlGerminated: 15 }, 27))).toEqual([
			'cress-control'
		]);
		done(
			topUpBatch(books, later, at(28), {
				code,
				add: { material: 'finished-compost', measure: { litres: litres(10) } }
			})
		);
		expect(line(code, 29).state).toBe('wants-test');
		done(tried(seeds(24, 41), 40));
		expect(line(code, 41).state).toBe('ripe');
	});

	it('a cress test alone is judged here, whatever a page says of it', () => {
		const code = charge({ school: 'manure-cure', partner: 'cattle-manure' });
		const byCress = (germinated: number, days: number) =>
			testCharge(books, later, at(days), {
				code,
				passed: 'by-cress',
				cress: {
					germinated,
					seeds: 25,
					meanRoot_mm: 38,
					controlGerminated: 24,
					controlSeeds: 25,
					controlMeanRoot_mm: 40
				}
			});
		done(byCress(12, 25));
		expect(books.tests.of(books.batches.maybeOne(code)!.lotId).at(-1)?.passed).toBe(false);
		done(byCress(24, 40));
		expect(line(code, 41).state).toBe('ripe');
	});

	it('two tubs of different ages joined: the later date and the worse germs', () => {
		const old = charge({ partner: 'castings' }, 3);
		const young = charge({ partner: 'castings', part: 20 }, 9);
		tests(old, 14, true);
		done(joinBatches(books, later, at(15), { into: old, code: young, part: 'all' }));
		expect(line(old, 15).window.start_ms).toBe(start + 9 * day);
		expect(line(old, 20).state).toBe('wants-test');
		const dung = charge({ school: 'manure-cure', partner: 'cattle-manure', part: 10 }, 16);
		expect(germsOf(books, old)).toBe('none');
		expect(
			refused(joinBatches(books, later, at(17), { into: old, code: dung, part: 'all' }))
		).toEqual(['other-school']);
		const clean = charge({ school: 'manure-cure', partner: 'cattle-manure-aged', part: 10 }, 16);
		done(joinBatches(books, later, at(17), { into: clean, code: dung, part: 'all' }));
		expect(germsOf(books, clean)).toBe('raw-manure');
	});

	it('a cure in a cold shed that warms in March', () => {
		const code = charge({
			school: 'manure-cure',
			partner: 'cattle-manure',
			temperature: celsius(2)
		});
		expect(line(code, 30).window.usable_ms).toBeNull();
		const read = (days: number, c: number) =>
			done(
				readTemperature(books, later, at(days), { at: 'lot', name: code, temperature: celsius(c) })
			);
		read(30, 10);
		// Half its speed at 20 °C: fourteen days take twenty-eight, from the day it warmed.
		expect((line(code, 31).window.usable_ms! - start) / day).toBeCloseTo(30 + 28, 6);
		read(44, 20);
		expect((line(code, 45).window.usable_ms! - start) / day).toBeCloseTo(44 + 7, 6);
	});

	it('a living-soil soak drained onto two beds', () => {
		const code = charge({
			school: 'living-soil-soak',
			partner: 'garden-soil',
			ratio: 1 / 6,
			tub: 'Tub'
		});
		const kept = books.batches.maybeOne(code)!;
		expect(kept.ingredients.map(({ material }) => material)).toEqual([
			'char',
			'garden-soil',
			'finished-compost',
			'rain-water'
		]);
		// Three of char to one of soil and compost together, settled.
		expect(kept.charShare.value).toBeGreaterThan(0.75);
		expect(kept.charShare.value).toBeLessThan(0.9);
		tests(code, 8, true);
		done(drainCharge(books, later, at(10), { ...allCold, code, places: [], liquor: litres(12) }));
		const liquor = books.brews.inStock()[0]!;
		expect(liquor).toMatchObject({ recipe: 'drained-liquor', volume_ul: 12_000_000 });
		expect(germsOf(books, liquor.code)).toBe(germsOf(books, code));
		// Ready at once, thinned ten times: 132 L over two beds.
		done(
			drenchBeds(books, later, at(11), {
				lot: liquor.code,
				parts: 10,
				basis: 'diluted',
				onto: 'soil',
				stops: [
					{ bed: 'Mere 2', ask: { by: 'all', litres: 55 }, field: 'diluted:Mere 2' },
					{ bed: 'Mere 3', ask: { by: 'all', litres: 77 }, field: 'diluted:Mere 3' }
				]
			})
		);
		expect(books.ledger.lot(liquor.code).volume_ul).toBe(0);
		const ask = { by: 'rate', form: 'L/m2', amount: 1 } as const;
		for (const bed of ['Mere 2', 'Mere 3'])
			done(spreadLot(books, later, at(12), { bed, lot: code, ask }));
		expect(faultsOf(books)).toEqual([]);
	});

	it('bran culture turned three times: its next turning is told, then its checks', () => {
		const code = charge({
			school: 'fed-culture',
			partner: 'cereal-bran',
			ratio: 0.075,
			extras: [{ id: 'castings', material: 'castings' }]
		});
		const turns = (days: number) =>
			line(code, days)
				.tasks.filter(({ does }) => does === 'turn')
				.map(({ due_ms }) => (due_ms - start) / day);
		expect(turns(3.5)).toEqual([5]);
		for (const days of [5, 7, 9]) done(tendBatch(books, later, at(days), { code, how: 'turned' }));
		// From its first useful day on nothing is turned any more; the test is due that day.
		expect(turns(9.5)).toEqual([]);
		expect(line(code, 9.5).tasks).toContainEqual({ does: 'test', due_ms: start + 10 * day });
		expect(line(code, 10.5).state).toBe('wants-test');
	});

	it('char opened into a new heap, and into one that is hot', () => {
		const heap = charge({ school: 'co-compost', partner: 'fresh-heap', ratio: 9, part: 10 });
		expect(books.batches.maybeOne(heap)!.charShare.value).toBeCloseTo(10 / (100 * 0.947), 1);
		const before = books.batches.maybeOne(heap)!.charShare.value;
		done(topUpBatch(books, later, at(10), { code: heap, add: { from: 'K2', part: 5 } }));
		expect(books.batches.maybeOne(heap)!.charShare.value).toBeGreaterThan(before);
		expect(line(heap, 11).window.start_ms).toBe(start + 3 * day);
	});

	it('bedding, from mucking out to ripe compost', () => {
		const code = charge({ school: 'bedding', partner: 'used-litter', ratio: 13, part: 5 });
		expect(line(code, 20).tasks[0]).toMatchObject({ does: 'muck-out', due_ms: start + 17 * day });
		done(tendBatch(books, later, at(20), { code, how: 'mucked-out' }));
		expect(line(code, 21).window.start_ms).toBe(start + 20 * day);
		expect(line(code, 115).state).toBe('wants-test');
		tests(code, 116, true);
		expect(line(code, 117).state).toBe('ripe');
		const rest = charge({ part: 5 });
		expect(refused(tendBatch(books, later, at(20), { code: rest, how: 'mucked-out' }))).toEqual([
			'no-bedding'
		]);
	});

	it('bought wet and whole, crushed, its water read afterwards: both are weighed anew', () => {
		const code = boughtWet('whole');
		expect(books.char.maybeOne(code)!.dry_g / 1000).toBeCloseTo(16, 6);
		const crushed = crushedOf(code, 50, 34);
		done(
			findOfChar(books, later, at(6), {
				code,
				found: { kind: 'wetness', wetness: 'drained', water: 0.7 }
			})
		);
		expect(books.char.maybeOne(code)!.dry_g / 1000).toBeCloseTo(6, 5);
		expect(books.char.maybeOne(crushed)!.dry_g / 1000).toBeCloseTo(6, 5);
		expect(faultsOf(books)).toEqual([]);
		// Read once it is no guess any more: read again it changes nothing.
		done(
			findOfChar(books, later, at(7), {
				code,
				found: { kind: 'wetness', wetness: 'drained', water: 0.5 }
			})
		);
		expect(books.char.maybeOne(code)!.dry_g / 1000).toBeCloseTo(6, 5);
	});

	it('its water read once all of it is crushed still reaches what was crushed of it', () => {
		const code = boughtWet('whole');
		const crushed = crushedOf(code, 100, 68);
		done(
			findOfChar(books, later, at(6), {
				code,
				found: { kind: 'wetness', wetness: 'drained', water: 0.7 }
			})
		);
		expect(books.char.maybeOne(crushed)!.dry_g / 1000).toBeCloseTo(12, 5);
		expect(faultsOf(books)).toEqual([]);
	});

	it('its water read afterwards reaches the charge that was made of it', () => {
		const code = boughtWet('crushed');
		const made = charge({ char: code, part: 40 }, 5);
		const mixed = charge({ part: 20 }, 5);
		const kg = (of: string) => books.batches.maybeOne(of)!.char_g / 1000;
		expect(kg(made)).toBeCloseTo(6.4, 4);
		const other = kg(mixed);
		done(topUpBatch(books, later, at(6), { code: mixed, add: { from: code, part: 10 } }));
		const density = books.batches.maybeOne(made)!.density.value;
		done(
			findOfChar(books, later, at(7), {
				code,
				found: { kind: 'wetness', wetness: 'drained', water: 0.7 }
			})
		);
		expect(kg(made)).toBeCloseTo(6.4 * 0.75, 4);
		expect(kg(mixed)).toBeCloseTo(other + 1.6 * 0.75, 4);
		expect(books.batches.maybeOne(made)!.density.value).toBeCloseTo(density * 0.75, 6);
		expect(faultsOf(books)).toEqual([]);
	});

	it('a bag of bought char, dusty, wetted, charged by half', () => {
		const bag: CharInInput = {
			name: 'maker’s bag',
			origin: { from: 'bought', words: 'batch 12', price: 18, grain_mm: 8, sold_kg: 10 },
			state: 'crushed',
			wood: 'softwood',
			wetness: 'dry',
			litres: litres(50),
			kg: kilograms(10),
			water: 0.2
		};
		const code = done(takeInChar(books, later, at(4), bag))
			.split('/')
			.at(-1)!;
		const kept = books.char.maybeOne(code)!;
		expect(kept).toMatchObject({ burnId: null, burnCode: '', origin: bag.origin, wetness: 'dry' });
		expect(kept.dry_g / 1000).toBeCloseTo(8, 6);
		expect(kept.density.value).toBeCloseTo(8 / 50, 6);
		expect(rawWaiting(books, start + 5 * day).map((lot) => lot.code)).toContain(code);
		done(findOfChar(books, later, at(5), { code, found: { kind: 'wetness', wetness: 'drained' } }));
		expect(books.char.maybeOne(code)!.wetness).toBe('drained');
		const made = charge({ char: code, part: { share: 0.5 } }, 6);
		expect(books.char.maybeOne(code)!.volume_ul).toBe(25_000_000);
		expect(books.batches.maybeOne(made)).toMatchObject({ burnIds: [], burnId: null });
		tests(made, 14, true);
		const ask = { by: 'rate', form: 'L/m2', amount: 1 } as const;
		done(spreadLot(books, later, at(15), { bed: 'Mere 2', lot: made, ask }));
		expect(faultsOf(books)).toEqual([]);
		// By weight alone the usual of its wood, denser since it is crushed.
		const byWeight = { ...bag, litres: undefined };
		const light = done(takeInChar(books, later, at(6), byWeight))
			.split('/')
			.at(-1)!;
		expect(books.char.maybeOne(light)!.volume_ul).toBeGreaterThan(25_000);
	});

	it('raw char under mulch is refused as a charge, and asks its reason on the bed', () => {
		expect(
			refused(
				startCharge(books, later, at(3), {
					...base,
					school: 'under-mulch',
					partner: 'cattle-manure'
				})
			)
		).toEqual(['goes-on-bed']);
		const ask = { by: 'rate', form: 'L/m2', amount: 1 } as const;
		const raw = { bed: 'Mere 2', lot: 'K2', ask };
		expect(refused(spreadLot(books, later, at(6), raw))).toEqual(['char-raw']);
		done(spreadLot(books, later, because('in place, under manure and chips', at(6)), raw));
	});
});

describe('what goes with a charge', () => {
	it('each nutrient closes, with a lid and without', () => {
		const code = charge({ school: 'nitrogen-soak', partner: 'urine', tub: 'Tub' });
		const { offered, mix_l, density, liquid_l } = books.batches.maybeOne(code)!;
		for (const hasLid of [true, false])
			for (const line of nutrientLines({
				contents: offered,
				char_l: mix_l,
				char_kg: mix_l * density.value,
				liquid_l,
				isSoak: true,
				ph: 9,
				temperature: celsius(20),
				hasLid
			})) {
				const { sorbed, pores, solids, drained, air } = line;
				expect(sorbed + pores + solids + drained + air).toBeCloseTo(line.offered, 3);
				expect(air > 0).toBe(line.of === 'N' && !hasLid);
			}
	});

	it('liquor that carries nothing is a lot all the same, and its draining can be undone', () => {
		const code = charge({ school: 'plant-soak', partner: 'pond-water', part: 20, tub: 'Tub' });
		const lot = books.batches.maybeOne(code)!;
		const drained = envelope(start + 9 * day, 'drained-to-a-lot');
		const caught = { ...allCold, code, places: [], liquor: litres(6) };
		done(drainCharge(books, later, drained, caught));
		const liquor = books.brews.inStock().find(({ recipe }) => recipe === 'drained-liquor')!;
		expect(liquor.volume_ul).toBe(6_000_000);
		expect(books.batches.maybeOne(code)!.drainedAt_ms).toBe(start + 9 * day);
		done(
			reverseAct(books, later, at(10), {
				actId: 'drained-to-a-lot',
				withDependents: false,
				backTo: '/'
			})
		);
		expect(books.brews.inStock()).toEqual([]);
		expect(books.batches.maybeOne(code)).toMatchObject({
			drainedAt_ms: null,
			contents: lot.contents
		});
		expect(faultsOf(books)).toEqual([]);
	});

	it('a recipe of one’s own is what was really put together', () => {
		charge({ really: { partner: { litres: litres(45) } }, recipeName: 'Oda’s mix' });
		charge({ ratio: 2, recipeName: 'oda’s MIX' }, 4);
		expect(books.recipes.all()).toEqual([
			expect.objectContaining({ name: 'oda’s MIX', school: 'compost-rest', ratio: 2 })
		]);
	});

	it('the harvest of a bed waits for the worst of what went on it', () => {
		const bed = books.beds.maybeOne('Mere 2')!;
		expect(harvestFrom(books, bed, start)).toBeUndefined();
		const code = charge({ school: 'manure-cure', partner: 'cattle-manure' });
		tests(code, 30, true);
		const ask = { by: 'rate', form: 'L/m2', amount: 1 } as const;
		done(spreadLot(books, later, at(40), { bed: 'Mere 2', lot: code, ask }));
		expect(harvestFrom(books, bed, start + 41 * day)).toMatchObject({
			code,
			from_ms: start + 130 * day,
			onSoilFrom_ms: start + 160 * day
		});
		expect(harvestFrom(books, bed, start + 300 * day)).toBeUndefined();
	});

	it('char is sieved, tried and riddled; brands go back to a stack', () => {
		done(
			findOfChar(books, later, at(4), {
				code: 'K2',
				found: { kind: 'quality', passed: ['ring'], failed: ['washes'], ph: 9 }
			})
		);
		const [{ found } = { found: undefined }] = foundOfChar(
			books.findings,
			books.char.maybeOne('K2')!.lotId
		);
		expect(found).toEqual({ kind: 'quality', passed: ['ring'], failed: ['washes'], ph: 9 });
		const phNow = () => charsToCharge(books, start + 9 * day).find(({ code }) => code === 'K2')?.ph;
		expect(phNow()).toBe(9);
		// Rinsed, what was read of it before says nothing any more.
		done(findOfChar(books, later, at(4.5), { code: 'K2', found: { kind: 'rinsed' } }));
		expect(phNow()).toBeUndefined();
		const before = books.char.maybeOne('K2')!.dry_g;
		const stack = done(riddleBrands(books, later, at(5), { code: 'K2', brands: litres(4) }))
			.split('/')
			.at(-1)!;
		const brands = books.woodyard.maybeOne(stack)!;
		expect(brands.isBrands).toBe(true);
		// All of it is left, by the measure it was taken with.
		expect(brands.dry_g / 1000).toBeCloseTo(brands.measured.value, 3);
		expect(brands.dry_g + books.char.maybeOne('K2')!.dry_g).toBeCloseTo(before, 3);
		// A further pass of what is crushed packs less away.
		done(
			crushChar(books, later, at(6), {
				code: 'K2',
				before: 'all',
				after: litres(inLitres(books.char.maybeOne('K2')!.volume_ul) * 0.97),
				wetness: 'drained'
			})
		);
		expect(faultsOf(books)).toEqual([]);
	});

	it('the log drains and tests', () => {
		const reading: Reading = {
			timeZone: 'UTC',
			person: 'Oda',
			now_ms: start + 8 * day,
			system: 'metric'
		};
		const code = charge({ school: 'nitrogen-soak', partner: 'urine', tub: 'Tub' });
		const said = (text: string) => JSON.stringify(previewLine(books, reading, text));
		expect(said(`test ${code} sinks`)).toContain('passed its test');
		expect(said(`test ${code} floats`)).toContain('has not passed');
		expect(said(`test ${code}`)).toContain('line-test');
		expect(said(`drain ${code} 12 L`)).toContain('12');
	});

	it('is reckoned from what is in it: topped up it has more, drained less', () => {
		const code = charge({ school: 'manure-cure', partner: 'cattle-manure' });
		const perKg = () => books.batches.maybeOne(code)!.mineralN;
		const inBooks = () => {
			const { contents } = books.batches.maybeOne(code)!;
			return (contents['mineral-nitrogen'] ?? 0) / ((contents.char ?? 1) / 1000);
		};
		const before = perKg().value;
		done(
			topUpBatch(books, later, at(5), {
				code,
				add: { material: 'finished-compost', measure: { litres: litres(10) } }
			})
		);
		expect(perKg().value).toBeGreaterThan(before);
		expect(perKg().value).toBeCloseTo(inBooks(), 3);
		expect(perKg().low).toBeLessThan(perKg().value);
	});

	it('drained lives by its own rule, and nothing stands around it any more', () => {
		tub(books, 'Vat', 0.6, 0.8);
		const code = charge({ school: 'nitrogen-soak', partner: 'urine', tub: 'Vat' });
		const offered = books.batches.maybeOne(code)!.mineralN.value;
		const inLiquid = line(code, 10).window;
		done(drainCharge(books, later, at(20), { code, places: [], smoke: false, whiteSpots: false }));
		const { window, charge: kept } = line(code, 21);
		expect(inLiquid.past_ms).toBe(start + (3 + 56) * day);
		expect([window.fading_ms, window.past_ms]).toEqual([
			start + (20 + 180) * day,
			start + (20 + 365) * day
		]);
		expect(window.usable_ms).toBe(inLiquid.usable_ms);
		expect(kept.liquid_l).toBe(0);
		expect(kept.mineralN.value).toBeLessThan(offered);
	});

	it('bedding is mucked out once, on its day, and turned only from then on', () => {
		const code = charge({ school: 'bedding', partner: 'used-litter', ratio: 13, part: 5 });
		const does = (days: number) => line(code, days).tasks.map((task) => task.does);
		expect(does(10)).toEqual(['muck-out', 'test']);
		done(tendBatch(books, later, at(18), { code, how: 'mucked-out' }));
		expect(books.batches.maybeOne(code)!.startedAt_ms).toBe(start + 18 * day);
		expect(does(40)).toEqual(['turn', 'test']);
		expect(refused(tendBatch(books, later, at(30), { code, how: 'mucked-out' }))).toEqual([
			'mucked-out'
		]);
	});

	it('char keeps its origin, pH, ash and tests through crushing and pooling, and its ash reaches the bed', () => {
		const bought = (days: number, ash: number) =>
			done(
				takeInChar(books, later, at(days), {
					name: '',
					origin: { from: 'bought', ash, ph: 9 },
					state: 'whole',
					wood: 'softwood',
					wetness: 'dry',
					litres: litres(60),
					kg: kilograms(10),
					water: 0
				})
			)
				.split('/')
				.at(-1)!;
		const [one, other] = [bought(4, 0.1), bought(4, 0.1)];
		const tried = { kind: 'quality' as const, passed: ['washes' as const], failed: [], ph: 8.4 };
		done(findOfChar(books, later, at(5), { code: one, found: tried }));
		const made = (path: string) => path.split('/').at(-1)!;
		const heap = made(done(poolChar(books, later, at(6), { codes: [one, other] })));
		const crushed = made(
			done(
				crushChar(books, later, at(7), {
					code: heap,
					before: 120,
					after: litres(80),
					wetness: 'dry'
				})
			)
		);
		const { lotId, origin } = books.char.maybeOne(crushed)!;
		expect(origin).toMatchObject({ from: 'bought', ash: 0.1 });
		expect(foundOfChar(books.findings, lotId)[0]?.found).toMatchObject({ passed: [], ph: 9 });
		const { contents } = books.ledger.heldAt(lotId, later);
		expect(contents.ash).toBeCloseTo(2e6, -1);
		expect(contents.char).toBeCloseTo(18e6, -1);
		expect(contents.lime).toBeGreaterThan(0.5e6);
		done(
			findOfChar(books, later, at(8), {
				code: crushed,
				found: { kind: 'quality', passed: [], failed: [], ash: 0.05 }
			})
		);
		expect(books.ledger.heldAt(lotId, later).contents.ash).toBeCloseTo(1e6, -1);
		const code = charge({ char: crushed, part: 40 }, 9);
		expect(books.batches.maybeOne(code)!.contents.ash).toBeGreaterThan(0.4e6);
		expect(faultsOf(books)).toEqual([]);
	});
});
