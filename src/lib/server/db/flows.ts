import type { Flow } from '../../core/ledger';
import type { Db } from './open';

/** A flow with what was done, and when. */
export interface LoggedFlow extends Flow {
	readonly verb: string;
	readonly at_ms: number;
}

/** What went from where to where, in acts that stand: the grounds of traces and of quarantine. */
export function flowStore(db: Db) {
	const ancestors = db.prepare<{ lotId: number }, { id: number }>(
		`WITH RECURSIVE reached(id) AS (
			VALUES (@lotId)
			UNION
			SELECT f.from_lot_id FROM reached JOIN flow f ON f.to_lot_id = reached.id
		) SELECT id FROM reached`
	);
	const flows = db.prepare<[], LoggedFlow>(
		`SELECT pl.code AS "from", coalesce(cl.code, 'bed:' || cb.name) AS "to", f.act_id AS act, f.verb, f.happened_at_ms AS at_ms
		 FROM flow f JOIN lot pl ON pl.id = f.from_lot_id
		 LEFT JOIN lot cl ON cl.id = f.to_lot_id LEFT JOIN bed cb ON cb.id = f.to_bed_id
		 ORDER BY f.happened_at_ms, f.act_id`
	);

	return {
		all: (): LoggedFlow[] => flows.all(),
		/** A lot and everything it came from. */
		ancestors: (lotId: number): number[] => ancestors.all({ lotId }).map((row) => row.id)
	};
}
