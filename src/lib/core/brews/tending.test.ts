import { describe, expect, it } from 'vitest';
import { days } from '../time';
import { brewTasks, feeds, type BrewTended } from '.';

const barrel: BrewTended = {
	recipe: 'submerged-ferment',
	state: 'working',
	band: 'working',
	started_ms: 0,
	isStrained: false
};

describe('what a brew wants besides its smell', () => {
	it('is its gas let out each week while it is shut, and its leaves stirred under while it works', () => {
		expect(brewTasks(barrel)).toEqual([{ does: 'vent', due_ms: days(7) }]);
		expect(brewTasks({ ...barrel, vented_ms: days(10) })).toEqual([
			{ does: 'vent', due_ms: days(17) }
		]);
		expect(brewTasks({ ...barrel, isStrained: true })).toEqual([]);
		const liquor: BrewTended = { ...barrel, recipe: 'steeped-liquor' };
		expect(brewTasks(liquor)).toEqual([{ does: 'stir', due_ms: days(3) }]);
		expect(brewTasks({ ...liquor, state: 'ripe', band: 'best' })).toEqual([]);
		expect(brewTasks({ ...barrel, recipe: 'aerated-tea' })).toEqual([]);
	});

	it('is first of all a lid that leaks, and nothing once it is off', () => {
		expect(brewTasks({ ...barrel, leaks_ms: days(5) })[0]).toEqual({
			does: 'mend-lid',
			due_ms: days(5)
		});
		expect(brewTasks({ ...barrel, leaks_ms: days(5), state: 'failed' })).toEqual([]);
	});
});

describe('what a culture is kept for', () => {
	it('is the next step of its line, and of what goes on beds none', () => {
		expect(feeds('grain-culture')).toBe('kept-culture');
		expect(feeds('kept-culture')).toBe('microbe-tea');
		expect(feeds('grain-wash')).toBe('milk-culture');
		expect(feeds('aerated-tea')).toBeUndefined();
	});
});
