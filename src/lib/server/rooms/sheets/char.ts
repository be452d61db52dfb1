import { left, standingLot, utc } from '../../keeping/sheet-sql';

/** What a spreadsheet gets: a row for each thing that stands; column names carry their units. */
export const sheets = {
	char: `SELECT l.code, l.name, ${utc('a.happened_at_ms')} AS made_at_utc, f.code AS fire, x.state, x.wood, x.wetness, x.density_kg_per_l AS density_dry_kg_per_l, ${left}
		FROM char_lot x ${standingLot} JOIN burn f ON f.id = x.burn_id ORDER BY l.id`,
	densities: `SELECT l.code AS char, ${utc('a.happened_at_ms')} AS weighed_at_utc, a.person, x.density_kg_per_l AS density_dry_kg_per_l, x.density_low_kg_per_l AS density_low_dry_kg_per_l, x.density_high_kg_per_l AS density_high_dry_kg_per_l
		FROM density_reading x JOIN lot l ON l.id = x.lot_id JOIN standing_act a ON a.id = x.act_id ORDER BY a.happened_at_ms`
};
