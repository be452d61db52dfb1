import { describe, expect, it } from 'vitest';
import { wordsOf } from '$lib/format/sentence';
import { ancestorsOf, recallAnswer, traceAnswer } from './answer';

const facts = {
	name: 'C2',
	isBed: false,
	from: 4,
	made: 0,
	beds: 3,
	spreads: 5,
	inStock_l: 71,
	drawn: [1, 5] as const
};

describe('the answer of a trace', () => {
	it.each([
		[
			{},
			'C2 reached three beds in five spreadings; 71 L of it and what was made of it is still in the yard'
		],
		[
			{ beds: 0, spreads: 0 },
			'C2 reached no bed; 71 L of it and what was made of it is still in the yard'
		],
		[{ from: 0, beds: 0, spreads: 0 }, 'C2 came of no other lot and has gone nowhere yet'],
		[
			{ isBed: true, name: 'Mere 2', spreads: 1 },
			'Mere 2 got one spreading, which goes back to four lots'
		],
		[
			{ isBed: true, name: 'Mere 2', spreads: 40, drawn: [1, 12] as const },
			'Mere 2 got 40 spreadings; the newest 12 go back to four lots'
		],
		[
			{ isBed: true, name: 'Mere 2', spreads: 40, drawn: [37, 40] as const },
			'Mere 2 got 40 spreadings; numbers 37 to 40 from the newest go back to four lots'
		],
		[{ isBed: true, name: 'Mere 2', spreads: 0 }, 'Nothing was spread on Mere 2 yet']
	])('of %o is "%s"', (change, answer) =>
		expect(wordsOf(traceAnswer({ ...facts, ...change }, 'metric'))).toBe(answer)
	);

	it('counts beds once, however often they got it', () =>
		expect(recallAnswer([{ bed: 'Mere 1' }, { bed: 'Mere 1' }], [])).toBe(
			'one bed and no lots in stock'
		));

	it('goes back by every way, and once round', () =>
		expect(
			[
				...ancestorsOf('C1', [
					{ from: 'S1', to: 'K1' },
					{ from: 'K1', to: 'C1' },
					{ from: 'P1', to: 'C1' },
					{ from: 'C1', to: 'bed:Mere 2' }
				])
			].sort()
		).toEqual(['K1', 'P1', 'S1']));
});
