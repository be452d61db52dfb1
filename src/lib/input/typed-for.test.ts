import { describe, expect, it } from 'vitest';
import { typedOf } from './typed-for';

describe('what was typed for one school', () => {
	const typed = {
		school: 'manure-cure',
		ratio: '1.5',
		'extra-sugar': '1 L',
		'with-sugar': 'sugar',
		reallyWater: '3',
		part: '40 L',
		temperature: '15'
	};
	it('stands while that school is chosen, or nobody said whose it is', () => {
		expect(typedOf(typed)).toEqual(typed);
		expect(typedOf({ ...typed, typedFor: 'manure-cure' })).toMatchObject(typed);
	});
	it('says nothing of another school or recipe; what is of all of them stays', () => {
		expect(typedOf({ ...typed, typedFor: 'compost-rest' })).toEqual({
			school: 'manure-cure',
			part: '40 L',
			temperature: '15',
			typedFor: 'compost-rest'
		});
		expect(
			typedOf({ recipe: 'ash-tea', typedFor: 'aerated-tea', base: '20 L', 'amount-bag': '1 L' })
		).toEqual({ recipe: 'ash-tea', typedFor: 'aerated-tea' });
	});
});
