import { describe, expect, it } from 'vitest';
import { compositionOf, type MaterialId } from '../materials';
import { kilograms, litres } from '../units';
import { pasteBorne, pasteOf, saltsOf } from './salts';

const per_kg = (id: MaterialId) =>
	saltsOf([{ composition: compositionOf(id), measure: { kg: kilograms(1) } }]);
const in_L = (parts: readonly (readonly [MaterialId, number])[]) =>
	pasteOf(
		parts.map(([id, share]) => ({
			composition: compositionOf(id),
			measure: { litres: litres(share) }
		})),
		1
	);

describe('salts of a mix', () => {
	it('lie in ash and seaweed, and hardly in bark, bone or rock', () => {
		expect(per_kg('hardwood-ash').value).toBeGreaterThan(40);
		expect(per_kg('seaweed-meal').value).toBeGreaterThan(100);
		for (const id of ['fine-bark', 'bone-meal', 'glauconite-sand', 'perlite'] as const)
			expect(per_kg(id).value).toBeLessThan(12);
		expect(per_kg('sea-salt').value).toBeCloseTo(1000, -1);
	});

	it('sum over parts, whose doubts cancel in part but where they are of one kind', () => {
		const one = { composition: compositionOf('castings'), measure: { litres: litres(2) } };
		const two = { composition: compositionOf('leaf-mould'), measure: { litres: litres(3) } };
		const [both, first, second] = [saltsOf([one, two]), saltsOf([one]), saltsOf([two])];
		expect(both.value).toBeCloseTo(first.value + second.value, 9);
		expect(both.high).toBeLessThan(first.high + second.high);
		expect(both.high).toBeGreaterThan(both.value);
		expect(pasteOf([], 1).value).toBe(0);
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
