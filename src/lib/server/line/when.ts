import {
	CalendarDate,
	fromAbsolute,
	getDayOfWeek,
	parseDate,
	toCalendarDateTime
} from '@internationalized/date';

const weekdays = ['sun', 'mon', 'tue', 'wed', 'thu', 'fri', 'sat'];

/**
 * A moment as one says it: "16:30", "yesterday", "yesterday 9:15", "mon", "2026-11-20 14:00". A
 * weekday is the last one past; a day without a time means noon.
 * @returns the local date and time as forms send it, or undefined when it is no such moment
 * @example readWhen('yesterday 16:30', now, 'Europe/London') // '2026-11-23T16:30'
 */
export function readWhen(text: string, now_ms: number, timeZone: string): string | undefined {
	const [, day = '', hour, minute] =
		/^(.*?)(?:(?:^|[ t])(\d{1,2})[:.](\d{2}))?$/.exec(text.trim().toLowerCase()) ?? [];
	const time = hour === undefined ? '12:00' : timeOf(hour, minute ?? '');
	const date = dayOf(day.trim(), now_ms, timeZone);
	if (!time || !date || (day.trim() === '' && hour === undefined)) return undefined;
	return `${date.toString()}T${time}`;
}

/** A moment as forms send it, to the millisecond. */
export const momentIn = (timeZone: string, at_ms: number): string =>
	toCalendarDateTime(fromAbsolute(at_ms, timeZone)).toString();

function timeOf(hour: string, minute: string): string | undefined {
	if (Number(hour) > 23 || Number(minute) > 59) return undefined;
	return `${hour.padStart(2, '0')}:${minute}`;
}

function dayOf(word: string, now_ms: number, timeZone: string): CalendarDate | undefined {
	const local = fromAbsolute(now_ms, timeZone);
	const today = new CalendarDate(local.year, local.month, local.day);
	if (word === '' || word === 'today') return today;
	if (word === 'yesterday') return today.subtract({ days: 1 });
	const weekday = word.length < 3 ? -1 : weekdays.indexOf(word.slice(0, 3));
	if (weekday >= 0 && /^[a-z]+$/.test(word)) {
		const back = (getDayOfWeek(today, 'en-US') - weekday + 7) % 7;
		return today.subtract({ days: back === 0 ? 7 : back });
	}
	return /^\d{4}-\d{2}-\d{2}$/.test(word) ? dateOf(word) : undefined;
}

function dateOf(word: string): CalendarDate | undefined {
	try {
		return parseDate(word);
	} catch (error) {
		if (error instanceof Error) return undefined;
		throw error;
	}
}
