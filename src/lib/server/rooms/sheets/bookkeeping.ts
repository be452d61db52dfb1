import { carried, perMillion, utc } from '../../keeping/sheet-sql';

/** What a spreadsheet gets: a row for each thing that stands; column names carry their units. */
export const sheets = {
	remarks: `SELECT coalesce(l.code, f.code, d.name) AS at, ${utc('a.happened_at_ms')} AS seen_at_utc, a.person, r.words
		FROM remark r JOIN standing_act a ON a.id = r.act_id LEFT JOIN lot l ON l.id = r.lot_id LEFT JOIN burn f ON f.id = r.burn_id LEFT JOIN bed d ON d.id = r.bed_id ORDER BY a.happened_at_ms`,
	temperatures: `SELECT coalesce(l.code, f.code) AS at, ${utc('a.happened_at_ms')} AS read_at_utc, a.person, r.temperature_c
		FROM temperature_reading r JOIN standing_act a ON a.id = r.act_id LEFT JOIN lot l ON l.id = r.lot_id LEFT JOIN burn f ON f.id = r.burn_id ORDER BY a.happened_at_ms`,
	notes: `SELECT ${utc('a.happened_at_ms')} AS happened_at_utc, a.person, a.verb, (SELECT group_concat(coalesce(l.code, b.code, d.name, v.name), ' ') FROM act_subject s LEFT JOIN lot l ON s.subject = 'lot' AND l.id = s.subject_id LEFT JOIN burn b ON s.subject = 'burn' AND b.id = s.subject_id LEFT JOIN bed d ON s.subject = 'bed' AND d.id = s.subject_id LEFT JOIN vessel v ON s.subject = 'vessel' AND v.id = s.subject_id WHERE s.act_id = a.id) AS about, a.note
		FROM standing_act a WHERE a.note <> '' ORDER BY a.happened_at_ms`,
	ledger: `SELECT ${utc('m.happened_at_ms')} AS happened_at_utc, ${utc('m.recorded_at_ms')} AS recorded_at_utc, m.person, a.verb, coalesce(l.code, 'bed ' || d.name, m.account) AS "where", m.direction, ${perMillion('m.volume_ul')} AS volume_l, ${perMillion('m.mass_mg')} AS as_it_lies_kg, ${carried('m', 'wood')} AS wood_dry_kg, ${carried('m', 'char')} AS char_dry_kg, ${carried('m', 'ash')} AS ash_dry_kg, ${carried('m', 'other')} AS other_dry_kg, ${carried('m', 'nitrogen')} AS nitrogen_kg, ${carried('m', 'phosphorus')} AS phosphorus_kg, ${carried('m', 'potassium')} AS potassium_kg, ${carried('m', 'lime')} AS lime_as_caco3_kg, a.reverses_id IS NOT NULL OR EXISTS (SELECT 1 FROM act r WHERE r.reverses_id = a.id) AS reversed, m.act_id
		FROM movement m JOIN act a ON a.id = m.act_id LEFT JOIN lot l ON l.id = m.lot_id LEFT JOIN bed d ON d.id = m.bed_id ORDER BY m.id`
};
