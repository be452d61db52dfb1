import {
	CalendarDate,
	CalendarDateTime,
	fromAbsolute,
	getDayOfWeek,
	toCalendarDate,
	toCalendarDateTime,
	type ZonedDateTime
} from '@internationalized/date';

/** Which of two numbers of a short date is the day. */
export type DateOrder = 'day-first' | 'month-first';

export interface DateContext {
	readonly timeZone: string;
	readonly order: DateOrder;
	/** Where a day without its year lies: deeds are past, which is usual; plans are to come. */
	readonly lies?: 'past' | 'ahead';
}

const weekdays = [
	['sun', 'sunday'],
	['mon', 'monday'],
	['tue', 'tues', 'tuesday'],
	['wed', 'weds', 'wednesday'],
	['thu', 'thur', 'thurs', 'thursday'],
	['fri', 'friday'],
	['sat', 'saturday']
];

const months =
	'january february march april may june july august september october november december'.split(
		' '
	);

/**
 * A moment as one says or writes it: "16:30", "9am", "noon", "yesterday 9:15", "mon", "20 Nov", "Nov 20
 * 2025", "20.11.", "2 days ago", "in 3 days", "2026-11-20 14:00". A weekday or a day without its year is the last one
 * past, or of a plan the next one to come; a day without a time means noon. Whether 3/4 is in March or April is the grower's own order.
 * An hour that comes twice as clocks are put back is told by "first" or "second" behind it.
 * @returns the local date and time as forms send it, or undefined when it is no such moment
 * @example readMoment('yesterday 16:30', now, { timeZone: 'Europe/London', order: 'day-first' }) // '2026-11-23T16:30'
 */
export function readMoment(text: string, now_ms: number, context: DateContext): string | undefined {
	const [, said = '', which] =
		/^(.*?)( (?:first|second))?$/.exec(
			text.trim().toLowerCase().replace(/,/g, ' ').replace(/\s+/g, ' ')
		) ?? [];
	if (said === '') return undefined;
	const here = fromAbsolute(now_ms, context.timeZone);
	const ago = hoursAgo(said, here);
	if (ago) return ago;
	if (said === 'now') return toCalendarDateTime(here).toString().slice(0, 16);
	const { day, time } = partsOf(said);
	const date = time === 'bad' ? undefined : dayOf(day, toCalendarDate(here), context);
	return date && `${date.toString()}T${time === '' ? '12:00' : time}${which ?? ''}`;
}

/** The local day of a moment, YYYY-MM-DD. */
export const localDay = (timeZone: string, at_ms: number): string =>
	localMoment(timeZone, at_ms).slice(0, 10);

/** A moment as forms send it, to the millisecond. */
export const localMoment = (timeZone: string, at_ms: number): string =>
	toCalendarDateTime(fromAbsolute(at_ms, timeZone)).toString();

/**
 * The first moments of the weeks that begin within a span, ms.
 * @param firstWeekday the day a week begins with, 1 for Monday to 7 for Sunday
 */
export function weeksWithin(
	timeZone: string,
	firstWeekday: number,
	[from_ms, to_ms]: readonly [from_ms: number, to_ms: number]
): readonly number[] {
	const day = toCalendarDate(fromAbsolute(from_ms, timeZone));
	const after = (firstWeekday - 1 - getDayOfWeek(day, 'en-GB', 'mon') + 7) % 7;
	const starts: number[] = [];
	for (let more = after; ; more += 7) {
		const at = day.add({ days: more }).toDate(timeZone).getTime();
		if (!(at <= to_ms)) return starts;
		// One that began on the very day, before the span does, is not within it.
		if (at >= from_ms) starts.push(at);
	}
}

/** A day in the grower's own order, as 2026-11-20; undefined when it is none. */
export function readDay(text: string, now_ms: number, context: DateContext): string | undefined {
	return readMoment(text, now_ms, context)?.slice(0, 10);
}

function hoursAgo(said: string, here: ZonedDateTime): string | undefined {
	const [, count] = /^(an?|\d{1,3}) hours? ago$/.exec(said) ?? [];
	if (count === undefined) return undefined;
	const then = here.subtract({ hours: Number(count) || 1 });
	return toCalendarDateTime(then).toString().slice(0, 16);
}

/** The time off its end, or off its start, of what was said. */
function partsOf(said: string): { readonly day: string; readonly time: string } {
	const clock = String.raw`(\d{1,2})[:.](\d{2})(?::\d{2})?(?: ?([ap])\.?m\.?)?|(\d{1,2}) ?([ap])\.?m\.?|(noon|midnight)`;
	const last = new RegExp(`^(.*?)(?:^|[ t])(?:at )?(?:${clock})$`).exec(said);
	if (last && !isDate(said)) return { day: (last[1] ?? '').trim(), time: timeOf(last.slice(2)) };
	const first = new RegExp(`^(?:${clock}) (?:on )?(.+)$`).exec(said);
	if (first && !isDate(said)) return { day: (first[7] ?? '').trim(), time: timeOf(first.slice(1)) };
	return { day: said, time: '' };
}

/** "20.11" could be read as a time and is none: no hour has more than 59 minutes, no month is past 12. */
const isDate = (said: string) => /^\d{1,2}\.\d{1,2}\.(\d{2,4})?$/.test(said);

function timeOf([h24, minute = '00', half, h12, half12, word]: readonly (
	string | undefined
)[]): string {
	if (word) return word === 'noon' ? '12:00' : '00:00';
	const said = Number(h24 ?? h12);
	const ap = half ?? half12;
	if (ap !== undefined && (said < 1 || said > 12)) return 'bad';
	const hour = ap === undefined ? said : (said % 12) + (ap === 'p' ? 12 : 0);
	if (hour > 23 || Number(minute) > 59) return 'bad';
	return `${String(hour).padStart(2, '0')}:${minute}`;
}

function dayOf(day: string, today: CalendarDate, context: DateContext): CalendarDate | undefined {
	const word = day.replace(/^(on|last|this|next) /, '');
	if (word === '' || word === 'today') return today;
	if (word === 'yesterday') return today.subtract({ days: 1 });
	if (word === 'tomorrow') return today.add({ days: 1 });
	const [, ahead, of] = /^in (an?|\d{1,3}) (day|week|month)s?$/.exec(word) ?? [];
	if (ahead !== undefined) return today.add({ [`${of}s`]: Number(ahead) || 1 });
	const [, count, unit] = /^(an?|\d{1,3}) (day|week|month)s? ago$/.exec(word) ?? [];
	if (count !== undefined) return today.subtract({ [`${unit}s`]: Number(count) || 1 });
	const weekday = weekdays.findIndex((names) => names.includes(word));
	if (weekday >= 0) {
		const back = (getDayOfWeek(today, 'en-US') - weekday + 7) % 7;
		const days = back === 0 ? 7 : back;
		return context.lies === 'ahead'
			? today.add({ days: 7 - (days % 7) })
			: today.subtract({ days });
	}
	return dateOf(word, today, context);
}

function dateOf(word: string, today: CalendarDate, context: DateContext): CalendarDate | undefined {
	const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(word);
	if (iso) return dated(Number(iso[1]), Number(iso[2]), Number(iso[3]));
	const named =
		/^(\d{1,2})(?:st|nd|rd|th)?\.? ([a-z]{3,9})\.?(?: (\d{4}))?$/.exec(word) ??
		swapped(/^([a-z]{3,9})\.? (\d{1,2})(?:st|nd|rd|th)?(?: (\d{4}))?$/.exec(word));
	if (named) return inYear(monthOf(named[2] ?? ''), Number(named[1]), named[3], today, context);
	const short = /^(\d{1,2})([./-])(\d{1,2})(?:\2(\d{4}|\d{2})?)?$/.exec(word);
	if (!short) return undefined;
	// Written with full stops the day stands first everywhere.
	const dayFirst = context.order === 'day-first' || short[2] === '.';
	const [day, month] = dayFirst ? [short[1], short[3]] : [short[3], short[1]];
	const year = short[4]?.length === 2 ? `20${short[4]}` : short[4];
	return inYear(Number(month), Number(day), year, today, context);
}

const swapped = (found: RegExpExecArray | null) =>
	found && [found[0], found[2], found[1], found[3]];

const monthOf = (name: string): number => months.findIndex((month) => month.startsWith(name)) + 1;

/** Of a day without its year: the last one past, or the next to come; today is either. */
function inYear(
	month: number,
	day: number,
	year: string | undefined,
	today: CalendarDate,
	{ lies = 'past' }: DateContext
): CalendarDate | undefined {
	if (year !== undefined) return dated(Number(year), month, day);
	const thisYear = dated(today.year, month, day);
	const away = thisYear?.compare(today);
	if (lies === 'ahead')
		return away !== undefined && away >= 0 ? thisYear : dated(today.year + 1, month, day);
	return away !== undefined && away <= 0 ? thisYear : dated(today.year - 1, month, day);
}

/** A day that is in the calendar: the library would move the 30th of February to its last. */
function dated(year: number, month: number, day: number): CalendarDate | undefined {
	if (month < 1 || month > 12 || day < 1 || year < 1900) return undefined;
	const date = new CalendarDateTime(year, month, day);
	return date.month === month && date.day === day ? toCalendarDate(date) : undefined;
}
