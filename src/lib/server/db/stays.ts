import { inStockLots } from './lot-row';
import type { Db } from './open';
import { mergedInto, type Things } from './things';

/** A fire in a vessel: burnt, or planned and not burnt yet. */
export interface FireIn {
	readonly code: string;
	readonly quenched_ms: number | null;
	readonly planned_ms: number | null;
	/** Char that was dipped where it lay, and how much whole char of it is left. */
	readonly charCode: string | null;
	readonly charLeft_ul: number;
}

/** A soak in a tub. */
export interface SoakIn {
	readonly code: string;
	readonly started_ms: number;
	readonly drained_ms: number | null;
	/** The last that was taken of it, where nothing is left. */
	readonly emptied_ms: number | null;
	readonly left_ul: number;
}

/** What of a vessel is asked for. */
export interface Span {
	readonly vesselId: number;
	readonly from_ms: number;
	readonly to_ms: number;
	readonly most: number;
}

/** What stood in a vessel, whichever of its measurings held then. */
export function stayStore(db: Db, things: Pick<Things, 'mergedTo'>) {
	const standing = (id: string) => `EXISTS (SELECT 1 FROM standing_act s WHERE s.id = ${id})`;
	// What stood in one that was merged into it counts here too.
	const versions = `(SELECT id FROM vessel_version WHERE vessel_id IN ${mergedInto('@vesselId')})`;
	// Found by index from the newest back, however many there ever were.
	const burnt = db.prepare<Span, FireIn>(
		`SELECT b.code, r.quenched_at_ms AS quenched_ms, NULL AS planned_ms,
			CASE WHEN r.fill_depth_m IS NULL THEN NULL ELSE l.code END AS charCode, coalesce(k.volume_ul, 0) AS charLeft_ul
		 FROM burn_record r JOIN burn b ON b.id = r.burn_id JOIN lot l ON l.id = r.char_lot_id LEFT JOIN balance k ON k.lot_id = l.id
		 WHERE r.vessel_version_id IN ${versions} AND r.quenched_at_ms BETWEEN @from_ms AND @to_ms AND ${standing('r.act_id')}
		 ORDER BY r.quenched_at_ms DESC LIMIT @most`
	);
	const planned = db.prepare<Span, FireIn>(
		`SELECT b.code, NULL AS quenched_ms, p.planned_for_ms AS planned_ms, NULL AS charCode, 0 AS charLeft_ul
		 FROM burn_plan p JOIN burn b ON b.id = p.burn_id
		 WHERE p.vessel_version_id IN ${versions} AND p.planned_for_ms BETWEEN @from_ms AND @to_ms AND ${standing('p.act_id')}
			AND NOT EXISTS (SELECT 1 FROM burn_record r WHERE r.burn_id = p.burn_id AND ${standing('r.act_id')}) AND @most > 0`
	);
	const lit = db.prepare<Span, FireIn>(
		`SELECT b.code, NULL AS quenched_ms, x.lit_at_ms AS planned_ms, NULL AS charCode, 0 AS charLeft_ul
		 FROM burn_lit x JOIN burn b ON b.id = x.burn_id
		 WHERE x.vessel_version_id IN ${versions} AND x.lit_at_ms BETWEEN @from_ms AND @to_ms AND ${standing('x.act_id')} AND @most > 0
			AND NOT EXISTS (SELECT 1 FROM burn_record r WHERE r.burn_id = x.burn_id AND ${standing('r.act_id')})
			AND NOT EXISTS (SELECT 1 FROM burn_plan p WHERE p.burn_id = x.burn_id AND ${standing('p.act_id')})
			AND NOT EXISTS (SELECT 1 FROM finding f WHERE f.thing_id = b.id AND ${standing('f.act_id')}
				AND json_extract(f.found_json, '$.doing') = 'given-up')`
	);
	const soaks = db.prepare<Span, SoakIn>(
		`SELECT l.code, w.started_ms, k.volume_ul AS left_ul,
			(SELECT min(na.happened_at_ms) FROM batch_place n JOIN standing_act na ON na.id = n.act_id WHERE n.lot_id = l.id AND n.id > w.id) AS drained_ms,
			CASE WHEN k.volume_ul > 0 THEN NULL ELSE (SELECT max(m.happened_at_ms) FROM movement m WHERE m.lot_id = l.id) END AS emptied_ms
		 FROM (SELECT p.id, p.lot_id, a.happened_at_ms AS started_ms
			FROM batch_place p JOIN standing_act a ON a.id = p.act_id
			WHERE p.vessel_version_id IN ${versions} AND a.happened_at_ms BETWEEN @from_ms AND @to_ms
			ORDER BY a.happened_at_ms DESC LIMIT @most) w
		 JOIN lot l ON l.id = w.lot_id JOIN balance k ON k.lot_id = l.id ORDER BY w.started_ms DESC`
	);
	const tubsInStock = db
		.prepare<[], number>(
			`SELECT DISTINCT v.vessel_id FROM batch_place p JOIN vessel_version v ON v.id = p.vessel_version_id WHERE p.lot_id IN ${inStockLots}`
		)
		.pluck();
	const lastPerVersion = db.prepare<[], { vesselId: number; code: string; quenched_ms: number }>(
		`SELECT w.vessel_id AS vesselId, b.code, r.quenched_at_ms AS quenched_ms FROM vessel_version w
		 CROSS JOIN burn_record r ON r.rowid = (SELECT n.rowid FROM burn_record n WHERE n.vessel_version_id = w.id AND ${standing('n.act_id')}
			ORDER BY n.quenched_at_ms DESC LIMIT 1)
		 CROSS JOIN burn b ON b.id = r.burn_id ORDER BY r.quenched_at_ms`
	);
	const inOrder = (fire: FireIn) => fire.quenched_ms ?? fire.planned_ms ?? 0;
	return {
		/** Those quenched or planned in a span, the oldest first; of too many, the newest. */
		fires: (span: Span): FireIn[] =>
			[...burnt.all(span), ...planned.all(span), ...lit.all(span)].sort(
				(a, b) => inOrder(a) - inOrder(b)
			),
		/** Those set going in a span, the oldest first; of too many, the newest. */
		soaks: (span: Span): SoakIn[] => soaks.all(span).reverse(),
		/** The newest fire that was burnt in each vessel, or in one that was merged into it, by the vessel. */
		lastBurnt: (): ReadonlyMap<number, string> => {
			const last = things.mergedTo('vessel');
			return new Map(lastPerVersion.all().map(({ vesselId, code }) => [last(vesselId), code]));
		},
		/** Vessels a soak was set going in of which anything is left. */
		tubsInStock: (): number[] => tubsInStock.all()
	};
}
