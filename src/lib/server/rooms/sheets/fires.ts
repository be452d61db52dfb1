import { carried, perMillion, utc } from '../../keeping/sheet-sql';

/** What a spreadsheet gets: a row for each thing that stands; column names carry their units. */
export const sheets = {
	fires: `SELECT f.code, v.name AS vessel, r.way, ${utc('r.quenched_at_ms')} AS quenched_at_utc, a.person, k.code AS char, r.wood_kg AS wood_dry_kg, r.wood_low_kg AS wood_dry_low_kg, r.wood_high_kg AS wood_dry_high_kg, ${perMillion('m.volume_ul')} AS char_l, ${carried('m', 'char')} AS char_dry_kg, r.char_weighed_kg, n.code AS brands, r.fill_depth_m, r.water_l, r.smoke_min, r.odd_reason
		FROM burn_record r JOIN standing_act a ON a.id = r.act_id JOIN burn f ON f.id = r.burn_id
		JOIN vessel_version vv ON vv.id = r.vessel_version_id JOIN vessel_called v ON v.id = vv.vessel_id JOIN lot k ON k.id = r.char_lot_id
		JOIN movement m ON m.act_id = r.act_id AND m.lot_id = r.char_lot_id LEFT JOIN lot n ON n.id = r.brands_lot_id ORDER BY r.quenched_at_ms`,
	checks: `SELECT f.code AS fire, ${utc('a.happened_at_ms')} AS checked_at_utc, a.person, (SELECT group_concat(coalesce(json_extract(p.value, '$.probe') || ' C', CASE json_extract(p.value, '$.heatFelt') WHEN 1 THEN 'warm' ELSE 'cold' END), ' ') FROM json_each(q.places_json) p) AS places, q.smoke, q.white_spots
		FROM quench_check q JOIN standing_act a ON a.id = q.act_id JOIN burn f ON f.id = q.burn_id ORDER BY a.happened_at_ms`
};
