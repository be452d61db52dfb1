import { z } from 'zod';
import type { Day, Timetable } from '../../core/days';
import { jsonOf } from './json';
import type { Db } from './open';
import { writing } from './writing';

/** A day of several vessels as it was set down. */
export interface BurnDay {
	readonly actId: string;
	readonly startsAt_ms: number;
	readonly day: Day;
	readonly timetable: Timetable;
}

interface DayRow {
	act_id: string;
	starts_at_ms: number;
	timetable_json: string;
}

export const readTimetable = jsonOf<Pick<BurnDay, 'day' | 'timetable'>>(
	z.looseObject({
		day: z.looseObject({ barrels: z.array(z.looseObject({})) }),
		timetable: z.looseObject({ steps: z.array(z.looseObject({})), end: z.number() })
	})
);

const toDay = ({ act_id, starts_at_ms, timetable_json }: DayRow): BurnDay => ({
	actId: act_id,
	startsAt_ms: starts_at_ms,
	...readTimetable(timetable_json)
});

export function dayStore(db: Db) {
	const newest = db.prepare<{ since_ms: number }, DayRow>(
		`SELECT d.act_id, d.starts_at_ms, d.timetable_json FROM burn_day d JOIN standing_act a ON a.id = d.act_id
		 WHERE d.starts_at_ms >= @since_ms ORDER BY a.seq DESC LIMIT 1`
	);
	const insert = writing(
		db,
		'INSERT INTO burn_day (act_id, starts_at_ms, timetable_json) VALUES (@actId, @startsAt_ms, @timetable)'
	);
	return {
		/** The day set down last, of those that begin after a moment. */
		newest: (since_ms: number): BurnDay | null => {
			const row = newest.get({ since_ms });
			return row ? toDay(row) : null;
		},
		insert: ({ actId, startsAt_ms, day, timetable }: BurnDay): void =>
			void insert.run({ actId, startsAt_ms, timetable: JSON.stringify({ day, timetable }) })
	};
}
