import { DamagedRow } from './errors';
import { milligrams } from '../../core/units';
import {
	contentsOf,
	type Account,
	type Amount,
	type Contents,
	type Directed,
	type BookLine
} from '../../core/ledger';

/** One line about to be written: at a lot, a bed or a named account. */
export interface NewMovement extends Directed {
	readonly lotId?: number;
	readonly bedId?: number;
	readonly account?: Account;
}

export interface Movement extends NewMovement {
	readonly id: number;
	readonly actId: string;
	readonly happenedAt_ms: number;
}

export interface MovementRow {
	id: number;
	act_id: string;
	lot_id: number | null;
	bed_id: number | null;
	account: Account | null;
	direction: 'in' | 'out';
	volume_ul: number;
	mass_mg: number;
	alters: number;
	happened_at_ms: number;
	contents: string | null;
}

/** Read row by row of the ledger, so by hand: no schema is as quick. */
function readContents(json: string): Contents {
	const read: unknown = JSON.parse(json);
	for (const [substance, amount] of Object.entries(read as object))
		if (typeof amount !== 'number' || !Number.isSafeInteger(amount))
			throw new DamagedRow(`contents: ${amount} mg of ${substance}`);
	return read as Contents;
}

/** Contents as the database groups them: a list of names and milligrams. */
export const toContents = (json: string | null): Contents =>
	json === null ? {} : readContents(json);

export const toMovement = (row: MovementRow): Movement => ({
	id: row.id,
	actId: row.act_id,
	lotId: row.lot_id ?? undefined,
	bedId: row.bed_id ?? undefined,
	account: row.account ?? undefined,
	direction: row.direction,
	volume_ul: row.volume_ul,
	mass_mg: row.mass_mg,
	contents: toContents(row.contents),
	happenedAt_ms: row.happened_at_ms
});

/** What the movement `m` carries, as one value. */
export const contentsSql =
	'(SELECT json_group_object(c.substance, c.amount_mg) FROM content c WHERE c.movement_id = m.id)';

export const movementSql = `SELECT m.*, ${contentsSql} AS contents FROM movement m`;

/** So much in or out of a place. */
export const moves = (
	direction: Directed['direction'],
	place: Pick<NewMovement, 'lotId' | 'bedId' | 'account'>,
	{ volume_ul, mass_mg, contents }: Amount
): NewMovement => ({ ...place, direction, volume_ul, mass_mg, contents });

/** An amount of one sort of dry matter: litres as it lies, with the water it is taken to hold. */
export const amountOfDry = (
	sort: 'wood' | 'char' | 'ash' | 'other',
	volume_ul: number,
	kgDry: number,
	water = 0
): Amount => ({
	volume_ul,
	mass_mg: milligrams(kgDry / (1 - water)),
	contents: contentsOf({ [sort]: kgDry })
});

/** The lots that lines touch. */
export const lotsIn = (lines: readonly NewMovement[]): ReadonlySet<number> =>
	new Set(lines.flatMap(({ lotId }) => (lotId === undefined ? [] : [lotId])));

/** The lines of an act come after all that was written before them. */
export const asLine =
	({ happenedAt_ms }: { readonly happenedAt_ms: number }) =>
	(line: NewMovement, i: number): BookLine => ({
		...line,
		id: Number.MAX_SAFE_INTEGER - 1000 + i,
		happened_at_ms: happenedAt_ms
	});
