import { describe, expect, it } from 'vitest';
import { nearest } from './near';

describe('the word that was most likely meant', () => {
	const known = ['stir', 'turn', 'water', 'Mere 2', 'Middle 4', 'madder'];
	it.each([
		['stri', 'stir'],
		['strir', 'stir'],
		['watre', 'water'],
		['wate', 'water'],
		['maddr', 'madder'],
		['mere 3', 'Mere 2'],
		['zebra', undefined],
		['tu', undefined],
		['turn', undefined]
	])('of "%s" is %s', (typed, meant) => expect(nearest(typed, known)).toBe(meant));
});
