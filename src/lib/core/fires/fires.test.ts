import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { celsius, exactly, kilograms, litres, metres } from '../units';
import type { Shape } from '../vessels';
import {
	charDensity,
	forecastBurn,
	forecastYield,
	goList,
	judgeBurn,
	poolYields,
	quenchWater,
	ways,
	type QuenchPlan
} from './index';

const lantern: Shape = {
	kind: 'round',
	rimWidth: metres(1.3),
	floorWidth: metres(0.45),
	depth: metres(0.8)
};

describe('the expected yield', () => {
	it('of an open kiln starts at the published 22 % and covers its field range', () => {
		const prior = forecastYield('open-kiln');
		expect(prior.value).toBeCloseTo(0.22, 12);
		// sd = √(0.25² + 0.20²) on the logit, 80 %: logit(0.22) ± 0.4103
		expect(prior.low).toBeCloseTo(0.1576, 3);
		expect(prior.high).toBeCloseTo(0.2983, 3);
	});

	it('moves toward own burns and narrows with their number', () => {
		const few = forecastYield('open-kiln', poolYields([exactly(0.16)]));
		const many = forecastYield(
			'open-kiln',
			poolYields(Array.from({ length: 12 }, () => exactly(0.16)))
		);
		expect(few.value).toBeLessThan(0.22);
		expect(many.value).toBeLessThan(few.value);
		expect(many.value).toBeGreaterThan(0.16);
		expect(many.high - many.low).toBeLessThan(few.high - few.low);
	});
});

describe('the water for a quench', () => {
	const plan: QuenchPlan = {
		way: 'open-kiln',
		charKg: exactly(40),
		charLitres: exactly(220),
		waterTemperature: celsius(10),
		vesselMass: kilograms(40),
		ownLitresPerLitre: []
	};

	it('boils off m·c·ΔT over the heat of steam', () => {
		const { boilOff } = quenchWater(plan);
		expect(boilOff.value).toBeCloseTo((40 * 1.3 * 550 + 40 * 0.5 * 550) / (2257 + 4.19 * 90), 9);
	});

	it('of a flooded kiln is ruled by its voids, filled twice, half as much again on site', () => {
		const { need, onSite, ruledBy } = quenchWater(plan);
		expect(ruledBy).toBe('voids');
		expect(need.high).toBeCloseTo(220 * 0.7 * 2, 9);
		// 462 L, and up to the next ten
		expect(onSite.value).toBe(470);
	});

	it('takes three own burns instead, never below heat and soak', () => {
		const own = quenchWater({ ...plan, ownLitresPerLitre: [0.9, 1, 1.1] });
		expect(own).toMatchObject({
			ruledBy: 'own burns',
			need: { value: expect.closeTo(220 * Math.cbrt(0.9 * 1.1), 9) }
		});
		// The next quench is no surer than the three before it: Student's t with two degrees of freedom.
		expect(own.need.high / own.need.value).toBeGreaterThan(1.2);
		const stingy = quenchWater({ ...plan, ownLitresPerLitre: [0.1, 0.1, 0.1] });
		expect(stingy.ruledBy).toBe('heat and soak');
		expect(stingy.need.value).toBeCloseTo(stingy.boilOff.value + stingy.soak.value, 9);
		expect(quenchWater({ ...plan, ownLitresPerLitre: [0.9, 1] }).ruledBy).toBe('voids');
	});

	it('of a trench counts the ground for a tenth of the char’s heat', () => {
		const trench = quenchWater({ ...plan, way: 'trench' });
		expect(trench.boilOff.value).toBeCloseTo((40 * 1.3 * 550 * 1.1) / (2257 + 4.19 * 90), 9);
		expect(trench.runOff.high).toBeCloseTo(440, 9);
	});
});

describe('a planned burn', () => {
	const load = { value: 200, low: 160, high: 250 };
	const forecast = forecastBurn({
		way: 'open-kiln',
		shape: lantern,
		wood: 'light-hardwood',
		load,
		waterTemperature: celsius(10),
		ownYields: poolYields([]),
		ownWater: [],
		ownDensities: {}
	});

	it('gives wood × yield in kg and that ÷ density in litres', () => {
		expect(forecast.charKg.value).toBeCloseTo(200 * 0.22, 9);
		expect(forecast.charLitres.value).toBeCloseTo((200 * 0.22) / Math.sqrt(0.11 * 0.2), 6);
		expect(forecast.charLitres.value * charDensity('light-hardwood').value).toBeCloseTo(
			forecast.charKg.value,
			9
		);
	});

	it('keeps part of a stack in proportion', () => {
		expect(load).toMatchObject({ value: 200, low: 160, high: 250 });
	});

	it('says when the char would not fit', () => {
		const big = forecastBurn({
			way: 'open-kiln',
			shape: lantern,
			wood: 'canes',
			load: exactly(900),
			waterTemperature: celsius(10),
			ownYields: poolYields([]),
			ownWater: [],
			ownDensities: {}
		});
		expect(big.fill.status).toBe('overflows');
	});
});

describe('go or no-go', () => {
	it('judges wood, water and room, and asks the rest until said', () => {
		const list = goList({
			wood: 'hold-back',
			waterOnSite: litres(300),
			waterWanted: litres(400),
			overflows: false,
			said: ['permit']
		});
		expect(Object.fromEntries(list.map(({ item, state }) => [item, state]))).toEqual({
			wood: 'no',
			water: 'no',
			fits: 'go',
			permit: 'go',
			wind: 'ask',
			distance: 'ask',
			ground: 'ask',
			second: 'ask',
			reach: 'ask',
			kit: 'ask',
			sleepers: 'ask',
			light: 'ask'
		});
	});
});

describe('a finished burn', () => {
	it('closes its balance: wood = char + brands + loss', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 10, max: 900 }),
				fc.integer({ min: 0, max: 200 }),
				fc.integer({ min: 0, max: 200 }),
				(woodKg, charKg, brandsKg) => {
					const outcome = judgeBurn({
						way: 'open-kiln',
						woodKg,
						charKg,
						brandsKg,
						charLitres: 100
					});
					expect(charKg + brandsKg + outcome.lossKg).toBeCloseTo(woodKg, 9);
				}
			)
		);
	});

	it.each([
		['good', 44],
		['too-high', 70],
		['middling', 34],
		['poor', 22],
		['implausible', 90],
		['more-out-than-in', 240]
	] as const)('is %s with %i kg of char from 200 kg of wood', (verdict, charKg) => {
		expect(
			judgeBurn({ way: 'open-kiln', woodKg: 200, charKg, brandsKg: 0, charLitres: 200 }).verdict
		).toBe(verdict);
	});
});

describe('33 % out of a pit whose usual is 10 to 20 %', () => {
	it('is no good burn but an odd figure', () => {
		const pit = { way: 'trench', woodKg: 100, brandsKg: 0, charLitres: 200 } as const;
		expect(judgeBurn({ ...pit, charKg: 33 }).verdict).toBe('too-high');
		expect(judgeBurn({ ...pit, charKg: 20 }).verdict).toBe('good');
	});
});

describe('the wind before the match', () => {
	const facts = {
		wood: 'ready',
		waterOnSite: litres(900),
		waterWanted: litres(600),
		overflows: false
	} as const;
	const windOf = (more: object) =>
		goList({ ...facts, said: [], ...more }).find(({ item }) => item === 'wind')?.state;
	it('is judged where it was read, whatever was ticked', () => {
		expect(windOf({})).toBe('ask');
		expect(windOf({ wind_km_h: 10 })).toBe('ask');
		expect(windOf({ wind_km_h: 10, gust_km_h: 20 })).toBe('go');
		expect(windOf({ wind_km_h: 10, gust_km_h: 40, said: ['wind'] })).toBe('no');
		expect(windOf({ wind_km_h: 22 })).toBe('no');
	});
});

describe('water of a flooded vessel', () => {
	it('is what it holds at most', () => {
		const plan = {
			way: 'open-kiln',
			charKg: { value: 80, low: 70, high: 90 },
			charLitres: { value: 500, low: 450, high: 560 },
			waterTemperature: celsius(10),
			vesselMass: kilograms(40),
			ownLitresPerLitre: []
		} as const;
		const free = quenchWater(plan).runOff;
		const held = quenchWater({ ...plan, capacity: litres(520) }).runOff;
		expect(free.value).toBeGreaterThan(520);
		expect(held).toMatchObject({ value: 520, high: 520 });
	});
});

describe('density of loose char', () => {
	it('of chips, canes and brush is light whatever their wood', () => {
		for (const form of ['chips', 'canes', 'brush'] as const)
			expect(charDensity('dense-hardwood', form)).toMatchObject({
				low: expect.closeTo(0.07, 9),
				high: expect.closeTo(0.12, 9)
			});
		expect(charDensity('dense-hardwood', 'split')).toEqual(charDensity('dense-hardwood'));
	});
});

describe('the table of ways', () => {
	it('has sourced yields in order, inside what is plausible', () => {
		for (const { massYield: y, plausibleYield: p } of ways) {
			expect(p[0] < y.low && y.low < y.mean && y.mean < y.high && y.high < p[1]).toBe(true);
			expect(y.source.length).toBeGreaterThan(10);
		}
	});
});
