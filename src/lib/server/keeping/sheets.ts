import Papa from 'papaparse';
import { heldOf } from '../db/ledger';
import type { Db } from '../db/open';

const utc = (column: string) => `strftime('%Y-%m-%dT%H:%M:%SZ', ${column} / 1000, 'unixepoch')`;
const per1000 = (column: string) => `${column} / 1000.0`;
const held = (...names: readonly string[]) => `${heldOf(...names)} / 1000000.0`;
const left = `${per1000('b.volume_ml')} AS left_l, ${held('wood', 'char', 'ash', 'other')} AS left_dry_kg`;
const carried = (movement: string, ...names: readonly string[]) =>
	`coalesce((SELECT sum(c.amount_mg) FROM content c WHERE c.movement_id = ${movement}.id AND c.substance IN (${names.map((name) => `'${name}'`).join(', ')})), 0) / 1000000.0`;
const lot = `JOIN lot l ON l.id = x.lot_id JOIN standing_act a ON a.id = l.act_id JOIN balance b ON b.lot_id = l.id`;

/** One sheet for each room, a row for each thing that stands; column names carry their units. */
const sheets = {
	woodyard: `SELECT l.code, l.name, ${utc('a.happened_at_ms')} AS stacked_at_utc, a.person, x.form, x.wood, x.seasoned, x.outline, x.length_m, x.width_m, x.height_m, x.filled_l, x.filled_as, x.suspicion, x.is_brands, x.dry_kg, x.dry_low_kg, x.dry_high_kg, ${left}
		FROM stack x ${lot} ORDER BY l.id`,
	moisture: `SELECT l.code AS stack, ${utc('a.happened_at_ms')} AS read_at_utc, a.person, r.method, (SELECT group_concat(json_extract(p.value, '$.percent'), ' ') FROM json_each(r.pieces_json) p) AS pieces_percent
		FROM moisture_reading r JOIN lot l ON l.id = r.lot_id JOIN standing_act a ON a.id = r.act_id ORDER BY a.happened_at_ms`,
	fires: `SELECT f.code, v.name AS vessel, r.way, ${utc('r.quenched_at_ms')} AS quenched_at_utc, a.person, k.code AS char, r.wood_kg AS wood_dry_kg, r.wood_low_kg AS wood_dry_low_kg, r.wood_high_kg AS wood_dry_high_kg, ${per1000('m.volume_ml')} AS char_l, ${carried('m', 'char')} AS char_dry_kg, r.char_weighed_kg, n.code AS brands, r.fill_depth_m, r.water_l, r.smoke_min, r.odd_reason
		FROM burn_record r JOIN standing_act a ON a.id = r.act_id JOIN burn f ON f.id = r.burn_id
		JOIN vessel_version vv ON vv.id = r.vessel_version_id JOIN vessel v ON v.id = vv.vessel_id JOIN lot k ON k.id = r.char_lot_id
		JOIN movement m ON m.act_id = r.act_id AND m.lot_id = r.char_lot_id LEFT JOIN lot n ON n.id = r.brands_lot_id ORDER BY r.quenched_at_ms`,
	checks: `SELECT f.code AS fire, ${utc('a.happened_at_ms')} AS checked_at_utc, a.person, (SELECT group_concat(coalesce(json_extract(p.value, '$.probe') || ' C', CASE json_extract(p.value, '$.heatFelt') WHEN 1 THEN 'warm' ELSE 'cold' END), ' ') FROM json_each(q.places_json) p) AS places, q.smoke, q.white_spots
		FROM quench_check q JOIN standing_act a ON a.id = q.act_id JOIN burn f ON f.id = q.burn_id ORDER BY a.happened_at_ms`,
	char: `SELECT l.code, l.name, ${utc('a.happened_at_ms')} AS made_at_utc, f.code AS fire, x.state, x.wood, x.wetness, x.density_kg_per_l AS density_dry_kg_per_l, ${left}
		FROM char_lot x ${lot} JOIN burn f ON f.id = x.burn_id ORDER BY l.id`,
	charging: `SELECT l.code, l.name, ${utc('t.started_at_ms')} AS started_at_utc, a.person, x.recipe AS school, x.temperature_c, t.char_share, t.mineral_n_g_per_kg, ${held('char')} AS char_dry_kg, ${held('nitrogen')} AS nitrogen_kg, ${left}
		FROM batch x ${lot} JOIN batch_state t ON t.id = (SELECT max(n.id) FROM batch_state n JOIN standing_act s ON s.id = n.act_id WHERE n.lot_id = l.id) ORDER BY l.id`,
	ingredients: `SELECT l.code AS batch, ${utc('a.happened_at_ms')} AS added_at_utc, a.person, i.material, f.code AS from_lot, ${per1000('i.volume_ml')} AS volume_l, ${per1000('i.planned_ml')} AS planned_l
		FROM ingredient i JOIN lot l ON l.id = i.batch_lot_id JOIN standing_act a ON a.id = i.act_id LEFT JOIN lot f ON f.id = i.from_lot_id ORDER BY i.id`,
	stock: `SELECT l.code, l.name, ${utc('a.happened_at_ms')} AS brought_in_at_utc, a.person, x.material, ${held('nitrogen')} AS nitrogen_kg, ${held('phosphorus')} AS phosphorus_kg, ${held('potassium')} AS potassium_kg, ${held('lime')} AS lime_as_caco3_kg, ${per1000('b.mass_g')} AS left_as_used_kg, ${left}
		FROM stock x ${lot} ORDER BY l.id`,
	tests: `SELECT l.code AS charge, ${utc('a.happened_at_ms')} AS tested_at_utc, a.person, t.passed, t.germination_index
		FROM ready_test t JOIN lot l ON l.id = t.lot_id JOIN standing_act a ON a.id = t.act_id ORDER BY a.happened_at_ms`,
	beds: `SELECT d.name, x.crop, x.target, x.pieces, x.length_m, x.width_m, x.depth_m, x.texture, x.drainage, x.humus, x.crop_kind, x.ph, x.acid_lover, x.eaten_raw, ${utc('a.happened_at_ms')} AS measured_at_utc, coalesce((SELECT sum(s.char_l) FROM application s JOIN standing_act sa ON sa.id = s.act_id WHERE s.bed_id = d.id), 0) AS char_l
		FROM bed d JOIN bed_version x ON x.bed_id = d.id JOIN standing_act a ON a.id = x.act_id ORDER BY d.name, x.id`,
	applications: `SELECT d.name AS bed, ${utc('a.happened_at_ms')} AS put_at_utc, a.person, l.code AS lot, s.way, s.depth_m, ${per1000('m.volume_ml')} AS taken_l, s.char_l, ${carried('m', 'char')} AS char_dry_kg, ${carried('m', 'ash')} AS ash_dry_kg, ${carried('m', 'other')} AS other_dry_kg, ${carried('m', 'nitrogen')} AS nitrogen_kg, ${carried('m', 'phosphorus')} AS phosphorus_kg, ${carried('m', 'potassium')} AS potassium_kg, ${carried('m', 'lime')} AS lime_as_caco3_kg, s.reason, a.note
		FROM application s JOIN standing_act a ON a.id = s.act_id JOIN bed d ON d.id = s.bed_id JOIN lot l ON l.id = s.lot_id
		JOIN movement m ON m.act_id = s.act_id AND m.bed_id = s.bed_id ORDER BY a.happened_at_ms`,
	remarks: `SELECT coalesce(l.code, f.code, d.name) AS at, ${utc('a.happened_at_ms')} AS seen_at_utc, a.person, r.words
		FROM remark r JOIN standing_act a ON a.id = r.act_id LEFT JOIN lot l ON l.id = r.lot_id LEFT JOIN burn f ON f.id = r.burn_id LEFT JOIN bed d ON d.id = r.bed_id ORDER BY a.happened_at_ms`,
	ledger: `SELECT ${utc('m.happened_at_ms')} AS happened_at_utc, ${utc('m.recorded_at_ms')} AS recorded_at_utc, m.person, a.verb, coalesce(l.code, 'bed ' || d.name, m.account) AS "where", m.direction, ${per1000('m.volume_ml')} AS volume_l, ${per1000('m.mass_g')} AS as_it_lies_kg, ${carried('m', 'wood')} AS wood_dry_kg, ${carried('m', 'char')} AS char_dry_kg, ${carried('m', 'ash')} AS ash_dry_kg, ${carried('m', 'other')} AS other_dry_kg, ${carried('m', 'nitrogen')} AS nitrogen_kg, ${carried('m', 'phosphorus')} AS phosphorus_kg, ${carried('m', 'potassium')} AS potassium_kg, ${carried('m', 'lime')} AS lime_as_caco3_kg, a.reverses_id IS NOT NULL OR EXISTS (SELECT 1 FROM act r WHERE r.reverses_id = a.id) AS reversed, m.act_id
		FROM movement m JOIN act a ON a.id = m.act_id LEFT JOIN lot l ON l.id = m.lot_id LEFT JOIN bed d ON d.id = m.bed_id ORDER BY m.id`
} as const;

export type SheetName = keyof typeof sheets;
export const sheetNames = Object.keys(sheets) as readonly SheetName[];
export const isSheet = (name: string): name is SheetName => Object.hasOwn(sheets, name);

/** The sheet of a room as CSV with a head; words that a spreadsheet would reckon with are made harmless. */
export function sheetOf(db: Db, name: SheetName): string {
	const select = db.prepare<[], unknown[]>(sheets[name]).raw();
	const fields = select.columns().map((column) => column.name);
	return `${Papa.unparse({ fields, data: select.all() }, { escapeFormulae: true })}\r\n`;
}
