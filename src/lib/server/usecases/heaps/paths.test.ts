import { beforeEach, describe, expect, it } from 'vitest';
import { faultsOf } from '../../../../../tests/fixtures/faults';
import {
	because,
	day,
	done,
	envelope,
	later,
	refused,
	start,
	yard
} from '../../../../../tests/fixtures/garden';
import { charWithin } from '../../../core/char';
import type { MaterialId } from '../../../core/materials';
import { litres, metres } from '../../../core/units';
import type { HeapInput, LaidPart } from '../../../input/heaps';
import type { Books } from '../../db/books';
import { charInHeap } from '../../questions/heap-mix';
import { heapLineOf, heapLines, inWalkingOrder, pathOn } from '../../questions/heaps';
import { stockUp } from '../bring-in';
import { measureBed } from '../measure-bed';
import { putOnBed } from '../put-on-bed';
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
const begin = (d: number, more: Partial<HeapInput> & Pick<HeapInput, 'parts'>) =>
	startHeap(books, later, envelope(at(d)), {
		...{ way: 'path', name: 'Long path', isTough: false, isShredded: false },
		...{ isStreet: false, isCovered: false, forAcidLovers: false, ...more }
	});
const lift = (d: number, fine: number, more: object = {}) =>
	liftHeap(books, later, envelope(at(d)), { code: 'H1', fine: litres(fine), name: '', ...more });
const lies = () => books.ledger.lot('H1').volume_ul / 1e6;

describe('a compost path', () => {
	const nineMetres = { length: metres(9), width: metres(0.45), depth: metres(0.3) };
	const filled = laid([
		['wood-chips', 400],
		['weeds', 900]
	]);

	it('lies on the ground of that name in the books, measured once', () => {
		done(
			measureBed(books, later, envelope(at(1)), {
				...{ name: 'Long path', isNew: true, target: 'path', pieces: 1 },
				...{ length_m: 9, width_m: 0.45, depth_m: 0.15, texture: 'loam', drainage: 'even' },
				...{
					humus: 'usual',
					cropKind: 'mixed',
					ph: null,
					acidLover: false,
					eatenRaw: false,
					crop: ''
				}
			})
		);
		done(begin(2, { parts: filled, depth: metres(0.3) }));
		const { start: laidAs } = books.heaps.maybeOne('H1')!;
		expect(laidAs.size).toEqual({ shape: 'box', length: 9, width: 0.45 });
		expect(lies()).toBeCloseTo(1215, 3);
		expect(pathOn(books, 'long path')?.code).toBe('H1');
		// A bed of that name is no path: nothing is known of how large it is.
		done(begin(3, { parts: filled, name: 'Mere 2' }));
		expect(books.heaps.maybeOne('H2')!.start.size).toBeUndefined();
	});

	it('is lifted by a stretch, as deep as it was filled, and refilled', () => {
		done(begin(1, { ...nineMetres, under: 'woven', hasTimber: true, parts: filled }));
		expect(books.heaps.maybeOne('H1')!.start).toMatchObject({ under: 'woven', hasTimber: true });
		done(lift(150, 190, { stretch: metres(3) }));
		expect(lies()).toBeCloseTo(810, 3);
		done(addToHeap(books, later, envelope(at(151)), { code: 'H1', parts: laid([['weeds', 405]]) }));
		done(lift(300, 190, { stretch: metres(3) }));
		expect(lies()).toBeCloseTo(810, 3);
		expect(refused(lift(301, 100, { stretch: metres(9.5) }))).toEqual(['past-path']);
		expect(faultsOf(books)).toEqual([]);
	});

	it('gives what was measured out of it as so much of it, where no part is said', () => {
		done(begin(1, { ...nineMetres, parts: filled }));
		// 120 L of what 1215 L come to, about half: a fifth of it.
		done(lift(200, 120));
		expect(lies() / 1215).toBeCloseTo(1 - 120 / (1215 * 0.5), 6);
		// A hoop that is lifted without a word of how much is lifted whole.
		done(begin(2, { way: 'leaf-mould', name: 'Boathouse', parts: laid([['autumn-leaves', 400]]) }));
		done(lift(400, 120, { code: 'H2' }));
		expect(books.ledger.lot('H2').volume_ul).toBe(0);
	});

	it('says when it is turned next', () => {
		done(begin(1, { ...nineMetres, parts: filled }));
		const due = () => heapLineOf(books, 'H1', at(60))!.dates!.turn_ms;
		expect(due()).toBe(at(43));
		done(
			doSmall(books, later, envelope(at(50)), { verb: 'turn', of: 'lot', name: 'H1', found: {} })
		);
		expect(due()).toBe(at(92));
	});
});

describe('the round', () => {
	it('goes by the numbers one gave, the rest as they were laid', () => {
		for (const name of ['A', 'B', 'C']) done(begin(1, { name, parts: laid([['weeds', 200]]) }));
		const place = (name: string, number: number, d = 2) =>
			doSmall(books, later, envelope(at(d)), {
				...{ verb: 'place-on-walk', of: 'lot', name, found: { number } }
			});
		done(place('H3', 1));
		done(place('H2', 2));
		const walked = () =>
			inWalkingOrder(heapLines(books, at(10)))
				.map(({ heap }) => heap.name)
				.join('');
		expect(walked()).toBe('CBA');
		done(place('H3', 5, 3));
		expect(walked()).toBe('BCA');
	});
});

describe('char that came through a stall', () => {
	const manure = (charTold?: number, material: MaterialId = 'stable-manure') =>
		stockUp(books, later, envelope(at(1)), {
			...{ material, name: '', measure: { litres: litres(200) } },
			...(charTold === undefined ? {} : { charTold })
		});

	it('is in the manure as it was told, and goes on to heap, compost and bed', () => {
		done(manure(0.08));
		const { code, contents } = books.stock.inStock()[0]!;
		expect(charWithin(contents).value).toBeCloseTo(16, 3);
		const parts = [
			{ row: 1, stuff: 'lot', lot: code, measure: { litres: litres(200) } },
			...laid([['straw', 100]]).map((one) => ({ ...one, row: 2 }))
		] as const;
		done(begin(2, { way: 'compost', parts }));
		expect(charInHeap(books.heaps.maybeOne('H1')!)).toBeCloseTo(16, 3);
		expect(heapLineOf(books, 'H1', at(3))!.charShare).toBeCloseTo(16 / 300, 3);
		done(lift(120, 150, { part: 'all' }));
		const compost = books.stock.inStock().find(({ material }) => material === 'finished-compost')!;
		const [before] = [books.beds.maybeOne('Mere 2')!.char_l];
		done(
			putOnBed(books, later, because('it is spread over two years', envelope(at(130))), {
				...{ bed: 'Mere 2', lot: compost.code, part: 'all', way: 'under-mulch' }
			})
		);
		const after = books.beds.maybeOne('Mere 2')!;
		expect(after.char_l - before).toBeCloseTo(16, 3);
		expect(after.char.low).toBeLessThan(after.char_l);
		expect(faultsOf(books)).toEqual([]);
	});

	it('is told of manure alone, and none is none', () => {
		expect(refused(manure(0.08, 'leaf-mould'))).toEqual(['no-manure']);
		done(manure());
		expect(books.stock.inStock()[0]!.contents.char).toBeUndefined();
	});
});
