import { held, left, perMillion, standingLot, utc } from '../../keeping/sheet-sql';

/** What a spreadsheet gets: a row for each thing that stands; column names carry their units. */
export const sheets = {
	charging: `SELECT l.code, l.name, ${utc('t.started_at_ms')} AS started_at_utc, a.person, x.recipe AS school, x.temperature_c, t.char_share, t.mineral_n_g_per_kg, ${held('char')} AS char_dry_kg, ${held('nitrogen')} AS nitrogen_kg, ${left}
		FROM batch x ${standingLot} JOIN batch_state t ON t.id = (SELECT max(n.id) FROM batch_state n JOIN standing_act s ON s.id = n.act_id WHERE n.lot_id = l.id) ORDER BY l.id`,
	ingredients: `SELECT l.code AS batch, ${utc('a.happened_at_ms')} AS added_at_utc, a.person, i.material, f.code AS from_lot, ${perMillion('i.volume_ul')} AS volume_l, ${perMillion('i.planned_ul')} AS planned_l
		FROM ingredient i JOIN lot l ON l.id = i.batch_lot_id JOIN standing_act a ON a.id = i.act_id LEFT JOIN lot f ON f.id = i.from_lot_id ORDER BY i.id`,
	tests: `SELECT l.code AS charge, ${utc('a.happened_at_ms')} AS tested_at_utc, a.person, t.passed, t.germination_index
		FROM ready_test t JOIN lot l ON l.id = t.lot_id JOIN standing_act a ON a.id = t.act_id ORDER BY a.happened_at_ms`
};
