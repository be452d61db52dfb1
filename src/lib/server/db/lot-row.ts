import type { LotKind } from '../../core/kinds';
import { dryKg, type Amount } from '../../core/ledger';
import { toContents } from './movements';

export interface Lot extends Amount {
	readonly id: number;
	readonly code: string;
	readonly kind: LotKind;
	readonly name: string;
	readonly actId: string;
	/** Dry matter of all sorts, g. */
	readonly dry_g: number;
}

export interface LotRow {
	id: number;
	code: string;
	kind: LotKind;
	name: string;
	act_id: string;
	volume_ul: number;
	mass_mg: number;
	held: string | null;
}
export const toLot = ({ act_id, held, ...row }: LotRow): Lot => {
	const contents = toContents(held);
	return { ...row, actId: act_id, contents, dry_g: dryKg(contents) * 1000 };
};

/** Ids of the lots that hold anything: few, however many there ever were. */
export const inStockLots =
	'(SELECT lot_id FROM balance INDEXED BY balance_in_stock WHERE volume_ul > 0)';

/** What the lot `l` holds of some substances, mg. */
export const heldOf = (...names: readonly string[]): string =>
	`coalesce((SELECT sum(h.amount_mg) FROM held_in_lot h WHERE h.lot_id = l.id AND h.substance IN (${names.map((name) => `'${name}'`).join(', ')})), 0)`;

export const lotColumns = `l.id, l.code, l.kind, l.name, l.act_id, coalesce(b.volume_ul, 0) AS volume_ul, coalesce(b.mass_mg, 0) AS mass_mg,
	(SELECT json_group_object(h.substance, h.amount_mg) FROM held_in_lot h WHERE h.lot_id = l.id AND h.amount_mg > 0) AS held
	FROM lot l LEFT JOIN balance b ON b.lot_id = l.id`;
