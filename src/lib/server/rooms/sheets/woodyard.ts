import { newestFound } from '../../db/findings';
import { left, standingLot, utc } from '../../keeping/sheet-sql';

/** What a spreadsheet gets: a row for each thing that stands; column names carry their units. */
export const sheets = {
	woodyard: `SELECT l.code, l.name, ${utc('a.happened_at_ms')} AS stacked_at_utc, a.person, x.form, x.wood, x.seasoned, x.outline, x.length_m, x.width_m, x.height_m, x.filled_l, x.filled_as, x.suspicion, x.walnut, x.standing_dead, x.sample_json, json_extract(${newestFound('cover', 'l.id')}, '$.cover') AS kept, x.is_brands, x.dry_kg, x.dry_low_kg, x.dry_high_kg, ${left}
		FROM stack x ${standingLot} ORDER BY l.id`,
	moisture: `SELECT l.code AS stack, ${utc('a.happened_at_ms')} AS read_at_utc, a.person, r.method, (SELECT group_concat(json_extract(p.value, '$.percent'), ' ') FROM json_each(r.pieces_json) p) AS pieces_percent_wet_basis
		FROM moisture_reading r JOIN lot l ON l.id = r.lot_id JOIN standing_act a ON a.id = r.act_id ORDER BY a.happened_at_ms`
};
