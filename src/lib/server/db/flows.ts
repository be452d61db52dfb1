import type { Flow } from '../../core/ledger';
import type { Db } from './open';

/** A flow with what was done, and when. */
export interface LoggedFlow extends Flow {
	readonly verb: string;
	readonly at_ms: number;
}

/** What went from where to where, in acts that stand: the grounds of traces and of quarantine. */
export function flowStore(db: Db) {
	const held = db.prepare<[], { id: number; reason: string }>(
		`WITH RECURSIVE newest AS (
			SELECT q.lot_id, q.held, q.reason, max(a.seq) FROM quarantine q JOIN standing_act a ON a.id = q.act_id GROUP BY q.lot_id
		), reached(id, reason) AS (
			SELECT lot_id, reason FROM newest WHERE held = 1
			UNION
			SELECT f.to_lot_id, reached.reason FROM reached JOIN flow f ON f.from_lot_id = reached.id WHERE f.to_lot_id IS NOT NULL
		) SELECT id, reason FROM reached`
	);
	const flows = db.prepare<[], LoggedFlow>(
		`SELECT pl.code AS "from", coalesce(cl.code, 'bed:' || cb.name) AS "to", f.act_id AS act, f.verb, f.happened_at_ms AS at_ms
		 FROM flow f JOIN lot pl ON pl.id = f.from_lot_id
		 LEFT JOIN lot cl ON cl.id = f.to_lot_id LEFT JOIN bed cb ON cb.id = f.to_bed_id
		 ORDER BY f.happened_at_ms, f.act_id`
	);

	return {
		all: (): LoggedFlow[] => flows.all(),
		/** Every lot that may not move, with the reason: held itself, or made of one that is. */
		held: (): Map<number, string> => new Map(held.all().map((row) => [row.id, row.reason]))
	};
}
