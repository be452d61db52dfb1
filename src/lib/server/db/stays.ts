import { inStockLots } from './ledger';
import type { Db } from './open';

/** A fire in a vessel: burnt, or planned and not burnt yet. */
export interface FireIn {
	readonly code: string;
	readonly quenched_ms: number | null;
	readonly planned_ms: number | null;
	/** Char that was dipped where it lay, and how much whole char of it is left. */
	readonly charCode: string | null;
	readonly charLeft_ml: number;
}

/** A soak in a tub. */
export interface SoakIn {
	readonly code: string;
	readonly started_ms: number;
	readonly drained_ms: number | null;
	/** The last that was taken of it, where nothing is left. */
	readonly emptied_ms: number | null;
	readonly left_ml: number;
}

/** What of a vessel is asked for. */
export interface Span {
	readonly vesselId: number;
	readonly from_ms: number;
	readonly to_ms: number;
	readonly most: number;
}

/** What stood in a vessel, whichever of its measurings held then. */
export function stayStore(db: Db) {
	const standing = (id: string) => `EXISTS (SELECT 1 FROM standing_act s WHERE s.id = ${id})`;
	const versions = '(SELECT id FROM vessel_version WHERE vessel_id = @vesselId)';
	// Found by index from the newest back, however many there ever were.
	const fires = db.prepare<Span, FireIn>(
		`SELECT * FROM (SELECT b.code, r.quenched_at_ms AS quenched_ms, NULL AS planned_ms,
			CASE WHEN r.fill_depth_m IS NULL THEN NULL ELSE l.code END AS charCode, coalesce(k.volume_ml, 0) AS charLeft_ml
		 FROM burn_record r JOIN burn b ON b.id = r.burn_id JOIN lot l ON l.id = r.char_lot_id LEFT JOIN balance k ON k.lot_id = l.id
		 WHERE r.vessel_version_id IN ${versions} AND r.quenched_at_ms BETWEEN @from_ms AND @to_ms AND ${standing('r.act_id')}
		 ORDER BY r.quenched_at_ms DESC LIMIT @most)
		 UNION ALL
		 SELECT b.code, NULL, p.planned_for_ms, NULL, 0 FROM burn_plan p JOIN burn b ON b.id = p.burn_id
		 WHERE p.vessel_version_id IN ${versions} AND p.planned_for_ms BETWEEN @from_ms AND @to_ms AND ${standing('p.act_id')}
			AND NOT EXISTS (SELECT 1 FROM burn_record r WHERE r.burn_id = p.burn_id AND ${standing('r.act_id')})`
	);
	const soaks = db.prepare<Span, SoakIn>(
		`SELECT l.code, w.started_ms, k.volume_ml AS left_ml,
			(SELECT min(da.happened_at_ms) FROM drained d JOIN standing_act da ON da.id = d.act_id WHERE d.lot_id = l.id) AS drained_ms,
			CASE WHEN k.volume_ml > 0 THEN NULL ELSE (SELECT max(m.happened_at_ms) FROM movement m WHERE m.lot_id = l.id) END AS emptied_ms
		 FROM (SELECT c.lot_id, a.happened_at_ms AS started_ms
			FROM charge c JOIN lot x ON x.id = c.lot_id JOIN standing_act a ON a.id = x.act_id
			WHERE c.vessel_version_id IN ${versions} AND a.happened_at_ms BETWEEN @from_ms AND @to_ms
			ORDER BY a.happened_at_ms DESC LIMIT @most) w
		 JOIN lot l ON l.id = w.lot_id JOIN balance k ON k.lot_id = l.id ORDER BY w.started_ms DESC`
	);
	const tubsInStock = db
		.prepare<[], number>(
			`SELECT DISTINCT v.vessel_id FROM charge c JOIN vessel_version v ON v.id = c.vessel_version_id WHERE c.lot_id IN ${inStockLots}`
		)
		.pluck();
	const inOrder = (fire: FireIn) => fire.quenched_ms ?? fire.planned_ms ?? 0;
	return {
		/** Those quenched or planned in a span, the oldest first; of too many, the newest. */
		fires: (span: Span): FireIn[] => fires.all(span).sort((a, b) => inOrder(a) - inOrder(b)),
		/** Those set going in a span, the oldest first; of too many, the newest. */
		soaks: (span: Span): SoakIn[] => soaks.all(span).reverse(),
		/** Vessels a soak was set going in of which anything is left. */
		tubsInStock: (): number[] => tubsInStock.all()
	};
}
