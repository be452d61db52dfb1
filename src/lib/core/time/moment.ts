import {
	parseDateTime,
	toCalendarDateTime,
	toZoned,
	type CalendarDateTime
} from '@internationalized/date';

/** A local date and time in a zone: one moment; none, where clocks skip it; or two, where they go over it twice. */
export type LocalMoment =
	| { readonly is: 'one'; readonly at_ms: number }
	/** The times of day just before and just after the hour that is missing, HH:MM. */
	| { readonly is: 'none'; readonly before: string; readonly after: string; readonly at_ms: number }
	| { readonly is: 'two'; readonly first_ms: number; readonly second_ms: number };

/** Which of two, said behind it. */
const said = /^(.*?)(?:\s+(first|second))?$/;

function parsed(text: string): CalendarDateTime | undefined {
	try {
		return parseDateTime(text);
	} catch (error) {
		if (error instanceof Error) return undefined;
		throw error;
	}
}

/**
 * @param typed "2026-11-20T16:30", or of an hour that comes twice "2026-10-25T02:30 second"
 * @returns undefined where it is no date and time at all
 * @throws RangeError for a zone that does not exist
 */
export function readLocal(typed: string, timeZone: string): LocalMoment | undefined {
	// Most fields of a moment are left empty, and a thrown complaint is dear.
	const [, text = '', which] = said.exec(typed.trim()) ?? [];
	if (text === '') return undefined;
	const local = parsed(text);
	if (!local) return undefined;
	const [earlier, later] = [toZoned(local, timeZone, 'earlier'), toZoned(local, timeZone, 'later')];
	const [first_ms, second_ms] = [earlier, later].map((one) => one.toDate().getTime()) as [
		number,
		number
	];
	if (first_ms === second_ms) return { is: 'one', at_ms: first_ms };
	const clock = (of: typeof earlier) => toCalendarDateTime(of).toString().slice(11, 16);
	// Of an hour that is skipped neither of the two says what was typed.
	if (clock(earlier) !== clock(later))
		return { is: 'none', before: clock(earlier), after: clock(later), at_ms: second_ms };
	if (which) return { is: 'one', at_ms: which === 'first' ? first_ms : second_ms };
	return { is: 'two', first_ms, second_ms };
}

/**
 * A local date and time as a form sends it, in a zone; an hour that clocks skip is the one after it, of one that comes
 * twice the first.
 * @param typed "2026-11-20T16:30"
 * @returns ms since 1970 UTC, or undefined where it is no such moment
 * @throws RangeError for a zone that does not exist
 */
export function momentOf(typed: string, timeZone: string): number | undefined {
	const read = readLocal(typed, timeZone);
	return read && (read.is === 'two' ? read.first_ms : read.at_ms);
}
