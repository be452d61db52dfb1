import type { PriceId, Prices, Stage, Worked } from '../../core/worth';
import type { Db } from './open';
import { writing } from './writing';

/** Hours as they were told, with what they were about. */
export interface WorkDone extends Worked {
	readonly actId: string;
	readonly at_ms: number;
	/** In the order of entry. */
	readonly seq: number;
	readonly person: string;
	/** What they were told of, or what the act was about that they were told with. */
	readonly about: readonly number[];
}

export interface CashPaid {
	readonly actId: string;
	readonly at_ms: number;
	/** In the order of entry. */
	readonly seq: number;
	readonly person: string;
	readonly paidFor: string;
	readonly paid: number;
	readonly about: readonly number[];
}

interface WorkRow {
	actId: string;
	at_ms: number;
	seq: number;
	person: string;
	stage: Stage;
	minutes: number;
	low: number;
	high: number;
	heads: number;
	about: string;
}

const toAbout = (json: string): number[] => JSON.parse(json) as number[];
// Who did it is a subject of each act too, and nothing that hours are about.
const about = (row: string) =>
	`(SELECT json_group_array(s.thing_id) FROM act_subject s JOIN thing t ON t.id = s.thing_id AND t.kind <> 'person' WHERE s.act_id = ${row}.act_id) AS about`;

/** Hours, cash and prices as somebody told them. */
export function effortStore(db: Db) {
	const worked = db.prepare<{ most: number }, WorkRow>(
		`SELECT w.act_id AS actId, a.happened_at_ms AS at_ms, a.seq, a.person, w.stage, w.minutes, w.minutes_low AS low, w.minutes_high AS high, w.heads, ${about('w')}
		 FROM work_done w JOIN standing_act a ON a.id = w.act_id ORDER BY a.happened_at_ms DESC, a.seq DESC, w.id LIMIT @most`
	);
	const paid = db.prepare<{ most: number }, Omit<CashPaid, 'about'> & { about: string }>(
		`SELECT c.act_id AS actId, a.happened_at_ms AS at_ms, a.seq, a.person, c.paid_for AS paidFor, c.paid, ${about('c')}
		 FROM cash_paid c JOIN standing_act a ON a.id = c.act_id ORDER BY a.happened_at_ms DESC, a.seq DESC, c.id LIMIT @most`
	);
	const prices = db.prepare<[], { of: PriceId; price: number }>(
		`SELECT p.price_of AS of, p.price FROM price_told p JOIN standing_act a ON a.id = p.act_id ORDER BY a.happened_at_ms, a.seq, p.id`
	);
	const insertWork = writing(
		db,
		`INSERT INTO work_done (act_id, thing_id, stage, minutes, minutes_low, minutes_high, heads)
		 VALUES (@actId, @thingId, @stage, @minutes, @low, @high, @heads)`
	);
	const insertPaid = writing(
		db,
		'INSERT INTO cash_paid (act_id, thing_id, paid_for, paid) VALUES (@actId, @thingId, @paidFor, @paid)'
	);
	const insertPrice = writing(
		db,
		'INSERT INTO price_told (act_id, price_of, price) VALUES (@actId, @of, @price)'
	);
	return {
		/** Hours that stand, the newest first; all of them, or so many. */
		worked: (most = -1): WorkDone[] =>
			worked
				.all({ most })
				.map(({ actId, at_ms, seq, person, stage, heads, minutes, low, high, ...row }) => ({
					...{ actId, at_ms, seq, person, stage, heads },
					minutes: { value: minutes, low, high },
					about: toAbout(row.about)
				})),
		/** Cash that went out, the newest first; all of it, or so many. */
		paid: (most = -1): CashPaid[] =>
			paid.all({ most }).map((row) => ({ ...row, about: toAbout(row.about) })),
		/** What each costs to buy, as it was last told. */
		prices: (): Prices => Object.fromEntries(prices.all().map(({ of, price }) => [of, price])),
		insertWork: (actId: string, thingId: number | null, one: Worked): void => {
			const { value: minutes, low, high } = one.minutes;
			insertWork.run({ actId, thingId, stage: one.stage, minutes, low, high, heads: one.heads });
		},
		insertPaid: (cash: {
			readonly actId: string;
			readonly thingId: number | null;
			readonly paidFor: string;
			readonly paid: number;
		}): void => {
			insertPaid.run(cash);
		},
		insertPrice: (actId: string, of: PriceId, price: number): void => {
			insertPrice.run({ actId, of, price });
		}
	};
}
