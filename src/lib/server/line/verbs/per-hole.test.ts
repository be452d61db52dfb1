import { describe, expect, it } from 'vitest';
import { inHoles } from './per-hole';

describe('so much to a hole', () => {
	it.each([
		['a mug of C4 per planting hole, 12 holes > Mere 2', '12 mug of C4 > Mere 2'],
		['0.5 L C4 per hole 6 holes > Mere 2', '3 L C4 > Mere 2'],
		['C4 two mugs > Mere 2', 'C4 two mugs > Mere 2'],
		['half a mug of C4 in each pot, 4 pots > Pots', '2 mug of C4 > Pots'],
		['5 L C4 > Mere 2', '5 L C4 > Mere 2']
	])('%s', (line, told) => {
		expect(inHoles(line)).toBe(told);
	});

	it('asks how many there are', () => {
		expect(inHoles('a mug of C4 per planting hole > Mere 2')).toMatchObject({
			status: 'trouble',
			issue: { code: 'line-holes' }
		});
	});
});
