import type { Timetable } from '$lib/core/days';
import type { Estimate, Litres, System } from '$lib/core/units';
import { sayRange } from '$lib/format/figure';
import { said, slipped, type Sentence } from '$lib/format/sentence';

/** The slip that tells the day's litres. */
export const charLabel = 'Char by evening';

/** How much by evening, and is that the best there is? */
export function dayAnswer(
	char: Estimate<Litres> | undefined,
	timetable: Timetable | undefined,
	vessels: number,
	clock: (minute: number) => string,
	system: System | undefined
): Sentence | string {
	if (vessels === 0) return 'A day wants barrels: measure one first';
	if (!timetable || !char) return 'Choose barrels and hands, and see the day';
	return said`${slipped(sayRange(char, system), charLabel)} of char by ${clock(timetable.end)}`;
}
