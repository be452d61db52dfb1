import { CalendarDate, fromAbsolute, toZoned } from '@internationalized/date';
import { getTimes } from 'suncalc';

/** Where the sun is watched from; without a place the clock alone says when it is dark. */
export interface Whereabouts {
	readonly timeZone: string;
	readonly place?: { readonly latitude_deg: number; readonly longitude_deg: number } | undefined;
}

/** The two turns of the light that a fire is looked at by. */
export interface Daylight {
	/** Sunset of the local day of a moment. */
	readonly sunset_ms: number;
	/** First daylight of the next local day: the morning twilight in which one sees to work. */
	readonly morning_ms: number;
}

/** Taken where the place is unknown, or the sun does not set or rise there that day. */
export const usualLight = Object.freeze({
	sunset_h: 18,
	morning_h: 7,
	source: 'Taken until the place is known: dark from 18:00, first daylight at 07:00'
});

/** Proving a fire asks for the same few nights at every look. */
const known = new Map<string, Daylight>();
const mostKnown = 256;

/**
 * Sunset of the day of a moment, and the first daylight (civil dawn, sun 6° below the horizon) of
 * the day after it.
 * @param at_ms ms since 1970, UTC
 * @throws RangeError for a zone or a place that does not exist
 * Source: Meeus, Astronomical Algorithms, 2nd ed., ch. 15, as in suncalc.
 */
export function daylightAt(at_ms: number, where: Whereabouts): Daylight {
	const { year, month, day } = fromAbsolute(at_ms, where.timeZone);
	const { latitude_deg, longitude_deg } = where.place ?? {};
	const key = `${year}-${month}-${day} ${where.timeZone} ${latitude_deg} ${longitude_deg}`;
	const light = known.get(key) ?? Object.freeze(lightOf(new CalendarDate(year, month, day), where));
	if (known.size >= mostKnown) known.clear();
	known.set(key, light);
	return light;
}

function lightOf(today: CalendarDate, { timeZone, place }: Whereabouts): Daylight {
	const tomorrow = today.add({ days: 1 });
	const clock = (date: CalendarDate, hour: number) =>
		toZoned(date, timeZone).set({ hour }).toDate().getTime();
	const sun = (date: CalendarDate) => {
		if (!place) return undefined;
		if (Math.abs(place.latitude_deg) > 90 || Math.abs(place.longitude_deg) > 180)
			throw new RangeError(
				`daylightAt: ${place.latitude_deg}°, ${place.longitude_deg}° is no place`
			);
		return getTimes(new Date(clock(date, 12)), place.latitude_deg, place.longitude_deg);
	};
	const told = (time: Date | null | undefined, otherwise: number) => {
		const ms = time?.getTime();
		return ms !== undefined && Number.isFinite(ms) ? ms : otherwise;
	};
	return {
		sunset_ms: told(sun(today)?.sunset, clock(today, usualLight.sunset_h)),
		morning_ms: told(sun(tomorrow)?.dawn, clock(tomorrow, usualLight.morning_h))
	};
}
