import { carried, goesBy, perMillion, utc } from '../../keeping/sheet-sql';

/** What a spreadsheet gets: a row for each thing that stands; column names carry their units. */
export const sheets = {
	notes: `SELECT ${utc('a.happened_at_ms')} AS happened_at_utc, a.person, a.verb, (SELECT group_concat(${goesBy('s.thing_id')}, ' ') FROM act_subject s WHERE s.act_id = a.id) AS about, a.note
		FROM standing_act a WHERE a.note <> '' ORDER BY a.happened_at_ms`,
	ledger: `SELECT ${utc('m.happened_at_ms')} AS happened_at_utc, ${utc('m.recorded_at_ms')} AS recorded_at_utc, m.person, a.verb, coalesce(l.code, 'bed ' || d.name, m.account) AS "where", m.direction, ${perMillion('m.volume_ul')} AS volume_l, ${perMillion('m.mass_mg')} AS as_it_lies_kg, ${carried('m', 'wood')} AS wood_dry_kg, ${carried('m', 'char')} AS char_dry_kg, ${carried('m', 'ash')} AS ash_dry_kg, ${carried('m', 'other')} AS other_dry_kg, ${carried('m', 'nitrogen')} AS nitrogen_kg, ${carried('m', 'phosphorus')} AS phosphorus_kg, ${carried('m', 'potassium')} AS potassium_kg, ${carried('m', 'lime')} AS lime_as_caco3_kg, a.reverses_id IS NOT NULL OR EXISTS (SELECT 1 FROM act r WHERE r.reverses_id = a.id) AS reversed, m.act_id
		FROM movement m JOIN act a ON a.id = m.act_id LEFT JOIN lot l ON l.id = m.lot_id LEFT JOIN bed_called d ON d.id = m.bed_id ORDER BY m.id`
};
