import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { hours, warmthOf } from '../time';
import { celsius, litres } from '../units';
import {
	brewSpeed,
	brewState,
	brewWindow,
	diedAt,
	foundRipe,
	isAsleep,
	pumpRests,
	hoursAt20,
	hoursToUse,
	paceAt,
	recipes,
	verdictOf,
	whenAged,
	whenWorked,
	type RecipeId,
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

	it('is what a hand makes of it: 30 h at 17 °C are 24.4 h at 20 °C', () => {
		// 2^((17 − 20) / 10) = 0.8123; × 30 = 24.37.
		expect(hoursAt20(steady(17), at(30))).toBeCloseTo(24.37, 2);
		// By slices of a minute over a night that cools by steps.
		const warmth = warmthOf(0, celsius(19), [
			{ at_ms: at(4), temperature: celsius(14) },
			{ at_ms: at(9), temperature: celsius(9) },
			{ at_ms: at(15), temperature: celsius(18) }
		]);
		let sum = 0;
		for (let minute = 0; minute < 20 * 60; minute += 1) {
			const h = minute / 60;
			const c = h < 4 ? 19 : h < 9 ? 14 : h < 15 ? 9 : 18;
			sum += 2 ** ((c - 20) / 10) / 60;
		}
		expect(hoursAt20(warmth, at(20))).toBeCloseTo(sum, 6);
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

	it('ages what is kept as stated up to 15 °C, and twice as fast for each 10 °C above', () => {
		expect(whenAged(steady(4), 100, 0)).toBe(at(100));
		expect(whenAged(steady(15), 100, 0)).toBe(at(100));
		expect(whenAged(steady(25), 100, 0)).toBe(at(50));
		const moved = warmthOf(0, celsius(25), [{ at_ms: at(20), temperature: celsius(10) }]);
		// 20 h that count double, then 60 more.
		expect(whenAged(moved, 100, 0)).toBeCloseTo(at(80), 3);
	});
});

/** Off at an hour, and on again at another or never. */
const off = (from: number, to?: number) => [
	{ off_ms: at(from), on_ms: to === undefined ? null : at(to) }
];

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

	it('goes on where its pump was back within those hours, and is lost where it was not', () => {
		const running = brewWindow(tea, steady(20));
		expect(brewWindow(tea, steady(20), { rests: off(28, 31) })).toEqual(running);
		expect(brewWindow(tea, steady(20), { rests: off(28, 33) })).toMatchObject({
			fading_ms: at(32),
			past_ms: running.past_ms
		});
		expect(brewWindow(tea, steady(20), { rests: off(28, 40) }).past_ms).toBe(at(34));
		expect(
			pumpRests([
				{ fact: 'pump-started', at_ms: 30 },
				{ fact: 'stirred', at_ms: 29 },
				{ fact: 'pump-stopped', at_ms: 28 },
				{ fact: 'pump-stopped', at_ms: 40 }
			])
		).toEqual([
			{ off_ms: 28, on_ms: 30 },
			{ off_ms: 40, on_ms: null }
		]);
	});

	it('keeps four to six hours once the pump stops, on the same clock', () => {
		const window = brewWindow(tea, steady(20), { rests: off(28) });
		expect([window.fading_ms, window.past_ms]).toEqual([at(32), at(34)]);
		expect(brewWindow(tea, steady(10), { rests: off(40) }).past_ms).toBe(at(52));
		// Stopped long before its hour it never comes to anything.
		expect(brewWindow(tea, steady(20), { rests: off(4) })).toMatchObject({
			usable_ms: null,
			fading_ms: null
		});
	});
});

describe('the window of what keeps', () => {
	const day = 24;
	const month = 30.4 * day;

	it('counts from the smell that found it ripe, else from the middle of its time', () => {
		const jar = brewWindow('kept-culture', steady(15));
		// Seven days at 20 °C are 9.9 at 15 °C.
		expect(jar.usable_ms).toBeCloseTo(at(7 * day * Math.SQRT2), -4);
		expect(jar.past_ms! - jar.usable_ms!).toBeCloseTo(at(12 * month), -4);
		const later = brewWindow('kept-culture', steady(15), { ripe_ms: at(20 * day) });
		expect(later.past_ms).toBeCloseTo(at(20 * day + 12 * month), -4);
		const early = brewWindow('kept-culture', steady(15), { ripe_ms: at(day) });
		expect(early.past_ms).toBe(jar.past_ms);
	});

	it('counts anew from each feeding', () => {
		const fed = brewWindow('kept-culture', steady(15), { fed_ms: [at(100 * day)] });
		expect(fed.past_ms).toBeCloseTo(at(100 * day + 12 * month), -4);
	});

	it('off by then is not brought back by food or by a nose', () => {
		const jar = brewWindow('kept-culture', steady(15));
		const late = jar.past_ms! + at(day);
		expect(brewWindow('kept-culture', steady(15), { fed_ms: [late] })).toEqual(jar);
		expect(brewWindow('kept-culture', steady(15), { ripe_ms: late })).toEqual(jar);
		const twice = brewWindow('kept-culture', steady(15), {
			fed_ms: [at(200 * day), at(400 * day)]
		});
		expect(twice.past_ms).toBeCloseTo(at(400 * day + 12 * month), -4);
	});

	it('of a multiplied tea is the same day, and of a ring of froth hours', () => {
		const ripe = { ripe_ms: at(36) };
		expect(brewWindow('microbe-tea', steady(15), ripe).past_ms).toBe(at(60));
		const brew = brewWindow('starch-brew', steady(15), { ripe_ms: at(40) });
		expect(brew.past_ms! - brew.fading_ms!).toBe(at(5));
	});

	it('of drained liquor opens at once, however cold, and closes within days', () => {
		const window = brewWindow('drained-liquor', steady(3));
		expect(window.usable_ms).toBe(0);
		expect(window.past_ms).toBe(at(5 * day));
		expect(brewState('drained-liquor', window, [], at(1)).state).toBe('ripe');
	});

	it('of a leaf liquor is weeks and of a shut ferment months', () => {
		expect(brewWindow('steeped-liquor', steady(20)).usable_ms).toBe(at(14 * day));
		expect(brewWindow('submerged-ferment', steady(20)).usable_ms).toBe(at(2 * month));
	});

	it('is in order, whatever the recipe, the temperature and what happened', () => {
		const ids = fc.constantFrom(...recipes.map(({ id }) => id));
		const moment = fc.option(fc.integer({ min: 0, max: at(4000) }));
		fc.assert(
			fc.property(
				ids,
				fc.integer({ min: 0, max: 50 }),
				moment,
				moment,
				moment,
				(id, c, off_ms, ripe_ms, fed_ms) => {
					const { usable_ms, best_ms, fading_ms, past_ms } = brewWindow(id, steady(c), {
						rests: off_ms === null ? [] : [{ off_ms, on_ms: null }],
						ripe_ms,
						fed_ms: fed_ms === null ? [] : [fed_ms]
					});
					const known = [usable_ms, best_ms, fading_ms, past_ms].filter((ms) => ms !== null);
					expect(known).toEqual([...known].sort((a, b) => a - b));
				}
			)
		);
	});
});

describe('how a brew stands', () => {
	const window = brewWindow(tea, steady(20));
	const stateOf = (id: RecipeId, h: number, ...smells: readonly [number, Smell][]) =>
		brewState(
			id,
			brewWindow(id, steady(20)),
			smells.map(([hour, smell]) => ({ at_ms: at(hour), smell })),
			at(h)
		).state;

	it('ripe is an hour and a smell, and the newest smell counts', () => {
		expect(stateOf(tea, 10)).toBe('working');
		expect(stateOf(tea, 20)).toBe('wants-smell');
		expect(stateOf(tea, 20, [12, 'earthy'])).toBe('wants-smell');
		expect(stateOf(tea, 20, [19, 'earthy'])).toBe('ripe');
		expect(stateOf(tea, 20, [19, 'sweet'])).toBe('wants-smell');
		expect(stateOf(tea, 50, [40, 'earthy'])).toBe('fading');
		expect(stateOf(tea, 60, [40, 'earthy'])).toBe('past');
	});

	it('a stink has failed an aired one, at any hour, and no better nose undoes it', () => {
		expect(stateOf(tea, 5, [4, 'stink'])).toBe('failed');
		expect(stateOf(tea, 60, [40, 'stink'])).toBe('failed');
		expect(stateOf(tea, 20, [18.5, 'stink'], [19, 'earthy'])).toBe('failed');
	});

	it('a stink is what a shut ferment should do, and black grain is lost whatever its hour', () => {
		expect(stateOf('submerged-ferment', 24 * 70, [24 * 69, 'strong'])).toBe('ripe');
		expect(stateOf('steeped-liquor', 24 * 20, [24 * 19, 'green'])).toBe('wants-smell');
		expect(stateOf('grain-culture', 24, [20, 'black-or-green'])).toBe('failed');
		// Some use what grew yellow: it is ripe, and its line is marked.
		expect(stateOf('grain-culture', 24 * 6, [24 * 5, 'yellow-growth'])).toBe('ripe');
		expect(verdictOf('grain-culture', 'yellow-growth')).toBe('doubtful');
	});

	it('is first found ripe by the first nose that says so once its hour has come', () => {
		const smells = [
			{ at_ms: at(12), smell: 'earthy' as const },
			{ at_ms: at(30), smell: 'earthy' as const },
			{ at_ms: at(20), smell: 'sweet' as const }
		];
		expect(foundRipe(tea, window.usable_ms, smells)).toBe(at(30));
		expect(foundRipe(tea, null, smells)).toBeNull();
	});
});

describe('the table of recipes', () => {
	it('has all eleven kinds and the first step of one, each once, sourced and in order', () => {
		expect(recipes.length).toBe(12);
		expect(new Set(recipes.map(({ id }) => id)).size).toBe(12);
		for (const recipe of recipes) {
			const { hours: time, keeps, parts, senses, fill, source, soil, leaves } = recipe;
			expect(time[0]).toBeLessThanOrEqual(time[1]);
			if (keeps) expect(keeps.hours[0]).toBeLessThan(keeps.hours[1]);
			for (const { per10, from } of parts) {
				expect(per10[0]).toBeLessThanOrEqual(per10[1]);
				expect(per10[0]).toBeGreaterThan(0);
				expect(from.length).toBeGreaterThan(0);
			}
			for (const thinning of [soil, leaves])
				if (thinning) {
					expect(thinning.strongest).toBeLessThanOrEqual(thinning.usual);
					expect(thinning.usual).toBeLessThanOrEqual(thinning.finest);
				}
			// Each can be found as it should be, and no smell is asked for twice.
			expect(senses.some(([, verdict]) => verdict === 'as-it-should')).toBe(true);
			expect(new Set(senses.map(([smell]) => smell)).size).toBe(senses.length);
			expect(fill).toBeLessThan(1);
			expect(source.length).toBeGreaterThan(20);
			for (const share of Object.values(recipe.dissolves)) {
				expect(share).toBeGreaterThanOrEqual(0);
				expect(share).toBeLessThanOrEqual(1);
			}
		}
	});

	it('never puts on leaves what bites or stinks for months', () => {
		for (const id of ['ash-tea', 'submerged-ferment', 'drained-liquor'] as const)
			expect(recipes.find((recipe) => recipe.id === id)?.leaves).toBeUndefined();
	});

	it('is told with what it rests on', () => {
		expect(hoursToUse(tea, celsius(10))?.value).toBe(36);
		expect(hoursToUse('steeped-liquor', celsius(20))).toMatchObject({ value: 14, unit: 'days' });
		expect(hoursToUse(tea, celsius(5))).toBeUndefined();
		expect(litres(1)).toBe(1);
	});
});

describe('in the cold', () => {
	it('it sleeps and goes on once it is warmer; what was too hot is dead', () => {
		const cold = steady(5);
		expect(isAsleep(cold)).toBe(true);
		expect(brewWindow(tea, cold).usable_ms).toBeNull();
		const warmed = warmthOf(0, celsius(5), [{ at_ms: at(10), temperature: celsius(20) }]);
		expect(isAsleep(warmed)).toBe(false);
		expect(brewWindow(tea, warmed).usable_ms).toBe(at(28));
		const boiled = warmthOf(0, celsius(60), [{ at_ms: at(10), temperature: celsius(5) }]);
		expect(isAsleep(boiled)).toBe(false);
	});
});
