import { describe, expect, it } from 'vitest';
import { residue } from '../ledger';
import { between, exactly, kilograms, litres } from '../units';
import { amountOf, brings, compositionOf, germClasses, materials } from './index';

describe('what a material brings', () => {
	it('is told of urine by the litre', () => {
		const brought = brings(compositionOf('urine'), { litres: litres(10) });
		expect(brought.nitrogen).toMatchObject({ formula: 'urine × nitrogen', low: 50, high: 70 });
		expect(brought.mineralNitrogen.value).toBeLessThan(brought.nitrogen.value);
		expect(brought.potassium.value).toBeCloseTo(10 * Math.sqrt(1.5 * 2.2), 6);
	});

	it('is told of compost by its dry mass: 100 L are 25–36 kg dry, some 300 g of nitrogen', () => {
		const brought = brings(compositionOf('finished-compost'), { litres: litres(100) });
		expect(brought.dry.formula).toBe('finished compost × density as used × (1 − water)');
		expect(brought.dry.value).toBeCloseTo(
			100 * Math.sqrt(0.45 * 0.65) * (1 - Math.sqrt(0.35 * 0.55)),
			6
		);
		expect(brought.nitrogen.value).toBeCloseTo(brought.dry.value * Math.sqrt(8 * 15), 6);
		expect(brought.lime.value).toBe(0);
	});

	it('is the same by weight as by the litres it fills', () => {
		const composition = compositionOf('cattle-manure');
		const byLitres = brings(composition, { litres: litres(50) });
		const byWeight = brings(composition, { kg: kilograms(byLitres.mass.value) });
		expect(byWeight.volume.value).toBeCloseTo(50, 9);
		expect(byWeight.nitrogen.value).toBeCloseTo(byLitres.nitrogen.value, 9);
		// A weighed manure is doubted less than a heaped one.
		expect(byWeight.nitrogen.high).toBeLessThan(byLitres.nitrogen.high);
	});

	it('counts the lime and potash of ash: 1 kg of dry hardwood ash, 300–600 g of lime', () => {
		const own = [{ measured: { water: exactly(0) }, source: 'kept dry' }];
		const brought = brings(compositionOf('hardwood-ash', own), { kg: kilograms(1) });
		expect(brought.lime.low).toBeCloseTo(300, 6);
		expect(brought.lime.high).toBeCloseTo(600, 6);
		// K2O of 2–8 %, told as the element.
		expect(brought.potassium.low).toBeCloseTo(20 * 0.83, 6);
	});

	it('goes by the grower’s own analysis first, the newest of them', () => {
		const composition = compositionOf('poultry-manure', [
			{ measured: { nitrogen: exactly(13) }, source: 'own analysis of May' },
			{ measured: { nitrogen: exactly(9), density: between(0.7, 0.72) }, source: 'own, older' }
		]);
		expect(composition.nitrogen).toMatchObject({
			value: 13,
			origin: 'own',
			source: 'own analysis of May'
		});
		expect(composition.density).toMatchObject({ low: 0.7, origin: 'own' });
		expect(composition.potassium.origin).toBe('default');
	});

	it('enters the ledger with its sort of dry matter, and closes', () => {
		const amount = amountOf(compositionOf('softwood-ash'), { litres: litres(5) });
		expect(amount.contents.char).toBeUndefined();
		expect(amount.contents.ash).toBeGreaterThan(2e6);
		expect(
			residue([
				{ direction: 'out', ...amount },
				{ direction: 'in', ...amount }
			])
		).toEqual({});
	});
});

describe('the table of materials', () => {
	it('has each once, sourced, with sound ranges', () => {
		expect(new Set(materials.map(({ id }) => id)).size).toBe(materials.length);
		for (const material of materials) {
			expect(material.source.length).toBeGreaterThan(10);
			expect(germClasses).toContain(material.germs);
			for (const [low, high] of [
				material.density,
				material.water,
				material.nitrogen,
				material.mineralShare,
				material.phosphorus,
				material.potassium,
				material.lime,
				material.ph
			])
				expect(low >= 0 && high >= low).toBe(true);
			expect(material.water[1]).toBeLessThanOrEqual(1);
			expect(material.mineralShare[1]).toBeLessThanOrEqual(1);
			expect(material.ph[1]).toBeLessThanOrEqual(14);
		}
	});
});
