import { describe, expect, it } from 'vitest';
import { signIds } from '../core/detective';
import { signWords } from '../format/why-words';
import { closeCaseSchema, signsAsked, signsSchema } from './detective';
import { readSigns } from './signs-said';

describe('signs as people say them', () => {
	it.each([
		['yellow old leaves, gap at edge, no worms', ['pale-old', 'gap', 'few-worms'], []],
		['wilts in dry soil and no moss', ['wilts-dry'], ['moss']],
		['fern-like tips, beans worst', ['fern-like', 'beans-worst'], []],
		['no holes, no slime; stunted', ['stunted'], ['bitten']],
		['seedlings dead along the line', ['dead-at-edge'], []],
		['young leaves yellow between green veins', ['young-between-veins'], []],
		['yellow from below', ['pale-old'], []]
	] as const)('%s', (text, seen, vain) => {
		expect(readSigns(text)).toEqual({ seen, vain, unknown: [] });
	});

	it('what is no sign is told back, and not guessed', () => {
		expect(readSigns('gap, grumpy').unknown).toEqual(['grumpy']);
		expect(readSigns('').unknown).toEqual([]);
	});

	it('every sign is found by the words of its own tile', () => {
		const lost = signIds.filter((id) => {
			const { seen } = readSigns(signWords[id].replace(/,| and /g, ' '));
			return !seen.includes(id);
		});
		expect(lost).toEqual([]);
	});
});

describe('what forms say of a bed that sulks', () => {
	it('signs come as one field or as many, unknown ones are passed by', () => {
		const read = signsSchema('Mere 2').parse({ seen: 'gap\ncrust x', vain: 'gap moss', asked: '' });
		expect(read).toEqual({ bed: 'Mere 2', seen: ['gap', 'crust'], vain: ['moss'], asked: [] });
		expect(signsSchema('Mere 2').safeParse({ seen: '', vain: '', asked: '' }).success).toBe(false);
		const address = new URLSearchParams('seen=gap&seen=crust&asked=trodden');
		expect(signsAsked(address)).toEqual({ seen: ['gap', 'crust'], vain: [], asked: ['trodden'] });
	});

	it('a cause is kept only where it was another', () => {
		const close = (outcome: string) =>
			closeCaseSchema('Mere 2').parse({ outcome, trueCause: 'pests', between: '' });
		expect(close('wrong')).toMatchObject({ cause: 'pests' });
		expect(close('right').cause).toBeUndefined();
	});
});
