import { describe, expect, it } from 'vitest';
import { careRules, recipeOf, recipes, vesselFor } from '$lib/core/brews';
import { planAnswer } from './answer';
import { judge } from '$lib/core/cautions';
import { sayCaution } from '$lib/format/caution-words';
import { freshEntry, usualAmount } from './entry';
import { reckonBrew, type BrewYard } from './reckoning';

const vessels = [
	{ name: 'Jar', capacity_l: 1.5 },
	{ name: 'Pail', capacity_l: 26 },
	{ name: 'Full pail', capacity_l: 25, holds: 'B1' },
	{ name: 'Barrel', capacity_l: 120 }
];
const almanac = { timeZone: 'UTC', now_ms: Date.UTC(2026, 10, 24, 12) };
const sound = { state: 'ripe', isRipe: true, doubted: '' };
const yard: BrewYard = {
	system: 'metric',
	stock: [
		{ code: 'B2', name: 'whey', stuff: 'milk-culture', left_l: 2, density: 1, starter: sound },
		{ code: 'B3', name: 'jar', stuff: 'kept-culture', left_l: 0.5, density: 1.1, starter: sound },
		{
			code: 'B4',
			name: 'bad',
			stuff: 'kept-culture',
			left_l: 1,
			density: 1.1,
			starter: { ...sound, state: 'failed', isRipe: false },
			doubt: 'failed'
		}
	],
	densities: { castings: 0.7, molasses: 1.4, sugar: 1.1 }
};
const answer = (values: Record<string, string>) => {
	const entry = freshEntry(values, vessels, 'metric');
	const vessel = vessels.find(({ name }) => name === entry.vessel);
	const reckoned = reckonBrew(entry, vessel, almanac.now_ms, yard);
	return planAnswer(entry, recipeOf(entry.recipe), reckoned, vessel, {
		almanac,
		system: 'metric'
	});
};

describe('what the plan of a brew begins with', () => {
	it('is the free vessel nearest in size to what its kind is made in', () => {
		expect(vesselFor('aerated-tea', vessels)?.name).toBe('Pail');
		expect(vesselFor('kept-culture', vessels)?.name).toBe('Jar');
		expect(vesselFor('steeped-liquor', vessels)?.name).toBe('Barrel');
		expect(vesselFor('aerated-tea', [vessels[2]!])).toBeUndefined();
	});

	it('is as much as fits, rounded down, in either system', () => {
		expect(usualAmount('aerated-tea', vessels[1], 'metric')).toBe('20 L');
		expect(usualAmount('aerated-tea', vessels[1], 'us')).toBe('5.2 gal');
		// A kilogram of leaves to ten litres wants its room too.
		expect(usualAmount('steeped-liquor', vessels[3], 'metric')).toBe('87 L');
		expect(usualAmount('aerated-tea', undefined, 'metric')).toBe('');
		for (const { id } of recipes) expect(usualAmount(id, vessels[1], 'metric')).not.toBe('');
	});

	it('takes the sound culture first, and says where there is more asked than there is', () => {
		const entry = freshEntry({ recipe: 'microbe-tea', base: '20 L' }, vessels, 'metric');
		const reckoned = reckonBrew(entry, vessels[1], almanac.now_ms, yard)!;
		expect(reckoned.parts[0]).toMatchObject({ stuff: 'kept-culture', lot: 'B3' });
		expect(reckoned.parts[0]?.short).toBeUndefined();
		entry.parts.starter = { amount: '800 mL', with: 'lot:B3:kept-culture' };
		const more = reckonBrew(entry, vessels[1], almanac.now_ms, yard)!;
		expect(more.parts[0]?.short).toBeCloseTo(0.3, 9);
	});
});

describe('what the plan of a brew answers', () => {
	it('is what goes in and when it is ripe, by the hour or by the day', () => {
		expect(answer({ recipe: 'aerated-tea', base: '20 L', temperature: '20' })).toBe(
			'1 to 2 L of worm castings in the bag to 20 L of water; ripe from 25 Nov, 06:00'
		);
		expect(answer({ recipe: 'steeped-liquor', base: '80 L', temperature: '20' })).toBe(
			'8 kg of leaves to 80 L of water; ripe from 8 Dec'
		);
	});

	it('is first what stands in the way', () => {
		expect(answer({ recipe: 'aerated-tea', base: 'much' })).toMatch(/^How much water/);
		expect(answer({ recipe: 'aerated-tea', base: '24 L' })).toMatch(/^That runs over/);
		expect(answer({ recipe: 'aerated-tea', base: '20 L', temperature: '4' })).toMatch(
			/sleeps until it is warmer$/
		);
	});
});

describe('the cautions of a recipe', () => {
	it('stand where it is set going, by what can hurt there', () => {
		const of = (id: (typeof recipes)[number]['id'], hasSugar = false) =>
			judge(careRules, { recipe: recipeOf(id), hasSugar })
				.map((one) => sayCaution(one, 'metric'))
				.join(' ');
		expect(of('ash-tea')).toContain('goggles');
		expect(of('submerged-ferment')).toContain('Never bend over an opened barrel');
		expect(of('grain-culture')).toContain('unopened');
		expect(of('microbe-tea', true)).toContain('not on parts that are eaten raw');
		for (const { id } of recipes) expect(of(id)).toContain('no brew is for a body');
	});
});
