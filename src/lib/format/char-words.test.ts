import { describe, expect, it } from 'vitest';
import { kilograms } from '../core/units';
import { originWords } from './char-words';

describe('where char is from', () => {
	const bought = {
		from: 'bought',
		words: 'the second bag',
		sold_kg: kilograms(28),
		price: 24
	} as const;

	it('names its price in the currency of the place', () => {
		expect(originWords(bought, 'metric', 'GBP')).toBe(
			'Bought, the second bag, 28 kg as sold, for £24.00'
		);
		expect(originWords(bought, 'us', 'USD')).toContain('for US$24.00');
	});

	it('says the figure alone where nobody named a currency', () => {
		expect(originWords(bought, 'metric')).toMatch(/for 24$/);
	});
});
