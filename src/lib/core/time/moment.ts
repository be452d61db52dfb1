import { parseDateTime, toZoned } from '@internationalized/date';

/**
 * A local date and time as a form sends it, in a zone; an hour that clocks skip is the one after it.
 * @param typed "2026-11-20T16:30"
 * @returns ms since 1970 UTC, or undefined where it is no such moment
 * @throws RangeError for a zone that does not exist
 */
export function momentOf(typed: string, timeZone: string): number | undefined {
	// Most fields of a moment are left empty, and a thrown complaint is dear.
	if (typed.trim() === '') return undefined;
	let local;
	try {
		local = parseDateTime(typed.trim());
	} catch (error) {
		if (error instanceof Error) return undefined;
		throw error;
	}
	return toZoned(local, timeZone).toDate().getTime();
}
