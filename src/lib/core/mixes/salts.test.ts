import { describe, expect, it } from 'vitest';
import { compositionOf, type MaterialId } from '../materials';
import { kilograms, litres } from '../units';
import { pasteBorne, pasteOf, saltsIn, saltsOf } from './salts';

const per_kg = (id: MaterialId) => saltsIn(compositionOf(id), { kg: kilograms(1) });
const in_L = (parts: readonly (readonly [MaterialId, number])[]) =>
	pasteOf(
		saltsOf(
			parts.map(([id, share]) => ({
				composition: compositionOf(id),
				measure: { litres: litres(share) }
			}))
		)
	);

describe('salts of a mix', () => {
	it('lie in ash and seaweed, and hardly in bark, bone or rock', () => {
		expect(per_kg('hardwood-ash').value).toBeGreaterThan(40);
		expect(per_kg('seaweed-meal').value).toBeGreaterThan(100);
		for (const id of ['fine-bark', 'bone-meal', 'glauconite-sand', 'perlite'] as const)
			expect(per_kg(id).value).toBeLessThan(12);
		expect(per_kg('sea-salt').value).toBeCloseTo(1000, -1);
	});

	it('sum over parts, end by end', () => {
		const two = saltsOf([
			{ composition: compositionOf('castings'), measure: { litres: litres(2) } },
			{ composition: compositionOf('leaf-mould'), measure: { litres: litres(3) } }
		]);
		const apart = [
			saltsIn(compositionOf('castings'), { litres: litres(2) }),
			saltsIn(compositionOf('leaf-mould'), { litres: litres(3) })
		];
		for (const end of ['low', 'value', 'high'] as const)
			expect(two[end]).toBeCloseTo(apart[0]![end] + apart[1]![end], 9);
	});

	it('of leaf mould alone are borne by seedlings, of compost alone by nothing in a pot', () => {
		expect(in_L([['leaf-mould', 1]]).value).toBeLessThan(pasteBorne.seed);
		expect(in_L([['finished-compost', 1]]).value).toBeGreaterThan(pasteBorne.pots);
		const pots = in_L([
			['leaf-mould', 0.5],
			['finished-compost', 0.25],
			['fine-bark', 0.25]
		]);
		expect(pots.low).toBeLessThan(pasteBorne.pots);
		expect(pots.low).toBeLessThan(pots.value);
		expect(pots.value).toBeLessThan(pots.high);
	});
});
