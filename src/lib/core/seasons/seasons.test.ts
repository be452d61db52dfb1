import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { balanceIn, closingOf, doubtOf, withDoubt, type SeasonLine } from './index';

const line = (
	act: string,
	at_ms: number,
	node: string,
	direction: 'in' | 'out',
	kg: number,
	is: SeasonLine['is'] = 'lot'
): SeasonLine => ({ act, at_ms, node, direction, kg, is });

/** Char: made last year and this, charged, spread, a bag given away, a count that finds less. */
const char: readonly SeasonLine[] = [
	line('a', 1, 'K1', 'in', 10),
	line('b', 11, 'K2', 'in', 8),
	line('c', 12, 'K2', 'out', 8),
	line('c', 12, 'C1', 'in', 8),
	line('d', 13, 'C1', 'out', 5),
	line('d', 13, 'Mere 2', 'in', 5, 'bed'),
	line('e', 14, 'K1', 'out', 2),
	line('e', 14, 'given-away', 'in', 2, 'account'),
	line('f', 15, 'K1', 'out', 1),
	line('f', 15, 'counted', 'in', 1, 'account'),
	line('g', 25, 'K9', 'in', 99)
];

describe('a season', () => {
	it('tells what lay, came, went and lies', () => {
		const { opening, flows, closing, lies } = balanceIn(char, 10, 20);
		expect(opening).toBe(10);
		expect([...flows].sort()).toEqual([
			['bed', -5],
			['counted', -1],
			['given-away', -2],
			['made', 8]
		]);
		expect(closing).toBe(10);
		expect([...lies].sort()).toEqual([
			['C1', 3],
			['K1', 7]
		]);
	});

	it('closes, whatever moved', () => {
		const move = fc.record({
			from: fc.constantFrom('A', 'B', 'C'),
			to: fc.constantFrom('A', 'B', 'C', 'bed', 'lost', 'made', 'gathered'),
			kg: fc.double({ min: 0.01, max: 9, noNaN: true })
		});
		fc.assert(
			fc.property(fc.array(move, { maxLength: 40 }), fc.nat(40), fc.nat(40), (moves, a, b) => {
				const lines = moves.flatMap(({ from, to, kg }, i): SeasonLine[] => {
					const act = String(i);
					if (to === 'made') return [line(act, i, from, 'in', kg)];
					if (to === 'gathered')
						return [line(act, i, from, 'in', kg), line(act, i, to, 'out', kg, 'account')];
					const is = to === 'bed' ? 'bed' : to === 'lost' ? 'account' : 'lot';
					return [line(act, i, from, 'out', kg), line(act, i, to, 'in', kg, is)];
				});
				const { opening, flows, closing } = balanceIn(lines, Math.min(a, b), Math.max(a, b));
				const all = [...flows.values()].reduce((sum, kg) => sum + kg, opening);
				expect(all).toBeCloseTo(closing, 4);
			})
		);
	});

	it('what one ends with the next begins with', () => {
		expect(balanceIn(char, 20, 30).opening).toBe(balanceIn(char, 10, 20).closing);
	});

	it('closes where counting found little, and all that lies was counted or made', () => {
		const balance = balanceIn(char, 10, 20);
		const closed = closingOf(balance, () => true, 0.1);
		expect(closed.is).toBe('closes');
		expect(closed.found).toBe(-1);
		expect(closed.foundShare).toBeCloseTo(1 / 18, 9);
	});

	it('does not where counting found much, or nobody counted the pile', () => {
		const balance = balanceIn(char, 10, 20);
		expect(closingOf(balance, () => true, 0.01).is).toBe('off');
		const uncounted = closingOf(balance, (lot) => lot !== 'K1', 0.1);
		expect(uncounted.is).toBe('uncounted');
		expect(uncounted.uncountedShare).toBeCloseTo(0.7, 9);
		expect(closingOf(balanceIn([], 10, 20), () => true).is).toBe('empty');
	});

	it('knows amounts by the share by which they are known', () => {
		expect(withDoubt(-10, 0.2)).toEqual({ value: -10, low: -12, high: -8 });
		expect(
			doubtOf([
				{ value: 10, low: 8, high: 12 },
				{ value: 30, low: 27, high: 33 }
			])
		).toBeCloseTo(5 / 40, 9);
		expect(doubtOf([])).toBe(0);
	});
});
