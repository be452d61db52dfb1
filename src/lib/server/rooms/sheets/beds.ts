import { carried, perMillion, utc } from '../../keeping/sheet-sql';

/** What a spreadsheet gets: a row for each thing that stands; column names carry their units. */
export const sheets = {
	beds: `SELECT d.name, x.crop, x.target, x.pieces, x.length_m, x.width_m, x.depth_m, x.texture, x.drainage, x.humus, x.crop_kind, x.ph, x.acid_lover, x.eaten_raw, ${utc('a.happened_at_ms')} AS measured_at_utc, coalesce((SELECT sum(s.char_l) FROM application s JOIN standing_act sa ON sa.id = s.act_id WHERE s.bed_id = d.id), 0) AS char_l
		FROM bed d JOIN bed_version x ON x.bed_id = d.id JOIN standing_act a ON a.id = x.act_id ORDER BY d.name, x.id`,
	applications: `SELECT d.name AS bed, ${utc('a.happened_at_ms')} AS put_at_utc, a.person, l.code AS lot, s.way, s.depth_m, ${perMillion('m.volume_ul')} AS taken_l, s.char_l, ${carried('m', 'char')} AS char_dry_kg, ${carried('m', 'ash')} AS ash_dry_kg, ${carried('m', 'other')} AS other_dry_kg, ${carried('m', 'nitrogen')} AS nitrogen_kg, ${carried('m', 'phosphorus')} AS phosphorus_kg, ${carried('m', 'potassium')} AS potassium_kg, ${carried('m', 'lime')} AS lime_as_caco3_kg, s.reason, a.note
		FROM application s JOIN standing_act a ON a.id = s.act_id JOIN bed d ON d.id = s.bed_id JOIN lot l ON l.id = s.lot_id
		JOIN movement m ON m.act_id = s.act_id AND m.bed_id = s.bed_id ORDER BY a.happened_at_ms`
};
