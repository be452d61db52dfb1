import { deskOf } from '$lib/server/page';
import type { LayoutServerLoad } from './$types';

/** Who and where one is: what every page reads and says things by. */
export const load: LayoutServerLoad = (event) => {
	const { now_ms, reading, settings } = deskOf(event);
	const { system, timeZone, firstWeekday } = settings;
	return {
		person: reading.person,
		system,
		measures: reading.measures ?? [],
		almanac: { timeZone, now_ms, ...(firstWeekday === undefined ? {} : { firstWeekday }) }
	};
};
