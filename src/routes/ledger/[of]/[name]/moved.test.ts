import { describe, expect, it } from 'vitest';
import { contentsOf } from '$lib/core/ledger';
import { giftFigure, movedFigure, nameOf } from './moved';

const almanac = { timeZone: 'UTC', now_ms: Date.UTC(2026, 10, 24) };
const line = (node: string, litres: number, kg: number, sort: 'wood' | 'char' = 'wood') => ({
	node,
	direction: kg < 0 ? ('out' as const) : ('in' as const),
	volume_ml: Math.abs(litres) * 1000,
	mass_g: 0,
	contents: contentsOf({ [sort]: Math.abs(kg) })
});
const burnt = {
	verb: 'record-burn',
	at_ms: Date.UTC(2026, 5, 2),
	person: 'Oda',
	lines: [
		line('K2', 92, 14, 'char'),
		line('S10', 60, 12),
		line('gas-and-ash', 0, 162),
		line('S5', -3200, -188)
	]
};

describe('what an act moved', () => {
	it('is taken by litres and the dry weight of each, then', () => {
		const kg = movedFigure(burnt, 'S5', 'kg', almanac)!;
		expect(kg.value).toBe(-188);
		expect(kg.from.map(({ name, value }) => [name, value])).toEqual([
			['moved', -3200],
			['dry weight per litre', 188 / 3200]
		]);
		expect(kg.from[0]?.source).toMatch(/^burnt 2 Jun, Oda: /);
	});

	it('is made of all that the other lines leave', () => {
		const kg = movedFigure(burnt, 'K2', 'kg', almanac)!;
		expect(kg.from.map(({ name, value }) => [name, value])).toEqual([
			['from S5', 188],
			['into S10', 12],
			['into gas and ash', 162]
		]);
		expect(movedFigure(burnt, 'K9', 'kg', almanac)).toBeUndefined();
	});

	it('is given by dry weight: to each what it was made of', () => {
		const litres = giftFigure(burnt, ['S5', 'K2'], 'L')!;
		expect(litres.value).toBeCloseTo((3200 * 14) / 188, 9);
		expect(litres.from.map(({ name }) => name)).toEqual([
			'taken from S5',
			'made: K2, dry',
			'made: S10, dry',
			'made: gas and ash, dry'
		]);
		expect(giftFigure(burnt, ['S5', 'K2'], 'kg')?.value).toBe(14);
		expect(giftFigure(burnt, ['K2', 'S5'], 'L')).toBeUndefined();
	});

	it('names a bed as it is called', () => {
		expect(['bed:By-the-wall', 'gas-and-ash', 'K2'].map(nameOf)).toEqual([
			'By-the-wall',
			'gas and ash',
			'K2'
		]);
	});
});
