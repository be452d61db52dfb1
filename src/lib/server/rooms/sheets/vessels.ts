import { utc } from '../../keeping/sheet-sql';

/** What a spreadsheet gets: a row for each thing that stands; column names carry their units. */
export const sheets = {
	vessels: `SELECT v.name, x.used_for, x.shape, x.rim_width_m, x.floor_width_m, x.rim_length_m, x.floor_length_m, x.depth_m, x.empty_mass_kg, ${utc('a.happened_at_ms')} AS measured_at_utc, a.person
		FROM vessel_version x JOIN vessel_called v ON v.id = x.vessel_id JOIN standing_act a ON a.id = x.act_id ORDER BY v.name, x.id`
};
