import { left, per1000, standingLot, held, utc } from '../../keeping/sheet-sql';

/** What a spreadsheet gets of the brews. */
export const sheets = {
	brews: `SELECT l.code, l.name, ${utc('a.happened_at_ms')} AS started_at_utc, a.person, x.recipe, x.temperature_c, ${per1000('w.volume_ml')} AS water_l, p.material AS in_the_bag, ${per1000('p.volume_ml')} AS in_the_bag_l, ${held('nitrogen')} AS nitrogen_kg, ${left}
		FROM batch x ${standingLot} JOIN ingredient p ON p.batch_lot_id = l.id AND p.from_lot_id IS NOT NULL JOIN ingredient w ON w.batch_lot_id = l.id AND w.from_lot_id IS NULL
		WHERE l.kind = 'brew' ORDER BY l.id`,
	smells: `SELECT l.code AS brew, ${utc('a.happened_at_ms')} AS smelt_at_utc, a.person, s.smell
		FROM smell_check s JOIN lot l ON l.id = s.lot_id JOIN standing_act a ON a.id = s.act_id ORDER BY a.happened_at_ms`,
	dilutions: `SELECT l.code AS brew, b.name AS bed, ${utc('a.happened_at_ms')} AS poured_at_utc, a.person, ${per1000('m.volume_ml')} AS brew_l, d.parts AS parts_of_water, ${per1000('d.water_ml')} AS water_l
		FROM dilution d JOIN lot l ON l.id = d.lot_id JOIN standing_act a ON a.id = d.act_id JOIN application p ON p.act_id = d.act_id JOIN bed b ON b.id = p.bed_id
		JOIN movement m ON m.act_id = d.act_id AND m.bed_id = p.bed_id ORDER BY a.happened_at_ms`
};
