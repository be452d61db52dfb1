import { describe, expect, it } from 'vitest';
import { recipesLike } from './recipes';

describe('recipes by a word', () => {
	it('are found by their name', () => {
		expect(recipesLike('Nitrogen soak')).toEqual([
			{ name: 'nitrogen soak', what: 'charge', href: '/charging/plan?school=nitrogen-soak' }
		]);
	});

	it('are found by what goes into them, which is named', () => {
		const some = recipesLike('compost');
		expect(some.length).toBeGreaterThan(1);
		for (const { name, word } of some)
			expect(`${name} ${word ?? ''}`.toLowerCase()).toContain('compost');
		expect(recipesLike('molasses').some(({ what }) => what === 'brew')).toBe(true);
	});

	it.each(['', 'u', 'xyzzy'])('are none for "%s"', (asked) => {
		expect(recipesLike(asked)).toEqual([]);
	});
});
