import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { shareOut } from './sharing';

describe('sharing a brew out', () => {
	it('turns litres as they are poured into litres of brew', () => {
		const shared = shareOut(22, '4', { 'Mere 2': '24 L', 'Upper 4': '', 'Middle 5': '60' }, {});
		expect(shared?.goes_l).toBe(110);
		expect(shared?.stops.map(({ bed }) => bed)).toEqual(['Mere 2', 'Middle 5']);
		expect(shared?.needs_l).toBeCloseTo(16.8, 9);
		expect(shared?.left_l).toBeCloseTo(5.2, 9);
		expect(shareOut(22, 'x', {}, {})).toBeUndefined();
		expect(shareOut(22, '0', { a: 'much' }, {})?.stops).toEqual([{ bed: 'a' }]);
	});

	it('adds up: what the beds take and what is left are what there was', () => {
		const amounts = fc.dictionary(fc.constantFrom('a', 'b', 'c'), fc.integer({ min: 1, max: 99 }));
		fc.assert(
			fc.property(amounts, fc.integer({ min: 0, max: 20 }), (typed, parts) => {
				const asTyped = Object.fromEntries(Object.entries(typed).map(([k, n]) => [k, `${n} L`]));
				const shared = shareOut(22, String(parts), asTyped, {})!;
				expect(shared.needs_l + shared.left_l).toBeCloseTo(22, 9);
				expect(shared.needs_l * (1 + parts)).toBeCloseTo(shared.total_l, 9);
			})
		);
	});
});
