import { z } from 'zod';
import type { CharOrigin, CharState, CharWetness } from '../../core/char';
import { kgDryPerLitre, type Estimate, type Input, type KgDryPerLitre } from '../../core/units';
import type { WoodClassId } from '../../core/woodyard';
import { readFound } from './finding-kinds';
import { newestFound } from './findings';
import { heldOf, inStockLots } from './lot-row';
import { jsonOf, toJson } from './json';
import type { Db } from './open';
import { writing } from './writing';

export interface CharLot {
	readonly lotId: number;
	readonly code: string;
	readonly name: string;
	readonly actId: string;
	/** None where no fire here made it. */
	readonly burnId: number | null;
	/** Empty where no fire here made it. */
	readonly burnCode: string;
	readonly origin: CharOrigin;
	readonly state: CharState;
	readonly wood: WoodClassId;
	readonly wetness: CharWetness;
	readonly density: Estimate<KgDryPerLitre>;
	/** Its density was measured again since it was made. */
	readonly isReMeasured: boolean;
	readonly volume_ul: number;
	readonly dry_g: number;
	readonly madeAt_ms: number;
}

interface CharRow {
	lot_id: number;
	code: string;
	name: string;
	act_id: string;
	burn_id: number | null;
	burn_code: string | null;
	origin_json: string;
	dried_json: string | null;
	state: CharState;
	wood: WoodClassId;
	wetness: CharWetness;
	density_kg_per_l: number;
	density_low_kg_per_l: number;
	density_high_kg_per_l: number;
	density_from_json: string;
	re_measured: number;
	volume_ul: number;
	dry_g: number;
	happened_at_ms: number;
}

export const readDensity = jsonOf<{ readonly formula: string; readonly from: readonly Input[] }>(
	z.looseObject({ formula: z.string(), from: z.array(z.looseObject({ name: z.string() })) })
);
export const readOrigin = jsonOf<CharOrigin>(z.looseObject({ from: z.string().optional() }));

function toCharLot(row: CharRow): CharLot {
	const { formula, from } = readDensity(row.density_from_json);
	return {
		lotId: row.lot_id,
		code: row.code,
		name: row.name,
		actId: row.act_id,
		burnId: row.burn_id,
		burnCode: row.burn_code ?? '',
		origin: readOrigin(row.origin_json),
		state: row.state,
		wood: row.wood,
		wetness: row.dried_json
			? (readFound('wetness', row.dried_json) as { wetness: CharWetness }).wetness
			: row.wetness,
		density: {
			value: kgDryPerLitre(row.density_kg_per_l),
			low: kgDryPerLitre(row.density_low_kg_per_l),
			high: kgDryPerLitre(row.density_high_kg_per_l),
			unit: 'kg/L',
			basis: `dry, ${row.state}`,
			formula,
			from
		},
		isReMeasured: row.re_measured === 1,
		volume_ul: row.volume_ul,
		dry_g: row.dry_g,
		madeAt_ms: row.happened_at_ms
	};
}

const columnsOf = ({ value, low, high, formula, from }: Estimate<KgDryPerLitre>) => ({
	value,
	low,
	high,
	from: JSON.stringify({ formula, from })
});

/** The density of a lot: its newest standing re-measuring, else the one it was made with. */
const charSql = `SELECT c.lot_id, c.burn_id, c.state, c.wood, c.wetness, c.origin_json,
	${newestFound('wetness', 'c.lot_id')} AS dried_json,
	coalesce(d.density_kg_per_l, c.density_kg_per_l) AS density_kg_per_l,
	coalesce(d.density_low_kg_per_l, c.density_low_kg_per_l) AS density_low_kg_per_l,
	coalesce(d.density_high_kg_per_l, c.density_high_kg_per_l) AS density_high_kg_per_l,
	coalesce(d.density_from_json, c.density_from_json) AS density_from_json, d.id IS NOT NULL AS re_measured, l.code, l.name, l.act_id, f.code AS burn_code, b.volume_ul, ${heldOf('char')} / 1000.0 AS dry_g, a.happened_at_ms
	FROM char_lot c JOIN lot l ON l.id = c.lot_id JOIN standing_act a ON a.id = l.act_id
	LEFT JOIN burn f ON f.id = c.burn_id JOIN balance b ON b.lot_id = l.id
	LEFT JOIN density_reading d ON d.id = (SELECT max(r.id) FROM density_reading r JOIN standing_act s ON s.id = r.act_id WHERE r.lot_id = c.lot_id)`;

/** Of one lot, kg dry per litre, loose, whole. */
export interface MeasuredDensity {
	readonly lotId: number;
	readonly density: number;
}

export function charStore(db: Db) {
	const inStock = db.prepare<[], CharRow>(
		`${charSql} WHERE l.id IN ${inStockLots} ORDER BY l.id DESC`
	);
	const byCode = db.prepare<{ code: string }, CharRow>(`${charSql} WHERE l.code = @code`);
	const insert = writing(
		db,
		`INSERT INTO char_lot (lot_id, act_id, burn_id, state, wood, wetness, density_kg_per_l, density_low_kg_per_l, density_high_kg_per_l, density_from_json, origin_json)
		 VALUES (@lotId, @actId, @burnId, @state, @wood, @wetness, @value, @low, @high, @from, @origin)`
	);
	const insertDensity = writing(
		db,
		`INSERT INTO density_reading (act_id, lot_id, density_kg_per_l, density_low_kg_per_l, density_high_kg_per_l, density_from_json)
		 VALUES (@actId, @lotId, @value, @low, @high, @from)`
	);
	// Walked newest first, so that a holding of many years reads only what it needs.
	const measured = db.prepare<{ wood: WoodClassId; most: number }, MeasuredDensity>(
		`SELECT lot_id AS lotId, density_kg_per_l AS density FROM (${charSql} WHERE c.state = 'whole' AND c.wood = @wood)
		 WHERE json_extract(density_from_json, '$.from[0].origin') = 'measured' ORDER BY lot_id DESC LIMIT @most`
	);
	const ofRaw = db
		.prepare<[], number>(
			`SELECT c.burn_id FROM char_lot c WHERE c.burn_id IS NOT NULL AND c.lot_id IN ${inStockLots}`
		)
		.pluck();
	const ofHeaps = db
		.prepare<[], number>(
			`SELECT f.burn_id FROM batch_burn f JOIN standing_act a ON a.id = f.act_id WHERE f.lot_id IN ${inStockLots}
			 AND NOT EXISTS (SELECT 1 FROM batch_place p WHERE p.lot_id = f.lot_id AND p.vessel_version_id IS NOT NULL)`
		)
		.pluck();
	return {
		/** Burns whose char is in stock raw, or in a mix that lies open; not what is under liquid in a tub. */
		burnsAbout: (): number[] => [...ofRaw.all(), ...ofHeaps.all()],
		/** Own measured densities of whole char of a class of wood, newest first. */
		measured: (wood: WoodClassId, most: number): MeasuredDensity[] => measured.all({ wood, most }),
		insertDensity: (reading: {
			actId: string;
			lotId: number;
			density: Estimate<KgDryPerLitre>;
		}): void => {
			insertDensity.run({ ...reading, density: undefined, ...columnsOf(reading.density) });
		},
		inStock: (): CharLot[] => inStock.all().map(toCharLot),
		maybeOne: (code: string): CharLot | null => {
			const row = byCode.get({ code });
			return row ? toCharLot(row) : null;
		},
		insert: (char: {
			lotId: number;
			actId: string;
			burnId: number | null;
			origin?: CharOrigin;
			state: CharState;
			wood: WoodClassId;
			wetness: CharWetness;
			density: Estimate<KgDryPerLitre>;
		}): void => {
			insert.run({
				...char,
				density: undefined,
				origin: toJson(char.origin ?? {}, readOrigin),
				...columnsOf(char.density)
			});
		}
	};
}
