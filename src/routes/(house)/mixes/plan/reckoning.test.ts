import highs from 'highs';
import { describe, expect, it } from 'vitest';
import { compositionOf, type MaterialId } from '$lib/core/materials';
import { bestBlend, type Solve, type Solved } from '$lib/core/mixes';
import { analysisWords, blendAnswer, solvedWords } from './answer';
import { freshBlend, partOf } from './entry';
import { areaOf, perAreaOf, programFor, reckonBlend } from './reckoning';
import type { BlendEntry, BlendStock, BlendYard } from './told';

const solver = highs();
const solve: Solve = async (text) => (await solver).solve(text) as unknown as Solved;

const lot = (code: string, material: MaterialId, left_kg: number, isOwn = true): BlendStock => ({
	...{ code, name: material, left_kg, isOwn, price: isOwn ? undefined : 2.9 },
	composition: compositionOf(material),
	left_l: left_kg / compositionOf(material).density.value
});
const yard = (stock: readonly BlendStock[] = []): BlendYard => ({
	...{ stock, analyses: {}, prices: { 'bone-meal': 2.9, 'seed-meal': 1.4 }, measures: [] },
	beds: [{ name: 'Mere 2', area_m2: 24, wants_g: [8, 12] }]
});
const entry = (more: Partial<BlendEntry>): BlendEntry => ({ ...freshBlend({}, 'metric'), ...more });
const parts = (...lines: readonly (readonly [string, string])[]) => ({
	stuff: lines.map(([stuff]) => stuff),
	part: lines.map(([, part]) => part)
});
const money = (amount: number) => amount.toFixed(2);

describe('a blend by its parts', () => {
	it('is told as bags tell it, and as the elements', () => {
		const of = parts(['bone-meal', '10 kg']);
		const bag = reckonBlend(entry(of), yard())!;
		expect(analysisWords(bag.analysis)).toBe('3–15–0');
		const elements = reckonBlend(entry({ ...of, as: 'element' }), yard())!;
		expect(elements.analysis[1].value * 2.2914).toBeCloseTo(bag.analysis[1].value, 9);
		expect(bag.analysis[1].low).toBeLessThan(bag.analysis[1].value);
	});

	it('says how much ground it dresses, what is one’s own, and what the rest costs', () => {
		const of = entry({
			...parts(['lot:M1', '20 kg'], ['bone-meal', '2 kg'], ['seed-meal', '4 kg']),
			bed: 'Mere 2'
		});
		const told = reckonBlend(of, yard([lot('M1', 'castings', 40)]))!;
		expect(told.own).toBeCloseTo(20 / 26, 6);
		expect(told.cost).toBeCloseTo(2 * 2.9 + 4 * 1.4, 6);
		expect(perAreaOf(of, yard())).toBe(10);
		expect(told.dresses_m2).toBeCloseTo(told.blend.first.nitrogen.value / 10, 9);
		expect(blendAnswer(of, told, 'metric')).toMatch(/^26 kg of .* enough for \d+ m²$/);
	});

	it('has no cost where something never had a price, and no ground without nitrogen', () => {
		expect(reckonBlend(entry(parts(['seaweed-meal', '1 kg'])), yard())!.cost).toBeUndefined();
		const rock = reckonBlend(entry(parts(['phosphate-rock', '1 kg'])), yard())!;
		expect(rock.dresses_m2).toBeUndefined();
		expect(reckonBlend(entry({ stuff: [], part: [] }), yard())).toBeUndefined();
	});

	it('with ash beside fresh litter is never right', () => {
		const of = entry(parts(['lot:A1', '1 kg'], ['lot:M2', '5 kg']));
		const told = reckonBlend(
			of,
			yard([lot('A1', 'hardwood-ash', 4), lot('M2', 'poultry-litter', 9)])
		)!;
		expect(told.cautions.map(({ code, weight }) => `${weight} ${code}`)).toContain(
			'never mix-ash-ammonium'
		);
	});
});

describe('a blend backwards', () => {
	const asked = { nWanted: '4', pWanted: '4', kWanted: '1', dressed: '24' };

	it('wants a ratio, and ground', () => {
		expect(programFor(entry({}), yard())).toBe('ratio');
		expect(programFor(entry({ nWanted: '4' }), yard())).toBe('area');
		expect(areaOf(entry({ bed: 'Mere 2' }), yard())).toBe(24);
	});

	it('taken as the parts is what was asked for', async () => {
		const of = entry(asked);
		const program = programFor(of, yard());
		if (typeof program === 'string') throw new Error(program);
		const found = await bestBlend(program, solve);
		if (found.status !== 'found') throw new Error('none');
		const lines = program.candidates.flatMap(({ id }, i) =>
			found.kg[i]! > 1e-4 ? [[id, partOf(found.kg[i]!, 'metric')] as const] : []
		);
		const told = reckonBlend(entry({ ...asked, ...parts(...lines) }), yard())!;
		const [n, p, k] = told.analysis.map(({ value }) => value) as [number, number, number];
		expect(p / n).toBeGreaterThan(0.9);
		expect(p / n).toBeLessThan(1.11);
		expect(k / n).toBeLessThan(0.28);
		expect(solvedWords(found, program, money)).toMatch(/^It costs \d/);
	});

	it('that cannot be names what would give way', async () => {
		const stock = [lot('M1', 'finished-compost', 200), lot('A1', 'hardwood-ash', 20)];
		const of = entry({ nWanted: '10', pWanted: '2', kWanted: '2', dressed: '24', leastOwn: '100' });
		const program = programFor(of, yard(stock));
		if (typeof program === 'string') throw new Error(program);
		const found = await bestBlend(program, solve);
		expect(found.status).toBe('none');
		expect(solvedWords(found, program, money)).toMatch(
			/^There is no such blend: .* would have to give way\.$/
		);
	});
});
