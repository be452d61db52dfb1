import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { hours, warmthOf } from '../time';
import { celsius, litres } from '../units';
import {
	brewSpeed,
	brewState,
	brewWindow,
	diedAt,
	dilutedAs,
	dissolvedOf,
	drenchOf,
	fillsOf,
	goesTo,
	hoursAt20,
	hoursToUse,
	leavesRoom,
	paceAt,
	planBrew,
	recipeOf,
	recipes,
	whenWorked,
	type Smell
} from '.';

const tea = 'aerated-tea';
const at = (h: number) => hours(h);
const steady = (c: number) => warmthOf(0, celsius(c), []);

describe('the clock of a brew', () => {
	it('doubles each 10 °C, sleeps below 8 °C, runs no faster above 38 °C and dies past 45 °C', () => {
		expect(brewSpeed(celsius(20))).toBe(1);
		expect(brewSpeed(celsius(30))).toBe(2);
		expect(brewSpeed(celsius(10))).toBe(0.5);
		expect(brewSpeed(celsius(7.9))).toBe(0);
		expect(brewSpeed(celsius(44))).toBe(brewSpeed(celsius(38)));
		expect([paceAt(celsius(46)), brewSpeed(celsius(46))]).toEqual(['dead', 0]);
	});

	it('adds up what held from reading to reading: a cold night pushes the hour back', () => {
		// 6 h at 20 °C, then 10 h at 10 °C, then 20 °C again: 6 + 5 = 11 h by hour 16, 18 h at hour 23.
		const warmth = warmthOf(0, celsius(20), [
			{ at_ms: at(16), temperature: celsius(20) },
			{ at_ms: at(6), temperature: celsius(10) }
		]);
		expect(hoursAt20(warmth, at(16))).toBeCloseTo(11, 9);
		expect(whenWorked(warmth, 18)).toBeCloseTo(at(23), 3);
		expect(whenWorked(steady(20), 18)).toBe(at(18));
		expect(whenWorked(steady(5), 18)).toBeNull();
	});

	it('stays dead once it was too hot, however it cools', () => {
		const cooked = warmthOf(0, celsius(20), [
			{ at_ms: at(20), temperature: celsius(50) },
			{ at_ms: at(21), temperature: celsius(20) }
		]);
		expect(diedAt(cooked)).toBe(at(20));
		expect(diedAt(steady(20))).toBeNull();
		expect(hoursAt20(cooked, at(60))).toBe(20);
		expect(whenWorked(cooked, 18)).toBe(at(18));
		expect(whenWorked(cooked, 27)).toBeNull();
		expect(brewWindow(tea, cooked)).toMatchObject({
			usable_ms: at(18),
			best_ms: null,
			past_ms: at(20)
		});
		const early = warmthOf(0, celsius(20), [{ at_ms: at(5), temperature: celsius(46) }]);
		expect(brewWindow(tea, early)).toMatchObject({ usable_ms: null, past_ms: at(5) });
	});

	it('gives back the hours it was asked for, whatever the weather', () => {
		const reading = fc.record({
			at_ms: fc.integer({ min: 1, max: at(60) }),
			temperature: fc.integer({ min: 8, max: 45 }).map(celsius)
		});
		fc.assert(
			fc.property(
				fc.array(reading, { maxLength: 6 }),
				fc.integer({ min: 1, max: 50 }),
				(log, h) => {
					const warmth = warmthOf(0, celsius(18), log);
					const when = whenWorked(warmth, h);
					expect(when).not.toBeNull();
					expect(hoursAt20(warmth, when ?? 0)).toBeCloseTo(h, 6);
				}
			)
		);
	});
});

describe('the window of an aerated tea', () => {
	it('opens at 18 h, is best from 27 h to 46.8 h and of use to 57.6 h at 20 °C', () => {
		const window = brewWindow(tea, steady(20));
		expect(window).toEqual({
			start_ms: 0,
			usable_ms: at(18),
			best_ms: at(27),
			fading_ms: at(36 * 1.3),
			past_ms: at(36 * 1.6)
		});
		expect(brewWindow(tea, steady(10)).usable_ms).toBe(at(36));
		expect(brewWindow(tea, steady(6)).usable_ms).toBeNull();
	});

	it('keeps four to six hours once the pump stops, on the same clock', () => {
		const window = brewWindow(tea, steady(20), at(28));
		expect([window.fading_ms, window.past_ms]).toEqual([at(32), at(34)]);
		expect(brewWindow(tea, steady(10), at(40)).past_ms).toBe(at(52));
		// Stopped long before its hour it never comes to anything.
		expect(brewWindow(tea, steady(20), at(4))).toMatchObject({ usable_ms: null, fading_ms: null });
	});

	it('is in order, whatever the temperatures and whenever the pump stopped', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 0, max: 50 }),
				fc.option(fc.integer({ min: 0, max: at(70) })),
				(c, stopped) => {
					const { usable_ms, best_ms, fading_ms, past_ms } = brewWindow(tea, steady(c), stopped);
					const known = [usable_ms, best_ms, fading_ms, past_ms].filter((ms) => ms !== null);
					expect(known).toEqual([...known].sort((a, b) => a - b));
				}
			)
		);
	});
});

describe('how a brew stands', () => {
	const window = brewWindow(tea, steady(20));
	const state = (h: number, ...smells: readonly [number, Smell][]) =>
		brewState(
			tea,
			window,
			smells.map(([hour, smell]) => ({ at_ms: at(hour), smell })),
			at(h)
		).state;

	it('ripe is an hour and a smell, and the newest smell counts', () => {
		expect(state(10)).toBe('working');
		expect(state(20)).toBe('wants-smell');
		expect(state(20, [12, 'earthy'])).toBe('wants-smell');
		expect(state(20, [19, 'earthy'])).toBe('ripe');
		expect(state(20, [19, 'sweet'])).toBe('wants-smell');
		expect(state(50, [40, 'earthy'])).toBe('fading');
		expect(state(60, [40, 'earthy'])).toBe('past');
	});

	it('a stink has failed it, at any hour, until a better nose says otherwise', () => {
		expect(state(5, [4, 'stink'])).toBe('failed');
		expect(state(60, [40, 'stink'])).toBe('failed');
		expect(state(20, [18.5, 'stink'], [19, 'earthy'])).toBe('ripe');
	});
});

describe('what goes in and how far it goes', () => {
	it('is scaled to the vessel, with room for froth', () => {
		expect(planBrew(tea, litres(25))).toEqual({
			water: 20,
			partner: 1.5,
			partnerLow: 1,
			partnerHigh: 2
		});
		expect(leavesRoom(tea, litres(20), litres(25))).toBe(true);
		expect(leavesRoom(tea, litres(21), litres(25))).toBe(false);
	});

	it('takes the mineral nitrogen and most of the potassium, and leaves the rest in the bag', () =>
		expect(
			dissolvedOf({ other: 5e6, nitrogen: 1000, 'mineral-nitrogen': 100, potassium: 200 })
		).toEqual({ nitrogen: 100, 'mineral-nitrogen': 100, potassium: 140 }));

	it('in parts is one of brew to so many of water', () => {
		expect(dilutedAs(litres(24), 4)).toMatchObject({ brew: 4.8 });
		expect(dilutedAs(litres(24), 0)).toMatchObject({ brew: 24, water: 0 });
		expect(goesTo(litres(22), 4)).toBe(110);
		expect(() => dilutedAs(litres(24), -1)).toThrow(RangeError);
		expect(fillsOf(dilutedAs(litres(24), 4), litres(9))).toMatchObject({ whole: 2 });
		expect(fillsOf(dilutedAs(litres(27), 4), litres(9))).toMatchObject({ whole: 3, last: 0 });
	});

	it('is told with what it rests on', () => {
		expect(hoursToUse(tea, celsius(10))?.value).toBe(36);
		expect(hoursToUse(tea, celsius(5))).toBeUndefined();
		expect(drenchOf(8)).toMatchObject({ value: 24, low: 16, high: 40 });
	});
});

describe('the table of recipes', () => {
	it('is sourced, in order and unique', () => {
		expect(new Set(recipes.map(({ id }) => id)).size).toBe(recipes.length);
		for (const recipe of recipes) {
			for (const [low, high] of [recipe.per10L, recipe.hours, recipe.keepsHours, recipe.dilution])
				expect(low).toBeLessThan(high);
			expect(recipe.fill).toBeLessThan(1);
			expect(recipe.source).not.toBe('');
		}
		expect(() => recipeOf('moonshine')).toThrow(RangeError);
	});
});
