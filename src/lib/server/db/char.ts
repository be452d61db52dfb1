import type { CharState, CharWetness } from '../../core/char';
import { kgDryPerLitre, type Estimate, type Input, type KgDryPerLitre } from '../../core/units';
import type { WoodClassId } from '../../core/woodyard';
import { inStockLots } from './ledger';
import type { Db } from './open';

export interface CharLot {
	readonly lotId: number;
	readonly code: string;
	readonly name: string;
	readonly actId: string;
	readonly burnId: number;
	readonly burnCode: string;
	readonly state: CharState;
	readonly wood: WoodClassId;
	readonly wetness: CharWetness;
	readonly density: Estimate<KgDryPerLitre>;
	readonly volume_ml: number;
	readonly dry_g: number;
	readonly madeAt_ms: number;
}

interface CharRow {
	lot_id: number;
	code: string;
	name: string;
	act_id: string;
	burn_id: number;
	burn_code: string;
	state: CharState;
	wood: WoodClassId;
	wetness: CharWetness;
	density_kg_per_l: number;
	density_low_kg_per_l: number;
	density_high_kg_per_l: number;
	density_from_json: string;
	volume_ml: number;
	dry_g: number;
	happened_at_ms: number;
}

function toCharLot(row: CharRow): CharLot {
	const { formula, from } = JSON.parse(row.density_from_json) as { formula: string; from: Input[] };
	return {
		lotId: row.lot_id,
		code: row.code,
		name: row.name,
		actId: row.act_id,
		burnId: row.burn_id,
		burnCode: row.burn_code,
		state: row.state,
		wood: row.wood,
		wetness: row.wetness,
		density: {
			value: kgDryPerLitre(row.density_kg_per_l),
			low: kgDryPerLitre(row.density_low_kg_per_l),
			high: kgDryPerLitre(row.density_high_kg_per_l),
			unit: 'kg/L',
			basis: `dry, ${row.state}`,
			formula,
			from
		},
		volume_ml: row.volume_ml,
		dry_g: row.dry_g,
		madeAt_ms: row.happened_at_ms
	};
}

const charSql = `SELECT c.*, l.code, l.name, l.act_id, f.code AS burn_code, b.volume_ml, b.dry_g, a.happened_at_ms
	FROM char_lot c JOIN lot l ON l.id = c.lot_id JOIN standing_act a ON a.id = l.act_id
	JOIN burn f ON f.id = c.burn_id JOIN balance b ON b.lot_id = l.id`;

export function charStore(db: Db) {
	const inStock = db.prepare<[], CharRow>(
		`${charSql} WHERE l.id IN ${inStockLots} ORDER BY l.id DESC`
	);
	const byCode = db.prepare<{ code: string }, CharRow>(`${charSql} WHERE l.code = @code`);
	const insert = db.prepare(
		`INSERT INTO char_lot (lot_id, burn_id, state, wood, wetness, density_kg_per_l, density_low_kg_per_l, density_high_kg_per_l, density_from_json)
		 VALUES (@lotId, @burnId, @state, @wood, @wetness, @value, @low, @high, @from)`
	);
	return {
		inStock: (): CharLot[] => inStock.all().map(toCharLot),
		maybeOne: (code: string): CharLot | null => {
			const row = byCode.get({ code });
			return row ? toCharLot(row) : null;
		},
		insert: (char: {
			lotId: number;
			burnId: number;
			state: CharState;
			wood: WoodClassId;
			wetness: CharWetness;
			density: Estimate<KgDryPerLitre>;
		}): void => {
			const { value, low, high, formula, from } = char.density;
			insert.run({
				...char,
				density: undefined,
				value,
				low,
				high,
				from: JSON.stringify({ formula, from })
			});
		}
	};
}
