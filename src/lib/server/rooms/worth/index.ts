import { utc } from '../../keeping/sheet-sql';
import { hoursVerb, paidVerb } from '../../line/verbs/worth';
import type { Room } from '../room';
import { growWorth, workWorth } from './demo';

const about = (row: string) =>
	`(SELECT coalesce(l.code, c.name) FROM thing t LEFT JOIN lot l ON l.id = t.id LEFT JOIN thing_called c ON c.id = t.id WHERE t.id = ${row}.thing_id) AS about`;

export const worth: Room = {
	id: 'worth',
	verbs: [hoursVerb, paidVerb],
	sheets: {
		hours: `SELECT w.stage, w.minutes, w.minutes_low, w.minutes_high, w.heads, ${about('w')}, ${utc('a.happened_at_ms')} AS at_utc, a.person
			FROM work_done w JOIN standing_act a ON a.id = w.act_id ORDER BY a.happened_at_ms, w.id`,
		cash: `SELECT p.paid_for, p.paid, ${about('p')}, ${utc('a.happened_at_ms')} AS at_utc, a.person
			FROM cash_paid p JOIN standing_act a ON a.id = p.act_id ORDER BY a.happened_at_ms, p.id`,
		prices: `SELECT p.price_of, p.price, ${utc('a.happened_at_ms')} AS told_at_utc, a.person
			FROM price_told p JOIN standing_act a ON a.id = p.act_id ORDER BY a.happened_at_ms, p.id`
	},
	grow: growWorth,
	work: workWorth
};
