import { describe, expect, it } from 'vitest';
import { compositionOf } from '$lib/core/materials';
import { mixRecipes } from '$lib/core/mixes';
import { potsSent, reckonPots, type PotEntry } from './reckoning';
import type { PotStock, PotYard } from './told';

const recipes = mixRecipes.map(({ id, name, use, parts, source }) => ({
	...{ id, name, use, source },
	parts: parts.map(([stuff, share]) => ({ stuff: stuff as string, share }))
}));
const perlite = (left_l: number): PotStock => ({
	...{ code: 'M7', name: 'perlite', material: 'perlite', left_l },
	composition: compositionOf('perlite')
});
const yard = (more: Partial<PotYard> = {}): PotYard => ({
	...{ recipes, stock: [], analyses: {}, bags: {}, system: 'metric' },
	measures: [{ name: 'grey tub', litres: 38 }],
	...more
});
const entry = (more: Partial<PotEntry> = {}): PotEntry => ({
	...{ recipe: 'seed', pots: '180', shape: 'round', top: '11 cm' },
	...{ foot: '', potHigh: '', cells: '', cellVolume: '', by: '' },
	...more
});
const seed = recipes.find(
	({ use, parts }) => use === 'seed' && parts.some(({ stuff }) => stuff === 'perlite')
)!;
const reckon = (more: Partial<PotEntry> = {}, of: PotYard = yard()) =>
	reckonPots(entry({ recipe: seed.id, ...more }), of)!;

describe('what so many pots take', () => {
	it('is asked for loose, and its parts sum to it', () => {
		const { loose_l, lines, filled_l, each_l } = reckon();
		expect(each_l).toBeCloseTo(0.59, 1);
		expect(filled_l).toBeCloseTo(180 * each_l, 6);
		expect(lines.reduce((sum, { litres }) => sum + litres, 0)).toBeCloseTo(loose_l, 9);
	});

	it('with half a bag of perlite says for how many that is enough, and brings in the rest', () => {
		const full = reckon();
		const wants = full.lines.find(({ stuff }) => stuff === 'perlite')!.litres;
		const short = reckon({}, yard({ stock: [perlite(wants / 2)], bags: { perlite: wants } }));
		const line = short.lines.find(({ stuff }) => stuff === 'perlite')!;
		expect(line.enough).toBe(90);
		expect(line.lacks_l).toBeCloseTo(wants / 2, 9);
		const sent = potsSent(short).filter(({ stuff }) => /perlite|M7/.test(stuff));
		expect(sent.map(({ stuff }) => stuff)).toEqual(['lot:M7', 'perlite']);
		expect(sent.reduce((sum, { litres }) => sum + litres, 0)).toBeCloseTo(wants, 9);
	});

	it('in halves of an own measure is close to it, and never without a part', () => {
		const { lines, loose_l } = reckon({ by: 'grey tub' });
		for (const { litres } of lines) {
			expect((litres / 19) % 1).toBeCloseTo(0, 9);
			expect(litres).toBeGreaterThan(0);
		}
		expect(lines.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
		expect(loose_l / reckon().loose_l).toBeGreaterThan(0.6);
		expect(loose_l / reckon().loose_l).toBeLessThan(1.4);
	});

	it('goes by what was measured of an own mix', () => {
		const own = { ...seed, id: 'X2', air: 0.22, paste: 1.4, ph: 6.3 };
		const { air, paste, ph } = reckon({ recipe: 'X2' }, yard({ recipes: [own] }));
		expect(air.value).toBeCloseTo(0.22, 9);
		expect(paste.value).toBeCloseTo(1.4, 9);
		expect(ph).toEqual({ value: 6.3, low: 6.3, high: 6.3 });
		const guessed = reckon();
		expect(guessed.paste.high / guessed.paste.low).toBeGreaterThan(2);
	});

	it('is nothing until it can be read', () => {
		expect(reckonPots(entry({ pots: 'many' }), yard())).toBeUndefined();
		expect(reckonPots(entry({ top: '' }), yard())).toBeUndefined();
	});
});
