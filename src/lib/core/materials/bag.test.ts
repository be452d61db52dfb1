import { describe, expect, it } from 'vitest';
import { brings, compositionOf, likelyOxide, oxide, printedOn } from './index';
import { kilograms } from '../units';

const bone = compositionOf('bone-meal');

describe('what a bag says', () => {
	it('is percent of its weight, oxides unless it says otherwise', () => {
		const measured = printedOn(bone, { n: 3, p: 15, k: 0, as: 'oxide' });
		const lot = compositionOf('bone-meal', [{ measured, source: 'the bag' }]);
		const kilo = brings(lot, { kg: kilograms(1) });
		expect(kilo.nitrogen.value).toBeCloseTo(30, 6);
		expect(kilo.phosphorus.value * oxide.phosphorus).toBeCloseTo(150, 6);
		expect(kilo.potassium.value).toBe(0);
	});

	it.each(['castings', 'finished-compost', 'seed-meal', 'urine', 'hardwood-ash'] as const)(
		'comes back from %s as it was printed, whatever its nutrients are told of',
		(material) => {
			const usual = compositionOf(material);
			const measured = printedOn(usual, { n: 1.2, p: 0.9, k: 2.1, as: 'element' });
			const lot = compositionOf(material, [{ measured, source: 'the bag' }]);
			const kilo = brings(lot, { kg: kilograms(1) });
			expect(kilo.nitrogen.value).toBeCloseTo(12, 6);
			expect(kilo.phosphorus.value).toBeCloseTo(9, 6);
			expect(kilo.potassium.value).toBeCloseTo(21, 6);
		}
	);

	it('read as elements where it means oxides is more than the stuff ever holds', () => {
		expect(likelyOxide(bone, { p: 15, as: 'element' })).toBe('phosphorus');
		expect(likelyOxide(bone, { p: 15, as: 'oxide' })).toBeUndefined();
		expect(likelyOxide(bone, { p: 6.5, as: 'element' })).toBeUndefined();
		// Nor is it the oxide where that would be too much as well: it is another stuff.
		expect(likelyOxide(bone, { p: 60, as: 'element' })).toBeUndefined();
	});
});
