import { newestFound, type What } from '../../db/findings';
import { carried, perMillion, utc } from '../../keeping/sheet-sql';

/** What was last said of a bed, as one column. */
const last = (what: What, key: string) => `json_extract(${newestFound(what, 'd.id')}, '$.${key}')`;

/** What a spreadsheet gets: a row for each thing that stands; column names carry their units. */
export const sheets = {
	beds: `SELECT d.name, ${last('crop', 'name')} AS crop, x.target, x.pieces, x.length_m, x.width_m, x.depth_m, x.texture, x.drainage, x.humus, ${last('crop', 'kind')} AS crop_kind, ${last('ph', 'ph')} AS ph, ${last('acid-lover', 'is')} AS acid_lover, ${last('eaten-raw', 'is')} AS eaten_raw, (SELECT w.name FROM bed_called w WHERE w.id = x.within_id) AS within, x.along_m, x.across_m, x.pieces_before, ${utc('a.happened_at_ms')} AS measured_at_utc, coalesce((SELECT sum(s.char_l) FROM application s JOIN standing_act sa ON sa.id = s.act_id WHERE s.bed_id = d.id), 0) AS char_l
		FROM bed_called d JOIN bed_version x ON x.bed_id = d.id JOIN standing_act a ON a.id = x.act_id ORDER BY d.name, x.id`,
	applications: `SELECT d.name AS bed, ${utc('a.happened_at_ms')} AS put_at_utc, a.person, l.code AS lot, s.material, s.way, s.depth_m, ${perMillion('m.volume_ul')} AS taken_l, s.char_l, ${carried('m', 'char')} AS char_dry_kg, ${carried('m', 'ash')} AS ash_dry_kg, ${carried('m', 'other')} AS other_dry_kg, ${carried('m', 'nitrogen')} AS nitrogen_kg, ${carried('m', 'phosphorus')} AS phosphorus_kg, ${carried('m', 'potassium')} AS potassium_kg, ${carried('m', 'lime')} AS lime_as_caco3_kg, s.reason, a.note
		FROM application s JOIN standing_act a ON a.id = s.act_id JOIN bed_called d ON d.id = s.bed_id LEFT JOIN lot l ON l.id = s.lot_id
		JOIN movement m ON m.act_id = s.act_id AND m.bed_id = s.bed_id ORDER BY a.happened_at_ms`
};
