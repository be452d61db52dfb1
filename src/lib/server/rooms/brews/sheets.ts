import { left, perMillion, standingLot, held, utc } from '../../keeping/sheet-sql';

/** What a spreadsheet gets of the brews. */
export const sheets = {
	brews: `SELECT l.code, l.name, ${utc('a.happened_at_ms')} AS started_at_utc, a.person, x.recipe, x.temperature_c,
		(SELECT ${perMillion('sum(m.volume_ul)')} FROM movement m WHERE m.act_id = l.act_id AND m.lot_id = l.id AND m.direction = 'in') AS made_l, ${held('nitrogen')} AS nitrogen_kg, ${held('potassium')} AS potassium_kg, ${left}
		FROM batch x ${standingLot} WHERE l.kind = 'brew' ORDER BY l.id`,
	'brew-parts': `SELECT l.code AS brew, ${utc('a.happened_at_ms')} AS went_in_at_utc, i.material, f.code AS from_lot, ${perMillion('i.volume_ul')} AS volume_l, ${perMillion('i.planned_ul')} AS asked_l
		FROM ingredient i JOIN standing_act a ON a.id = i.act_id JOIN lot l ON l.id = i.batch_lot_id AND l.kind = 'brew' LEFT JOIN lot f ON f.id = i.from_lot_id ORDER BY i.id`,
	'programme-stops': `SELECT (SELECT c.name FROM thing_called c WHERE c.id = s.programme_id) AS programme, s.due, ${utc('a.happened_at_ms')} AS walked_at_utc, a.person, b.name AS bed
		FROM programme_stop s JOIN standing_act a ON a.id = s.act_id JOIN application p ON p.act_id = s.act_id JOIN bed_called b ON b.id = p.bed_id ORDER BY a.happened_at_ms`,
	dilutions: `SELECT l.code AS brew, b.name AS bed, ${utc('a.happened_at_ms')} AS poured_at_utc, a.person, ${perMillion('m.volume_ul')} AS brew_l, d.parts AS parts_of_water, ${perMillion('d.water_ul')} AS water_l, d.onto
		FROM dilution d JOIN lot l ON l.id = d.lot_id JOIN standing_act a ON a.id = d.act_id JOIN application p ON p.act_id = d.act_id JOIN bed_called b ON b.id = p.bed_id
		JOIN movement m ON m.act_id = d.act_id AND m.bed_id = p.bed_id ORDER BY a.happened_at_ms`
};
