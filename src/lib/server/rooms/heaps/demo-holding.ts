import { litres, metres } from '../../../core/units';
import type { Diary, Moment } from '../../demo/diary';
import { liftHeap } from '../../usecases/heaps/lift-heap';
import { addToHeap, startHeap } from '../../usecases/heaps/start-heap';
import { putOnBed } from '../../usecases/put-on-bed';
import { doSmall } from '../../usecases/small-act';
import { laid, plainHeap } from './demo';

const on = (daysAgo: number): Moment => ({
	...{ daysAgo, hour: 10, by: 'Ines' },
	reason: 'as every year'
});

/** Two hoops and four heaps a year, read every other week, all but the newest lifted. */
export function workHeaps(diary: Diary, years: number): void {
	for (let year = years; year > 0; year -= 1)
		for (let n = 1; n <= 6; n += 1) workOne(diary, year * 365 - n * 40, n);
}

/** One that was laid and never seen again. */
export const layHeap = (diary: Diary, n: number, daysAgo: number): string =>
	diary.enter(on(daysAgo), startHeap, {
		...{ ...plainHeap, way: n % 2 ? 'leaf-mould' : 'compost', name: `Corner ${n}` },
		...{ length: metres(1.3), width: metres(1.2), depth: metres(0.9) },
		parts:
			n % 2
				? laid([['autumn-leaves', 1000]])
				: laid([
						['grass', 300],
						['straw', 380]
					])
	});

/** A heap of a kind that is laid, read and, once it is old enough, lifted. */
export function workOne(diary: Diary, daysAgo: number, n: number): string {
	const isLeaf = n % 3 === 0;
	const code = diary.enter(on(daysAgo), startHeap, {
		...{ ...plainHeap, way: isLeaf ? 'leaf-mould' : 'compost', name: `Corner ${n}` },
		...{ length: metres(1.3), width: metres(1.2), depth: metres(0.9) },
		parts: isLeaf
			? laid([['autumn-leaves', 1000]])
			: laid([
					['grass', 300],
					['straw', 380],
					['stable-manure', 240]
				])
	});
	if (!isLeaf) diary.enter(on(daysAgo - 2), addToHeap, { code, parts: laid([['weeds', 120]]) });
	for (let at = daysAgo - 3; at > Math.max(1, daysAgo - 100); at -= 14)
		diary.enter(on(at), doSmall, {
			...{ verb: 'read-heat', of: 'lot', name: code },
			found: { temperature_c: 48, places: [52, 48, 44] }
		});
	if (daysAgo > 420) {
		const lifted = diary.enter(on(daysAgo - 400), liftHeap, {
			...{ code, part: 'all', fine: litres(380), name: '' }
		});
		diary.enter(on(daysAgo - 401), putOnBed, {
			...{ bed: `Row ${5 + (daysAgo % 100)}`, lot: lifted, part: 'all', way: 'top-dressed' }
		});
	}
	return code;
}
