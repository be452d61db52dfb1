import { held, left, perMillion, standingLot, utc } from '../../keeping/sheet-sql';

/** What a spreadsheet gets: a row for each thing that stands; column names carry their units. */
export const sheets = {
	stock: `SELECT l.code, l.name, ${utc('a.happened_at_ms')} AS brought_in_at_utc, a.person, x.material, ${held('nitrogen')} AS nitrogen_kg, ${held('phosphorus')} AS phosphorus_kg, ${held('potassium')} AS potassium_kg, ${held('lime')} AS lime_as_caco3_kg, ${perMillion('b.mass_mg')} AS left_as_used_kg, ${left}
		FROM stock x ${standingLot} ORDER BY l.id`
};
