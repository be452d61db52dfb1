import type { LotKind } from '../../core/kinds';
import type { Account } from '../../core/ledger';
import type { Db } from './open';

/** One line of the ledger with what it carried of what seasons, carbon and worth are told by; kg of the dry. */
export interface Moved {
	readonly actId: string;
	readonly verb: string;
	readonly at_ms: number;
	readonly lotId: number | null;
	readonly kind: LotKind | null;
	readonly bedId: number | null;
	readonly account: Account | null;
	readonly direction: 'in' | 'out';
	readonly volume_ul: number;
	readonly wood: number;
	readonly char: number;
	readonly ash: number;
	readonly nitrogen: number;
	readonly potassium: number;
	readonly lime: number;
}

const kg = (substance: string) =>
	`total(CASE c.substance WHEN '${substance}' THEN c.amount_mg END) / 1e6 AS ${substance}`;
const told = ['wood', 'char', 'ash', 'nitrogen', 'potassium', 'lime'].map(kg).join(', ');

/** All that ever moved, in the order in which it happened. */
export function movedStore(db: Db) {
	const all = db.prepare<[], Moved>(
		`SELECT m.act_id AS actId, a.verb, m.happened_at_ms AS at_ms, m.lot_id AS lotId, l.kind, m.bed_id AS bedId, m.account, m.direction, m.volume_ul, ${told}
		 FROM movement m JOIN standing_act a ON a.id = m.act_id LEFT JOIN lot l ON l.id = m.lot_id LEFT JOIN content c ON c.movement_id = m.id
		 GROUP BY m.id ORDER BY m.happened_at_ms, a.seq, m.id`
	);
	return { all: (): Moved[] => all.all() };
}
