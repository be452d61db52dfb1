import { days, hours, minutes } from '../core/time';

/** Words for moments, in the grower's own zone. */
export interface Almanac {
	readonly timeZone: string;
	readonly now_ms: number;
	/** The day a week starts with, 1 for Monday to 7 for Sunday; Monday where nobody said. */
	readonly firstWeekday?: number;
}

const formats = {
	year: { year: 'numeric' },
	day: { day: 'numeric', month: 'short' },
	dayOfYear: { day: 'numeric', month: 'short', year: 'numeric' },
	time: { hour: '2-digit', minute: '2-digit', hour12: false },
	today: { weekday: 'long', day: 'numeric', month: 'long' }
} as const satisfies Readonly<Record<string, Intl.DateTimeFormatOptions>>;

const cache = new Map<string, Intl.DateTimeFormat>();

function format(timeZone: string, as: keyof typeof formats): Intl.DateTimeFormat {
	const key = `${timeZone} ${as}`;
	const known = cache.get(key) ?? new Intl.DateTimeFormat('en-GB', { timeZone, ...formats[as] });
	cache.set(key, known);
	return known;
}

/** "24 Nov", with the year where it is not this one. */
export function sayDay(at_ms: number, { timeZone, now_ms }: Almanac): string {
	const year = (ms: number) => format(timeZone, 'year').format(ms);
	const long = year(at_ms) !== year(now_ms);
	return format(timeZone, long ? 'dayOfYear' : 'day').format(at_ms);
}

/** A local day, YYYY-MM-DD, as one says it; at noon no zone moves it to another. */
export const sayLocalDay = (day: string, almanac: Almanac): string =>
	sayDay(Date.parse(`${day}T12:00:00Z`), { ...almanac, timeZone: 'UTC' });

/** "24 Nov, 16:30" */
export function sayMoment(at_ms: number, almanac: Almanac): string {
	return `${sayDay(at_ms, almanac)}, ${sayTime(at_ms, almanac)}`;
}

/** "16:30" */
export const sayTime = (at_ms: number, { timeZone }: Pick<Almanac, 'timeZone'>): string =>
	format(timeZone, 'time').format(at_ms);

/** "Tuesday 24 November" */
export function sayToday({ timeZone, now_ms }: Almanac): string {
	return format(timeZone, 'today').format(now_ms).replace(',', '');
}

const isoDay = new Map<string, Intl.DateTimeFormat>();

/** Days of the calendar from now to a moment, on the grower's own clock. */
function daysFromNow(at_ms: number, { timeZone, now_ms }: Almanac): number {
	const known = isoDay.get(timeZone) ?? new Intl.DateTimeFormat('sv-SE', { timeZone });
	isoDay.set(timeZone, known);
	return Math.round((Date.parse(known.format(at_ms)) - Date.parse(known.format(now_ms))) / days(1));
}

/** Nobody counts more days than a fortnight: beyond it the date says more. */
const fortnight = 14;

/** "just now", "in 3 h", "yesterday", "in 4 days"; beyond a fortnight "on 24 Mar". */
export function sayFromNow(at_ms: number, almanac: Almanac): string {
	const { now_ms } = almanac;
	if (Math.abs(at_ms - now_ms) < minutes(1)) return 'just now';
	if (Math.abs(at_ms - now_ms) < days(1))
		return at_ms >= now_ms
			? hoursWords((at_ms - now_ms) / hours(1), 'in ', '')
			: hoursWords((now_ms - at_ms) / hours(1), '', ' ago');
	const count = daysFromNow(at_ms, almanac);
	if (Math.abs(count) > fortnight) return `on ${sayDay(at_ms, almanac)}`;
	if (Math.abs(count) === 1) return count > 0 ? 'tomorrow' : 'yesterday';
	return count > 0 ? `in ${count} days` : `${-count} days ago`;
}

/** A day, and how far off it is where that is within a fortnight: "12 May, in 2 days". */
export function sayWhen(at_ms: number, almanac: Almanac): string {
	const day = sayDay(at_ms, almanac);
	return Math.abs(daysFromNow(at_ms, almanac)) > fortnight
		? day
		: `${day}, ${sayFromNow(at_ms, almanac)}`;
}

function hoursWords(count: number, before: string, after: string): string {
	if (count < 1) return `${before}${Math.max(1, Math.round(count * 60))} min${after}`;
	return `${before}${Math.round(count)} h${after}`;
}
