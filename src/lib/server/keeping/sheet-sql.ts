import { heldOf } from '../db/lot-row';

/** Pieces of the SQL of sheets; a column that ends in `_utc` gets its local time beside it. */
export const utc = (column: string): string =>
	`strftime('%Y-%m-%dT%H:%M:%SZ', ${column} / 1000, 'unixepoch')`;
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
