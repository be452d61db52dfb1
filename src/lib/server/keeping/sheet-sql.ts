import { heldOf } from '../db/lot-row';

/** Pieces of the SQL of sheets; a column that ends in `_utc` gets its local time beside it. */
export const utc = (column: string): string =>
	`strftime('%Y-%m-%dT%H:%M:%SZ', ${column} / 1000, 'unixepoch')`;
/** What a thing goes by: a code where it has one, else its name. */
export const goesBy = (thing: string): string =>
	`coalesce((SELECT l.code FROM lot l WHERE l.id = ${thing}), (SELECT b.code FROM burn b WHERE b.id = ${thing}), (SELECT c.name FROM thing_called c WHERE c.id = ${thing}))`;
/** One sort of finding as a sheet: where, when, by whom, and some of what was found. */
export const findingSheet = (what: string, at: string, columns: string): string =>
	`SELECT ${goesBy('f.thing_id')} AS ${at}, ${utc('a.happened_at_ms')} AS found_at_utc, a.person, ${columns}
		FROM finding f JOIN standing_act a ON a.id = f.act_id WHERE f.what = '${what}' ORDER BY a.happened_at_ms, f.id`;
export const found = (key: string): string => `json_extract(f.found_json, '$.${key}')`;
/** Litres of microlitres, kilograms of milligrams. */
export const perMillion = (column: string): string => `${column} / 1000000.0`;
/** Kilograms of substances that a lot holds. */
export const held = (...names: readonly string[]): string => `${heldOf(...names)} / 1000000.0`;
export const left = `${perMillion('b.volume_ul')} AS left_l, ${held('wood', 'char', 'ash', 'other')} AS left_dry_kg`;
/** Kilograms of substances that a movement carried. */
export const carried = (movement: string, ...names: readonly string[]): string =>
	`coalesce((SELECT sum(c.amount_mg) FROM content c WHERE c.movement_id = ${movement}.id AND c.substance IN (${names.map((name) => `'${name}'`).join(', ')})), 0) / 1000000.0`;
/** The lot of a row `x`, where its making stands, and what is in it. */
export const standingLot =
	'JOIN lot l ON l.id = x.lot_id JOIN standing_act a ON a.id = l.act_id JOIN balance b ON b.lot_id = l.id';
