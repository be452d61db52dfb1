import { kilograms, litres, metres } from '../../../core/units';
import type { HeapInput, LaidPart } from '../../../input/heaps';
import type { Diary, Moment } from '../../demo/diary';
import { addToHeap, startHeap } from '../../usecases/heaps/start-heap';
import { doSmall } from '../../usecases/small-act';

const on = (daysAgo: number, by: Moment['by'], hour = 15): Moment => ({
	...{ daysAgo, hour, by },
	reason: 'as it has always been done here'
});

export const laid = (
	stuffs: readonly (readonly [LaidPart['stuff'], number])[]
): readonly LaidPart[] =>
	stuffs.map(([stuff, volume], i) => ({ row: i + 1, stuff, measure: { litres: litres(volume) } }));

export const plainHeap = {
	...{ isTough: false, isShredded: false, isStreet: false, isCovered: false },
	forAcidLovers: false
} as const;

const see = (diary: Diary, moment: Moment, name: string, verb: string, found: object) =>
	diary.enter(moment, doSmall, { verb, of: 'lot', name, found: { ...found } });

/** The corners of the garden: three hoops, a heap that is hot, the path, the worms, a soak that dries. */
export function growHeaps(diary: Diary): void {
	hoops(diary);
	hotHeap(diary);
	others(diary);
}

function hoops(diary: Diary): void {
	const hoop = (moment: Moment, more: Partial<HeapInput> & Pick<HeapInput, 'name' | 'parts'>) =>
		diary.enter(moment, startHeap, {
			...plainHeap,
			way: 'leaf-mould',
			across: metres(1.1),
			...more
		});
	const boathouse = hoop(on(386, 'Oda'), {
		...{ name: 'Boathouse', depth: metres(0.95), forAcidLovers: true },
		parts: laid([['autumn-leaves', 1100]])
	});
	see(diary, on(200, 'Bram'), boathouse, 'read-depth', { depth_m: 0.62 });
	see(diary, on(200, 'Bram'), boathouse, 'tell-stage', { stage: 'browning' });
	see(diary, on(40, 'Oda'), boathouse, 'read-depth', { depth_m: 0.4 });
	see(diary, on(40, 'Oda'), boathouse, 'tell-stage', { stage: 'broken' });
	// Forgotten behind the lane since it was filled.
	hoop(on(1120, 'Bram'), {
		...{ name: 'Lane end', depth: metres(0.8), isStreet: true },
		parts: laid([['autumn-leaves', 860]])
	});
	const kiln = hoop(on(24, 'Ines'), {
		...{ name: 'Kiln yard', depth: metres(0.85), isShredded: true },
		parts: laid([
			['autumn-leaves', 900],
			['urine', 12]
		])
	});
	diary.enter(on(12, 'Ines'), addToHeap, { code: kiln, parts: laid([['autumn-leaves', 160]]) });
}

function hotHeap(diary: Diary): void {
	const heap = diary.enter(on(21, 'Oda'), startHeap, {
		...{ ...plainHeap, way: 'compost', name: 'Kiln yard bay', isCovered: true },
		...{ length: metres(1.4), width: metres(1.2), depth: metres(1) },
		parts: laid([
			['grass', 320],
			['straw', 390],
			['poultry-litter', 80],
			['stable-manure', 240],
			['autumn-leaves', 300]
		])
	});
	const heat = (daysAgo: number, ...places: readonly number[]) =>
		see(diary, on(daysAgo, 'Bram', 8), heap, 'read-heat', {
			temperature_c: places.reduce((sum, one) => sum + one, 0) / places.length,
			places
		});
	heat(20, 34, 31, 30);
	heat(19, 52, 50, 47);
	heat(18, 62, 60, 57);
	heat(17, 66, 64, 60);
	heat(16, 68, 66, 61);
	see(diary, on(16, 'Bram', 9), heap, 'smell-heap', { is: 'ammonia' });
	see(diary, on(16, 'Bram', 10), heap, 'turn', {});
	heat(15, 58, 57, 55);
	heat(14, 63, 61, 58);
	heat(13, 62, 60, 57);
	heat(11, 55, 54, 50);
	heat(9, 51, 50, 47);
	see(diary, on(9, 'Ines', 11), heap, 'turn', {});
	heat(8, 57, 56, 55);
	heat(7, 60, 58, 56);
	heat(5, 58, 56, 54);
	heat(2, 52, 49, 45);
	see(diary, on(2, 'Bram', 9), heap, 'read-depth', { depth_m: 0.68 });
}

function others(diary: Diary): void {
	const path = diary.enter(on(190, 'Ines'), startHeap, {
		...{ ...plainHeap, way: 'path', name: 'Middle path' },
		...{ length: metres(6), width: metres(0.5), depth: metres(0.3) },
		...{ under: 'paper', hasTimber: true },
		parts: laid([
			['wood-chips', 300],
			['weeds', 420],
			['grass', 240]
		])
	});
	see(diary, on(95, 'Ines'), path, 'turn', {});
	see(diary, on(94, 'Ines'), path, 'place-on-walk', { number: 1 });
	see(diary, on(20, 'Oda'), path, 'tell-stage', { stage: 'broken' });
	const worms = diary.enter(on(150, 'Oda'), startHeap, {
		...{ ...plainHeap, way: 'worms', name: 'Steps bin', isCovered: true },
		...{ length: metres(0.8), width: metres(0.6) },
		parts: laid([
			['cardboard', 40],
			['kitchen-scraps', 10]
		])
	});
	for (let daysAgo = 140; daysAgo >= 5; daysAgo -= 9)
		diary.enter(on(daysAgo, 'Ines', 9), addToHeap, {
			code: worms,
			parts: laid([['kitchen-scraps', 6]])
		});
	see(diary, on(5, 'Ines', 9), worms, 'read-heat', { temperature_c: 14 });
	see(diary, on(94, 'Ines'), worms, 'place-on-walk', { number: 2 });
	// Compost made with manure from over the lane is tried before it goes on young plants.
	const [suspect] = diary.books.stock
		.inStock()
		.filter(({ material }) => material === 'finished-compost');
	if (suspect) {
		see(diary, on(60, 'Oda'), suspect.code, 'bean-test', { verdict: 'sown', pots: 3 });
		see(diary, on(40, 'Oda'), suspect.code, 'bean-test', { verdict: 'straight' });
	}
	const ash = diary.books.stock
		.inStock()
		.find(({ material, volume_ul }) => material === 'hardwood-ash' && volume_ul > 8e6);
	if (ash)
		diary.enter(on(16, 'Bram'), startHeap, {
			...{ ...plainHeap, way: 'ash-soak', name: 'Drying shelf', urine: 'fresh' },
			parts: [
				{ row: 1, stuff: 'lot', lot: ash.code, measure: { kg: kilograms(2) } },
				{ row: 2, stuff: 'urine', measure: { litres: litres(1.4) } }
			]
		});
}
