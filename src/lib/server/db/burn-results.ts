import { inLitres } from '../../core/units';
import type { WayId } from '../../core/fires';
import type { Range } from '../../core/units';
import type { BurnRecord } from './burns';
import type { Db } from './open';

/** What went in and came out: the grounds of an outcome. */
export type BurnResult = { readonly wood: Range } & Pick<
	BurnRecord,
	'way' | 'water_l' | 'charKg' | 'charLitres' | 'brandsKg' | 'density'
> & { readonly code: string };

interface ResultRow {
	code: string;
	way: WayId;
	wood_kg: number;
	wood_low_kg: number;
	wood_high_kg: number;
	water_l: number | null;
	char_g: number;
	density: number;
	density_low: number;
	density_high: number;
	char_ul: number;
	brands_g: number | null;
}

const toResult = (row: ResultRow): BurnResult => ({
	code: row.code,
	way: row.way,
	wood: { value: row.wood_kg, low: row.wood_low_kg, high: row.wood_high_kg },
	water_l: row.water_l,
	charKg: row.char_g / 1000,
	charLitres: inLitres(row.char_ul),
	brandsKg: (row.brands_g ?? 0) / 1000,
	density: { value: row.density, low: row.density_low, high: row.density_high }
});

/** What finished burns gave, without the rest of their story. */
export function burnResultStore(db: Db) {
	const standingAct = (id: string) => `EXISTS (SELECT 1 FROM standing_act s WHERE s.id = ${id})`;
	// Only what a mean needs: sixty fires are asked for on pages that show one.
	const newest = db.prepare<{ most: number; way: WayId | null }, ResultRow>(
		`SELECT b.code, r.way, r.wood_kg, r.wood_low_kg, r.wood_high_kg, coalesce((SELECT json_extract(w.found_json, '$.litres') FROM finding w JOIN standing_act s ON s.id = w.act_id WHERE w.thing_id = b.id AND w.what = 'quench-water' ORDER BY w.id DESC LIMIT 1), r.water_l) AS water_l, mc.volume_ul AS char_ul,
			(SELECT c.amount_mg / 1000.0 FROM content c WHERE c.movement_id = mb.id AND c.substance = 'wood') AS brands_g,
			coalesce(mc.volume_ul * d.density_kg_per_l / 1000.0, (SELECT c.amount_mg / 1000.0 FROM content c WHERE c.movement_id = mc.id AND c.substance = 'char')) AS char_g,
			coalesce(d.density_kg_per_l, k.density_kg_per_l) AS density,
			coalesce(d.density_low_kg_per_l, k.density_low_kg_per_l) AS density_low,
			coalesce(d.density_high_kg_per_l, k.density_high_kg_per_l) AS density_high
		 FROM burn_record r JOIN burn b ON b.id = r.burn_id
		 JOIN movement mc ON mc.act_id = r.act_id AND mc.lot_id = r.char_lot_id
		 JOIN char_lot k ON k.lot_id = r.char_lot_id
		 LEFT JOIN density_reading d ON d.id = (SELECT max(x.id) FROM density_reading x WHERE x.lot_id = r.char_lot_id AND ${standingAct('x.act_id')})
		 LEFT JOIN movement mb ON mb.act_id = r.act_id AND mb.lot_id = r.brands_lot_id
		 WHERE (@way IS NULL OR r.way = @way) AND r.wood_from <> 'reckoned' AND ${standingAct('r.act_id')} ORDER BY r.quenched_at_ms DESC LIMIT @most`
	);
	const perVessel = db.prepare<
		[],
		{ vesselId: number; burns: number; litres: number; last_ms: number }
	>(
		`SELECT v.vessel_id AS vesselId, count(*) AS burns, avg(m.volume_ul) / 1e6 AS litres, max(r.quenched_at_ms) AS last_ms
		 FROM burn_record r JOIN vessel_version v ON v.id = r.vessel_version_id
		 JOIN movement m ON m.act_id = r.act_id AND m.lot_id = r.char_lot_id
		 WHERE ${standingAct('r.act_id')} GROUP BY v.vessel_id`
	);
	return {
		/** How many burns each vessel has done, and the mean of what they gave. */
		perVessel: (): Map<number, { burns: number; litres: number; last_ms: number }> =>
			new Map(perVessel.all().map(({ vesselId, ...done }) => [vesselId, done])),
		/** What the newest gave, of one way or of all. */
		newest: (most: number, way: WayId | null = null): BurnResult[] =>
			newest.all({ most, way }).map(toResult)
	};
}
