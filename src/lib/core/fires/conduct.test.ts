import { describe, expect, it } from 'vitest';
import { hours, minutes } from '../time';
import { litres, metres } from '../units';
import {
	againstOwn,
	charDensity,
	cuttingOf,
	durationOf,
	forecastYield,
	layersOf,
	paceOf,
	quenchWater,
	rolesFor,
	tankWater,
	tripsOf,
	waterThere,
	ways,
	woodFor
} from '.';
import { kilograms } from '../units';

const range = (value: number) => ({ value, low: value * 0.8, high: value * 1.25 });

describe('who must be there', () => {
	it('is one with a bucket, two or three with more', () => {
		expect(rolesFor('open-pile', 10)).toEqual(['watch']);
		expect(rolesFor('open-kiln', 200)).toEqual(['watch', 'feed']);
		expect(rolesFor('trench', 400)).toEqual(['watch', 'feed', 'rake']);
		expect(rolesFor('barrel', 70)).toEqual(['watch', 'hose']);
	});
});

describe('layers and long pieces', () => {
	const pit = {
		kind: 'trench',
		rimWidth: metres(1),
		floorWidth: metres(0.5),
		rimLength: metres(2.4),
		floorLength: metres(2),
		depth: metres(0.6)
	} as const;

	it('are the load over a thin cover of the bed, and none where a vessel is filled once', () => {
		const layers = layersOf('trench', pit, litres(2000))!;
		// 2.4 m² of rim, three quarters of it on the way up, a hand or two deep.
		expect(layers.low).toBeCloseTo(2 / (1.8 * 0.2), 6);
		expect(layers.high).toBeCloseTo(2 / (1.8 * 0.08), 6);
		expect(layersOf('barrel', pit, litres(200))).toBeUndefined();
		expect(layersOf('stove', pit, litres(200))).toBeUndefined();
	});

	it('are cut to the vessel, or a pit is dug to them: hours of either', () => {
		const pieces = { longest: metres(4.5), thick: metres(0.05) };
		const cutting = cuttingOf(pit, 400, pieces, 20)!;
		// 0.4 m³ in rods of 4.5 m by 5 cm are 45; each wants two cuts to lie in two metres.
		expect(cutting.cuts).toBe(45 * 2);
		expect(cutting.sawing_h.value).toBeCloseTo((90 * 20) / 3600, 6);
		expect(cutting.longer!.by_m).toBeCloseTo(2.5, 9);
		expect(cutting.longer!.earth_l).toBeCloseTo(2.5 * 0.6 * 0.75 * 1000, 6);
		expect(cutting.longer!.digging_h.high).toBeCloseTo(1125 / 300, 6);
		expect(cuttingOf(pit, 400, { ...pieces, longest: metres(2) }, 20)).toBeUndefined();
		const kiln = {
			kind: 'round',
			rimWidth: metres(1.3),
			floorWidth: metres(0.6),
			depth: metres(0.6)
		} as const;
		expect(cuttingOf(kiln, 400, pieces, undefined)).not.toHaveProperty('longer');
		// On the ground nothing is too long.
		const pile = {
			kind: 'pile',
			rimWidth: metres(2),
			rimLength: metres(2),
			depth: metres(1)
		} as const;
		expect(cuttingOf(pile, 400, pieces, 20)).toBeUndefined();
	});
});

describe('how long', () => {
	it('is as usual for the way until five of one’s own were noted', () => {
		expect(durationOf('barrel', [70, 72])).toMatchObject({ low: 50, high: 75 });
		const own = durationOf('barrel', [70, 72, 68, 71, 69]);
		expect(own.value).toBeCloseTo(70, 6);
		expect(own.high - own.low).toBeLessThan(6);
		expect(own.from[0]?.origin).toBe('own');
	});

	it('a fire took is told to 100 L and to the layer, where its match was noted', () => {
		const pace = paceOf({ lit_ms: hours(10), layers: 9 }, hours(12), 240)!;
		expect(pace).toEqual({ minutes: 120, minutesPer100L: 50, minutesPerLayer: 15 });
		expect(paceOf({}, hours(12), 240)).toBeUndefined();
		expect(paceOf({ lit_ms: hours(12) + minutes(1) }, hours(12), 240)).toBeUndefined();
	});
});

describe('a burn against one’s own', () => {
	it('says nothing before five earlier ones', () => {
		expect(againstOwn(0.2, [0.2, 0.21, 0.19, 0.2])).toBeUndefined();
	});
	it.each([
		[0.2, 'as-usual'],
		[0.1, 'below'],
		[0.32, 'above']
	])('of %f is %s', (given, verdict) => {
		expect(againstOwn(given, [0.2, 0.22, 0.18, 0.21, 0.19])?.verdict).toBe(verdict);
	});
});

describe('water', () => {
	it('that is there is what stands and what a hose brings', () => {
		expect(waterThere(400, { l_min: 11, min: 20 })?.value).toBe(620);
		expect(waterThere(undefined, undefined)).toBeUndefined();
	});

	it('for a vessel that is shut is a fifth of the hosed need', () => {
		const plan = {
			way: 'barrel' as const,
			charKg: range(7),
			charLitres: range(70),
			waterTemperature: tankWater,
			vesselMass: kilograms(18),
			ownLitresPerLitre: []
		};
		const hosed = quenchWater({ ...plan, quench: 'hose' }).need;
		const snuffed = quenchWater(plan);
		expect(snuffed.need.value).toBeCloseTo(hosed.value / 5, 6);
		expect(snuffed.ruledBy).toBe('a fifth, kept ready');
	});
});

describe('backwards', () => {
	it.each(ways.map(({ id }) => id))(
		'wood for so much char in a %s gives that char again',
		(way) => {
			const density = charDensity('light-hardwood');
			const massYield = forecastYield(way);
			const wood = woodFor(litres(60), density, massYield, { value: 0.325, low: 0.25, high: 0.4 });
			const crushed = ((wood.value * massYield.value) / density.value) * (1 - 0.325);
			expect(crushed).toBeCloseTo(60, 6);
			expect(wood.low).toBeLessThan(wood.value);
		}
	);

	it('trips are whole, there and back', () => {
		expect(tripsOf(800, 78, 60)).toEqual({ trips: 11, walked_m: 1320 });
		expect(tripsOf(800, 0, 60)).toBeUndefined();
	});
});
