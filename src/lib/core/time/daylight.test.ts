import { describe, expect, it } from 'vitest';
import { daylightAt } from './index';

const at = (iso: string) => Date.parse(iso);
const minutes = (a: number, b: string) => Math.abs(a - at(b)) / 60_000;

describe('the light at a fire', () => {
	it('is the sun’s where the place is known: the equinox sets near 18:20 UTC at Greenwich', () => {
		const place = { latitude_deg: 51.48, longitude_deg: 0 };
		const light = daylightAt(at('2026-03-20T12:00Z'), { timeZone: 'UTC', place });
		// NOAA's solar calculator gives sunset 18:15 and, a day later, civil dawn 05:29; to 3 min.
		expect(minutes(light.sunset_ms, '2026-03-20T18:14Z')).toBeLessThan(4);
		expect(minutes(light.morning_ms, '2026-03-21T05:28Z')).toBeLessThan(4);
	});

	it('is 18:00 and 07:00 on the clock there where the place is unknown', () => {
		const light = daylightAt(at('2026-07-01T23:30Z'), { timeZone: 'Europe/Berlin' });
		// 01:30 on 2 July in Berlin: that day's evening, the next day's morning.
		expect(light).toEqual({
			sunset_ms: at('2026-07-02T16:00Z'),
			morning_ms: at('2026-07-03T05:00Z')
		});
	});

	it('falls back on the clock where the sun does not set, and refuses what is no place', () => {
		const north = { latitude_deg: 78, longitude_deg: 16 };
		const light = daylightAt(at('2026-06-21T12:00Z'), { timeZone: 'UTC', place: north });
		expect(light.sunset_ms).toBe(at('2026-06-21T18:00Z'));
		const nowhere = { latitude_deg: 95, longitude_deg: 0 };
		expect(() => daylightAt(0, { timeZone: 'UTC', place: nowhere })).toThrow(RangeError);
	});
});
