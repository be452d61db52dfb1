import { expect, it } from 'vitest';
import { figured, said, slipId, slipped, withStops, wordsOf } from './sentence';

it('keeps the way from each figure of a sentence to what stands behind it', () => {
	const gave = said`gave ${slipped('188 L', 'Char')}, ${figured('21 %', 'lot', 'F 6', 'share')}`;
	expect(said`F6 ${gave}${''} in ${2} days`).toEqual([
		'F6 gave ',
		{ text: '188 L', slip: 'Char' },
		', ',
		{ text: '21 %', href: '/figure/lot/F%206/share' },
		' in 2 days'
	]);
	expect(wordsOf(said`F6 ${gave}`)).toBe('F6 gave 188 L, 21 %');
	expect(wordsOf('as it is')).toBe('as it is');
});

it('names a slip by its label alone, so that a sentence can point to it', () => {
	expect(slipId('Room to the target, L/m²')).toBe('why-room-to-the-target-l-m-');
});

it('parts no figure from the stop behind it', () => {
	const two = said`${slipped('8 L', 'Char')}, then ${slipped('2 L', 'Rest')}; done`;
	expect(withStops(two)).toEqual([
		{ text: '8 L', slip: 'Char', stops: ',' },
		' then ',
		{ text: '2 L', slip: 'Rest', stops: ';' },
		' done'
	]);
	expect(withStops(said`as it ${'is'}.`)).toEqual(['as it is.']);
});
