import { beforeEach, describe, expect, it } from 'vitest';
import {
	day,
	done,
	envelope,
	later,
	refused,
	start,
	yard
} from '../../../../../tests/fixtures/garden';
import { faultsOf } from '../../../../../tests/fixtures/faults';
import { writeSeen } from '../../../../../tests/fixtures/lines';
import { dryKg } from '../../../core/ledger';
import type { MaterialId } from '../../../core/materials';
import { kilograms, litres, metres } from '../../../core/units';
import type { HeapInput, LaidPart } from '../../../input/heaps';
import type { Books } from '../../db/books';
import { germsOf } from '../../questions/germs';
import { heapLineOf, heapLines } from '../../questions/heaps';
import { bringAsh } from '../bring-ash';
import { doSmall } from '../small-act';
import { liftHeap } from './lift-heap';
import { addToHeap, startHeap } from './start-heap';

let books: Books;
beforeEach(() => {
	books = yard();
});
const at = (d: number) => start + d * day;
const laid = (stuffs: readonly (readonly [MaterialId, number])[]): readonly LaidPart[] =>
	stuffs.map(([stuff, volume], i) => ({ row: i + 1, stuff, measure: { litres: litres(volume) } }));
const begin = (d: number, more: Partial<HeapInput> & Pick<HeapInput, 'parts'>, reason?: string) =>
	startHeap(
		books,
		later,
		{ ...envelope(at(d)), ...(reason ? { reason, sure: 'all' as const } : {}) },
		{
			...{ way: 'compost', name: 'Kiln yard', isTough: false, isShredded: false },
			...{ isStreet: false, isCovered: true, forAcidLovers: false, ...more }
		}
	);
const see = (d: number, verb: string, found: object, name = 'H1') =>
	doSmall(books, later, envelope(at(d)), { verb, of: 'lot', name, found: { ...found } });
const lift = (d: number, more: object = {}) =>
	liftHeap(books, later, envelope(at(d)), {
		...{ code: 'H1', part: 'all' as const, fine: litres(300), name: '', ...more }
	});
const mixed = laid([
	['grass', 320],
	['straw', 390],
	['stable-manure', 240]
]);

describe('a heap', () => {
	it('is laid with all that its stuffs bring, and closes', () => {
		done(begin(1, { parts: mixed }));
		const heap = books.heaps.maybeOne('H1')!;
		expect(heap).toMatchObject({ name: 'Kiln yard', laid_l: 950, start: { way: 'compost' } });
		expect(heap.ingredients.map(({ material }) => material)).toEqual([
			'grass',
			'straw',
			'stable-manure'
		]);
		expect(heap.contents.nitrogen).toBeGreaterThan(500_000);
		expect(faultsOf(books)).toEqual([]);
	});

	it('stands as deep as it was trodden, and grows by what is laid but not by what is poured', () => {
		done(
			begin(1, {
				...{ way: 'leaf-mould', name: 'Boathouse', across: metres(1.1), depth: metres(1) },
				parts: laid([['autumn-leaves', 1100]])
			})
		);
		expect(books.ledger.lot('H1').volume_ul / 1e6).toBeCloseTo(950.3, 0);
		done(
			addToHeap(books, later, envelope(at(5)), {
				code: 'H1',
				parts: laid([
					['autumn-leaves', 78],
					['urine', 12]
				])
			})
		);
		expect(books.ledger.lot('H1').volume_ul / 1e6).toBeCloseTo(1028.3, 0);
		const line = heapLineOf(books, 'H1', at(10))!;
		expect(line.stands!.now.value).toBeLessThan(line.stands!.laid_m);
		done(see(60, 'read-depth', { depth_m: 0.6 }));
		expect(heapLineOf(books, 'H1', at(60))!.stands!.now.value).toBeCloseTo(0.6, 6);
		expect(faultsOf(books)).toEqual([]);
	});

	it('comes out with what went in less what rotted away, in lots by its sieve', () => {
		done(begin(1, { parts: mixed }));
		const went = books.heaps.maybeOne('H1')!.contents;
		done(lift(120, { fine: litres(300), coarse: litres(60), kg: kilograms(160) }));
		const heap = books.heaps.maybeOne('H1')!;
		expect(heap.volume_ul).toBe(0);
		const lots = books.stock.inStock().filter(({ material }) => material === 'finished-compost');
		const sum = (of: 'nitrogen' | 'phosphorus') =>
			lots.reduce((all, { contents }) => all + (contents[of] ?? 0), 0);
		expect(lots.map(({ volume_ul }) => volume_ul)).toEqual(expect.arrayContaining([300e6, 60e6]));
		expect(sum('phosphorus')).toBe(went.phosphorus);
		expect(sum('nitrogen') / went.nitrogen!).toBeGreaterThan(0.65);
		expect(sum('nitrogen') / went.nitrogen!).toBeLessThan(0.86);
		const dry = lots.reduce((all, { contents }) => all + dryKg(contents), 0);
		expect(dry / dryKg(went)).toBeGreaterThan(0.45);
		expect(dry / dryKg(went)).toBeLessThan(0.75);
		expect(faultsOf(books)).toEqual([]);
	});

	it('of street leaves gives mould that says so', () => {
		done(
			begin(
				1,
				{ way: 'leaf-mould', isStreet: true, parts: laid([['autumn-leaves', 900]]) },
				'swept up'
			)
		);
		done(lift(500, { fine: litres(250) }));
		expect(books.stock.inStock().map(({ name }) => name)).toContain(
			'leaf mould, Kiln yard, of street leaves'
		);
	});

	it('gives no more than lay there', () => {
		done(begin(1, { parts: mixed }));
		expect(refused(lift(60, { fine: litres(2000) }))).toEqual(['more-than-lay']);
		expect(refused(lift(60, { code: 'H9' }))).toEqual(['no-heap']);
	});

	it('is lifted in parts, each with its share', () => {
		done(begin(1, { parts: mixed }));
		const before = books.heaps.maybeOne('H1')!.contents.phosphorus!;
		done(lift(90, { part: { share: 0.25 }, fine: litres(90) }));
		expect(books.heaps.maybeOne('H1')!.contents.phosphorus! / before).toBeCloseTo(0.75, 6);
		expect(faultsOf(books)).toEqual([]);
	});
});

describe('the germs of a heap', () => {
	const heat = (d: number, ...places: number[]) =>
		done(see(d, 'read-heat', { temperature_c: 60, places }));
	it('are those of what went in, whatever the calendar says', () => {
		done(begin(1, { parts: mixed }));
		expect(germsOf(books, 'H1')).toBe('raw-manure');
		const outcome = lift(200);
		done(outcome);
		const code = outcome.status === 'refused' ? '' : outcome.path.split('/').at(-1)!;
		expect(germsOf(books, code)).toBe('raw-manure');
	});
	it('are those of what was laid on after its heat, and of a heat read later they know nothing', () => {
		done(begin(1, { parts: mixed }));
		for (let d = 2; d < 20; d += 1) {
			heat(d, 62, 60, 58);
			if (d % 3 === 0) done(see(d + 0.1, 'turn', {}));
		}
		done(
			addToHeap(books, later, envelope(at(25)), {
				code: 'H1',
				parts: laid([['stable-manure', 80]])
			})
		);
		expect(heapLineOf(books, 'H1', at(24))!.heat.isHot).toBe(true);
		expect(heapLineOf(books, 'H1', at(26))!.heat.isHot).toBe(false);
		const outcome = lift(90);
		done(outcome);
		const code = outcome.status === 'refused' ? '' : outcome.path.split('/').at(-1)!;
		expect(germsOf(books, code)).toBe('raw-manure');
	});
	it('are dealt with only once it was read hot as a windrow is judged', () => {
		done(begin(1, { parts: mixed }));
		for (let d = 2; d < 20; d += 1) {
			heat(d, 62, 60, 58);
			if (d % 3 === 0) done(see(d + 0.1, 'turn', {}));
		}
		expect(heapLineOf(books, 'H1', at(21))!.heat).toMatchObject({ isHot: true, turnings: 6 });
		const outcome = lift(90);
		done(outcome);
		const code = outcome.status === 'refused' ? '' : outcome.path.split('/').at(-1)!;
		expect(germsOf(books, code)).toBe('none');
	});
});

describe('an ash soak', () => {
	it('keeps the nitrogen of fresh urine while it is read above ten, and of a lower reading as stored', () => {
		done(
			bringAsh(books, later, envelope(at(1)), {
				...{ source: 'hearth', material: 'hardwood-ash', name: 'stove ash', sifted: true },
				...{ measure: { kg: kilograms(9) }, unsure: false, measured: {} }
			})
		);
		const parts: readonly LaidPart[] = [
			{ row: 1, stuff: 'lot', lot: 'A1', measure: { kg: kilograms(4) } },
			{ row: 2, stuff: 'urine', measure: { litres: litres(3) } }
		];
		done(begin(2, { way: 'ash-soak', name: 'Shelf', urine: 'fresh', parts }));
		done(see(2, 'read-soak', { ph: 12.1 }));
		expect(heapLineOf(books, 'H1', at(3))!.lost.nitrogen.value).toBeCloseTo(0.2, 9);
		done(see(9, 'read-soak', { ph: 9.2 }));
		expect(heapLineOf(books, 'H1', at(10))!.lost.nitrogen.value).toBeCloseTo(0.75, 9);
		done(lift(40, { fine: litres(6) }));
		const [dried] = books.stock.inStock().filter(({ name }) => name.includes('Shelf'));
		expect((dried?.contents.nitrogen ?? 0) / 1000).toBeCloseTo(3 * 5.9 * 0.25, 0);
		expect(faultsOf(books)).toEqual([]);
	});
});

describe('what speaks against it', () => {
	beforeEach(() => {
		done(
			bringAsh(books, later, envelope(at(1)), {
				...{ source: 'hearth', material: 'hardwood-ash', name: 'stove ash', sifted: true },
				...{ measure: { kg: kilograms(9) }, unsure: false, measured: {} }
			})
		);
	});
	const ash = (volume: number): readonly LaidPart[] => [
		{ row: 1, stuff: 'lot', lot: 'A1', measure: { litres: litres(volume) } }
	];
	const add = (parts: readonly LaidPart[]) =>
		addToHeap(books, later, envelope(at(9)), { code: 'H1', parts });

	it('ash never goes on what is meant for heathers', () => {
		done(begin(2, { forAcidLovers: true, parts: laid([['autumn-leaves', 900]]) }));
		expect(refused(add(ash(1)))).toContain('heap-ash-acid');
	});
	it('more ash than a dusting is asked about, a dusting is not', () => {
		done(begin(2, { parts: mixed }));
		done(add(ash(2)));
		expect(refused(add(ash(6)))).toEqual(['heap-ash-much']);
	});
	it('ash of painted wood goes on no heap either', () => {
		done(begin(2, { parts: mixed }));
		done(
			doSmall(books, later, envelope(at(3)), {
				...{ verb: 'refuse-source', of: 'lot', name: 'A1' },
				found: { why: 'painted laths' }
			})
		);
		expect(refused(add(ash(1)))).toContain('heap-refused');
	});
	it('ash is brought in as a lot, never on the spot', () => {
		done(begin(2, { parts: mixed }));
		expect(refused(add(laid([['hardwood-ash', 2]])))).toEqual(['ash-as-lot']);
	});
	it('twenty litres at once are too thick for worms', () => {
		done(begin(2, { way: 'worms', name: 'Steps bin', parts: laid([['cardboard', 40]]) }));
		expect(refused(add(laid([['kitchen-scraps', 30]])))).toEqual(['worms-thick']);
		done(add(laid([['kitchen-scraps', 6]])));
		expect(refused(add(laid([['urine', 2]])))).toEqual(['worms-harm']);
	});
	it('stored urine on ash is asked about', () => {
		expect(
			refused(
				begin(2, {
					way: 'ash-soak',
					urine: 'stored',
					parts: [...ash(3), ...laid([['urine', 1]]).map((one) => ({ ...one, row: 2 }))]
				})
			)
		).toEqual(['soak-ammonia']);
	});
	it('curled beans hold the stuff, and all that is made of it', () => {
		done(begin(2, { parts: mixed }));
		const hay = books.heaps.maybeOne('H1')!.ingredients[2]!.fromCode!;
		done(see(30, 'bean-test', { verdict: 'curled' }, hay));
		expect(refused(lift(60))).toEqual(['held']);
	});
});

describe('a heap that nobody saw', () => {
	it('is forgotten, and one tap brings it back', () => {
		done(begin(1, { way: 'leaf-mould', parts: laid([['autumn-leaves', 900]]) }));
		expect(heapLines(books, at(20))[0]?.state).toBe('working');
		expect(heapLines(books, at(300))[0]?.state).toBe('forgotten');
		done(see(300, 'look', {}));
		expect(heapLines(books, at(301))[0]?.state).not.toBe('forgotten');
		done(see(302, 'tell-stage', { stage: 'crumbly' }));
		expect(heapLines(books, at(303))[0]?.state).toBe('done');
	});
});

describe('lines of the corners', () => {
	let lines = 0;
	const reading = (now_ms: number) => ({
		...{
			measures: [{ name: 'barrow', litres: litres(78) }],
			timeZone: 'UTC',
			person: 'Oda',
			now_ms
		},
		system: 'metric' as const
	});
	const line = (text: string) =>
		writeSeen(books, reading(at(60 + lines)), text, `line-of-heaps-${(lines += 1)}`);

	it('lay, add to, read and lift by the name of a corner', () => {
		expect(line('heap Kiln yard 3 barrows straw 2 barrows of grass').status).toBe('done');
		expect(books.heaps.maybeOne('H1')).toMatchObject({ name: 'Kiln yard', laid_l: 390 });
		expect(line('heap Kiln yard 40 L weeds').status).toBe('done');
		expect(books.heaps.maybeOne('H1')?.laid_l).toBe(430);
		expect(line('heat Kiln yard 62 58 55').status).toBe('done');
		expect(line('sunk kiln yard 40 cm').status).toBe('done');
		expect(line('turn Kiln yard').status).toBe('done');
		expect(line('stage H1 browning').status).toBe('done');
		expect(line('lift H1 half 90 L').status).toBe('done');
		expect(books.ledger.lot('H1').volume_ul / 1e6).toBeCloseTo(215, 6);
		expect(heapLineOf(books, 'H1', later)!.readings[0]!.probes).toEqual([62, 58, 55]);
	});
	it('feed worms by their name, and leave brews alone', () => {
		done(begin(1, { way: 'worms', name: 'Steps bin', parts: laid([['cardboard', 40]]) }));
		expect(line('feed worms 4 L scraps').status).toBe('done');
		expect(books.heaps.maybeOne('H1')?.laid_l).toBe(44);
	});
	it('add leaves to a hoop, and say what was not read', () => {
		done(begin(1, { way: 'leaf-mould', name: 'Boathouse', parts: laid([['autumn-leaves', 900]]) }));
		expect(line('leaves Boathouse +2 barrows').status).toBe('done');
		expect(books.heaps.maybeOne('H1')?.laid_l).toBe(1056);
		expect(line('heap Boathouse some stuff').status).not.toBe('done');
		expect(line('leaves Nowhere 2 barrows').status).not.toBe('done');
	});
});
