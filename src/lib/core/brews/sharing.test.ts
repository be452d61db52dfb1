import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { litres, metres } from '../units';
import { groundOf } from '../beds';
import {
	dilutedAs,
	drinks,
	fillsOf,
	firsts,
	goesTo,
	oddWatering,
	readWatering,
	serve,
	waterSizeOf,
	wateringOf
} from '.';

describe('a ratio in parts', () => {
	it('is one of brew to so many of water', () => {
		expect(dilutedAs(litres(24), 4)).toMatchObject({ brew: 4.8 });
		expect(dilutedAs(litres(24), 0)).toMatchObject({ brew: 24, water: 0 });
		expect(goesTo(litres(22), 4)).toBe(110);
		expect(() => dilutedAs(litres(24), -1)).toThrow(RangeError);
	});

	it('is carried in whole cans and one more: fills times what is in each is all of it', () => {
		expect(fillsOf(dilutedAs(litres(24), 4), litres(9))).toMatchObject({ whole: 2 });
		expect(fillsOf(dilutedAs(litres(27), 4), litres(9))).toMatchObject({ whole: 3, last: 0 });
		expect(() => fillsOf(dilutedAs(litres(27), 4), litres(0))).toThrow(RangeError);
		fc.assert(
			fc.property(
				fc.double({ min: 0.1, max: 900, noNaN: true }),
				fc.double({ min: 0, max: 1000, noNaN: true }),
				fc.double({ min: 0.5, max: 40, noNaN: true }),
				(total, parts, can) => {
					const diluted = dilutedAs(litres(total), parts);
					const { whole, last, brewInEach, brewInLast } = fillsOf(diluted, litres(can));
					expect((whole + last) * can).toBeCloseTo(total, 5);
					expect(whole * brewInEach + brewInLast).toBeCloseTo(diluted.brew, 5);
					for (const one of [whole, last, brewInEach, brewInLast])
						expect(one).toBeGreaterThanOrEqual(0);
				}
			)
		);
	});
});

describe('sharing out', () => {
	const wanted = [
		{ name: 'Mere 1', total: litres(24), last_ms: 5 },
		{ name: 'Mere 2', total: litres(40), last_ms: 1 },
		{ name: 'pears', total: litres(20), last_ms: null }
	];
	const gets = (first: (typeof firsts)[number]) =>
		serve(litres(4), 10, wanted, first).served.map((one) => one.gets.total);

	it('serves in the turn that was chosen, as far as it goes', () => {
		// 4 L go as far as 44 L at 1 : 10.
		const close = (got: readonly number[], want: readonly number[]) =>
			got.forEach((one, i) => expect(one).toBeCloseTo(want[i]!, 9));
		close(gets('as-listed'), [24, 20, 0]);
		close(gets('longest-without'), [0, 24, 20]);
		close(gets('most-needed'), [4, 40, 0]);
		close(
			gets('all-alike'),
			[24, 40, 20].map((one) => (one * 44) / 84)
		);
		expect(serve(litres(4), 10, wanted, 'as-listed').short).toBeCloseTo(84 / 11 - 4, 9);
	});

	it('gives nobody more than they want, nothing below nought, and what is served and left is what there was', () => {
		const need = fc.record({
			name: fc.string({ minLength: 1, maxLength: 6 }),
			total: fc.double({ min: 0, max: 200, noNaN: true }).map(litres),
			last_ms: fc.option(fc.integer({ min: 0, max: 100 }))
		});
		fc.assert(
			fc.property(
				fc.double({ min: 0, max: 60, noNaN: true }),
				fc.double({ min: 0, max: 300, noNaN: true }),
				fc.uniqueArray(need, { selector: ({ name }) => name, maxLength: 8 }),
				fc.constantFrom(...firsts),
				(supply, parts, all, first) => {
					const { served, left, short, needs } = serve(litres(supply), parts, all, first);
					const brew = served.reduce((sum, one) => sum + one.gets.brew, 0);
					for (const one of served) {
						expect(one.gets.total).toBeGreaterThanOrEqual(0);
						expect(one.gets.total).toBeLessThanOrEqual(one.total + 1e-6);
					}
					expect(brew + left).toBeCloseTo(supply, 6);
					if (short === 0) expect(brew).toBeCloseTo(needs, 6);
					else expect(left).toBeCloseTo(0, 6);
				}
			)
		);
	});
});

describe('what a target drinks', () => {
	const bed = (target: 'area' | 'pots' | 'trees', pieces: number, length: number, width: number) =>
		waterSizeOf({
			target,
			pieces,
			ground: groundOf({
				target,
				pieces,
				length: metres(length),
				width: metres(width),
				depth: metres(0.25)
			})
		});

	it('is by its area, its crowns or a tenth of its pots at most', () => {
		expect(drinks(bed('area', 1, 8, 1))).toMatchObject({ value: 24, low: 16, high: 40 });
		expect(drinks(bed('trees', 2, 3, 3))).toMatchObject({ value: 20, low: 10, high: 30 });
		// Ten round pots 0.3 m wide and 0.25 m deep hold 177 L.
		expect(drinks(bed('pots', 10, 0.3, 0.3)).high).toBeCloseTo(17.7, 1);
		expect(drinks({ watered: 'leaves', size: 8 }).high).toBeCloseTo(0.8, 9);
		expect(drinks({ watered: 'plants', size: 12 })).toMatchObject({ value: 12, low: 6, high: 18 });
	});

	it('ten times as much or as little is odd: concentrate told for diluted', () => {
		const size = bed('area', 1, 8, 1);
		expect(oddWatering(litres(25), size).is).toBe('usual');
		expect(oddWatering(litres(240), size).is).toBe('much');
		expect(oddWatering(litres(2.4), size).is).toBe('little');
	});

	it('is read as people say it', () => {
		const ask = (text: string, system?: 'us') => {
			const read = readWatering(text, system ? { system } : {});
			return read.status === 'ok' ? read.ask : read.status;
		};
		expect(ask('24 L')).toEqual({ by: 'all', litres: 24 });
		expect(ask('3 L/m2')).toEqual({ by: 'each', litres: 3 });
		expect(ask('10 L a tree')).toEqual({ by: 'each', litres: 10 });
		expect(ask('12 plants')).toEqual({ by: 'plants', n: 12 });
		expect(ask('1 gal per sq ft', 'us')).toMatchObject({ by: 'each' });
		const foot = ask('1 gal/sq ft', 'us');
		expect(foot).toMatchObject({ litres: expect.closeTo(3.785 / 0.0929, 0) });
		expect(ask('much')).toBe('bad');
		const trees = bed('trees', 2, 3, 3);
		expect(wateringOf({ by: 'each', litres: 8 }, trees)).toBe(16);
		expect(wateringOf({ by: 'each', litres: 1 }, bed('pots', 10, 0.3, 0.3), 10)).toBe(10);
		expect(wateringOf({ by: 'plants', n: 12 }, trees)).toBe(12);
	});
});
