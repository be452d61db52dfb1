import { describe, expect, it } from 'vitest';
import {
	cropById,
	cropNamed,
	crops,
	harvestWeight,
	hungers,
	seasonTakes,
	takenBy,
	takes,
	targetOf,
	wantsOf,
	type Growing
} from '.';

const grows = (name: string, share = 1): Growing => ({ name, row: cropNamed(name), share });

describe('the table of crops', () => {
	it('names each once, likes a pH that soils have, and takes by a class there is', () => {
		expect(new Set(crops.map(({ id }) => id)).size).toBe(crops.length);
		const names = crops.flatMap((crop) => crop.names);
		expect(new Set(names).size).toBe(names.length);
		for (const { ph, takes: by, months = [], acidLover } of crops) {
			expect(ph[0]).toBeLessThan(ph[1]);
			expect(ph[0]).toBeGreaterThanOrEqual(4);
			expect(ph[1]).toBeLessThanOrEqual(8);
			if (by) expect(takes[by].usual[0]).toBeLessThan(takes[by].usual[1]);
			expect(months.every((month) => month >= 1 && month <= 12)).toBe(true);
			if (acidLover) expect(ph[1]).toBeLessThanOrEqual(6);
		}
	});

	it.each([
		['woad', 'woad'],
		['Early carrots', 'carrot'],
		['potatoes', 'potato'],
		['cherry tomatoes', 'tomato'],
		['Dyer’s knotweed, second year', 'knotweed'],
		['dye camellias', 'camellia'],
		['heather strip', 'heather'],
		['salad for the kitchen', 'lettuce'],
		['peas and beans', 'peas']
	])('finds %s', (words, id) => {
		expect(cropNamed(words)?.id).toBe(id);
	});

	it.each(['', 'comfrey', 'peacock flower', 'grassy'])('does not know %j', (words) => {
		expect(cropNamed(words)).toBeUndefined();
	});

	it('lets a row of one’s own go first', () => {
		const own = { ...cropById('tomato'), id: 'ours', ph: [5.5, 6.5] as const };
		expect(cropNamed('tomato', [own])?.id).toBe('ours');
		expect(cropById('ours', [own]).ph).toEqual([5.5, 6.5]);
		expect(() => cropById('moonflower')).toThrow(RangeError);
	});
});

describe('what crops want together', () => {
	it('is hunger by share and everything that forbids by the strictest', () => {
		const wants = wantsOf([grows('woad', 0.75), grows('carrot', 0.25)]);
		expect(wants.nitrogen).toEqual([0.75 * 18 + 0.25 * 10, 0.75 * 30 + 0.25 * 17]);
		expect(wants.hunger).toBe('heavy');
		expect(wants.raw).toBe('in-soil');
		expect(wants.ph).toEqual([6.0, 6.8]);
		expect(wants.saltShy).toBe(false);
		expect(wantsOf([grows('heather', 0.05), grows('woad')]).acidLover).toBe(true);
		expect(wantsOf([grows('potato', 0.1), grows('lettuce')])).toMatchObject({
			scab: true,
			saltShy: true,
			raw: 'touches'
		});
	});

	it('is nothing where no crop is known, and its share does not matter alone', () => {
		expect(wantsOf([{ name: 'comfrey', share: 1 }])).toEqual({
			raw: 'none',
			acidLover: false,
			scab: false,
			saltShy: false,
			families: []
		});
		expect(wantsOf([grows('weld', 0.2)]).nitrogen).toEqual(hungers.light);
	});

	it.each([
		[['woad'], [], 6.75],
		[['woad'], ['carrot'], 6.4],
		[['potato'], ['madder'], 7],
		[[], [], 6.5],
		[['weld'], [], 7]
	])('comes to a target of %j and then %j: %d', (now, next, target) => {
		const wanted = targetOf({ now: now.map((n) => grows(n)), next: next.map((n) => grows(n)) });
		expect(wanted).toBeCloseTo(target, 9);
	});

	it('has no target for acid lovers, now or next', () => {
		expect(targetOf({ now: [grows('camellia')], next: [] })).toBeUndefined();
		expect(targetOf({ now: [grows('woad')], next: [grows('bilberry')] })).toBeUndefined();
	});
});

describe('what is taken away', () => {
	it('is so many grams to the kilogram, good to a third', () => {
		const { nitrogen, p2o5, k2o } = takenBy('root', 12);
		expect([nitrogen.value, p2o5.value, k2o.value]).toEqual([30, 12, 54]);
		expect(nitrogen.low).toBeCloseTo(20, 9);
		expect(nitrogen.high).toBeCloseTo(40, 9);
	});

	it('of a crate is doubted by how heavy the crate is, too', () => {
		const weight = harvestWeight('root', 20);
		expect(weight.value).toBeCloseTo(20 * Math.sqrt(0.35), 9);
		const { k2o } = takenBy('root', weight);
		expect(k2o.high / k2o.value).toBeGreaterThan(4 / 3);
	});

	it('in a usual season follows from the class, and is nothing of what is not taken', () => {
		expect(seasonTakes(cropById('tomato'), 'k2o')).toEqual([14, 28]);
		expect(seasonTakes(cropById('heather'), 'k2o')).toEqual([0, 0]);
		expect(seasonTakes(undefined, 'k2o')).toEqual([0, 0]);
	});
});
