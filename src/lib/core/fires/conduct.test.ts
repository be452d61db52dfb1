import { describe, expect, it } from 'vitest';
import { hours, minutes } from '../time';
import { litres } from '../units';
import {
	againstOwn,
	charDensity,
	durationOf,
	forecastYield,
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
	it('says nothing before five others', () => {
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
			const massYield = forecastYield(way, []);
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
