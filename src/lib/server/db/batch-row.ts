import { z } from 'zod';
import { inLitres } from '../../core/units';
import { mineralNNow, type SchoolId } from '../../core/charging';
import type { Contents } from '../../core/ledger';
import type { MaterialId } from '../../core/materials';
import type { RecipeId } from '../../core/brews';
import type { Estimate, GramsPerKg, KgDryPerLitre, Share } from '../../core/units';
import { doneAt } from './findings';
import { toKept } from './kept';
import { toContents } from './movements';
import { jsonOf } from './json';

/** What an ingredient is: a material, char, another batch, or a brew by its recipe. */
export type IngredientMaterial = MaterialId | RecipeId | 'char' | 'batch';

export interface Ingredient {
	readonly batchLotId: number;
	readonly actId: string;
	readonly at_ms: number;
	/** The lot it was taken from; none for what has no lot, as rain water. */
	readonly fromCode: string | null;
	readonly material: IngredientMaterial;
	readonly volume_ul: number;
	/** What the recipe asked for, where it asked. */
	readonly planned_ul: number | null;
}

/** How a batch stands since an act. */
export interface BatchState {
	readonly startedAt_ms: number;
	/** Litres of char before mixing per litre of the batch. */
	readonly charShare: Estimate<Share>;
	/** Of the char alone, kg dry per litre. */
	readonly density: Estimate<KgDryPerLitre>;
	/** g per kg of dry char. */
	readonly mineralN: Estimate<GramsPerKg>;
	/** Around it, beyond its own litres. */
	readonly liquid_l: number;
}

export interface Batch extends BatchState {
	readonly lotId: number;
	readonly code: string;
	readonly name: string;
	readonly actId: string;
	readonly school: SchoolId;
	readonly temperature_c: number;
	/** The fires its char came from; the first is that of most of it. */
	readonly burnIds: readonly number[];
	/** None where no fire here made its char. */
	readonly burnId: number | null;
	readonly ingredients: readonly Ingredient[];
	/** The main partner, and the litres of each sort that went in. */
	readonly partner: MaterialId;
	readonly char_l: number;
	readonly partner_l: number;
	readonly water_l: number;
	/** Litres when it was set going. */
	readonly mix_l: number;
	/** All that went in, mg. */
	readonly offered: Contents;
	readonly totalN_g: number;
	readonly vesselVersionId: number | null;
	/** Set going at first, whatever was joined to it since. */
	readonly madeAt_ms: number;
	readonly drainedAt_ms: number | null;
	readonly volume_ul: number;
	readonly contents: Contents;
	/** Of the char in it, g dry. */
	readonly char_g: number;
}

export interface BatchRow {
	lot_id: number;
	code: string;
	name: string;
	act_id: string;
	recipe: SchoolId;
	temperature_c: number;
	burns: string | null;
	started_at_ms: number;
	char_share: number;
	char_share_low: number;
	char_share_high: number;
	density_kg_per_l: number;
	density_low_kg_per_l: number;
	density_high_kg_per_l: number;
	mineral_n_g_per_kg: number;
	mineral_n_low_g_per_kg: number;
	mineral_n_high_g_per_kg: number;
	char_share_json: string;
	density_json: string;
	mineral_n_json: string;
	liquid_l: number;
	vessel_version_id: number | null;
	happened_at_ms: number;
	drained_at_ms: number | null;
	volume_ul: number;
	mix_ul: number;
	held: string | null;
	offered: string | null;
}

const readIds = jsonOf<number[]>(z.array(z.number()));

export function toBatch(row: BatchRow, ingredients: readonly Ingredient[]): Batch {
	const litresOf = (is: (ingredient: Ingredient) => boolean) =>
		ingredients.filter(is).reduce((sum, { volume_ul }) => sum + inLitres(volume_ul), 0);
	const isPartner = ({ material }: Ingredient) =>
		!['char', 'batch', 'rain-water'].includes(material);
	const contents = toContents(row.held);
	const offered = toContents(row.offered);
	const burnIds = readIds(row.burns ?? '[]');
	return {
		lotId: row.lot_id,
		code: row.code,
		name: row.name,
		actId: row.act_id,
		school: row.recipe,
		temperature_c: row.temperature_c,
		burnIds,
		burnId: burnIds[0] ?? null,
		ingredients,
		partner: (ingredients.find(isPartner)?.material ?? 'rain-water') as MaterialId,
		char_l: litresOf(({ material }) => material === 'char'),
		partner_l: litresOf(isPartner),
		water_l: litresOf(({ material }) => material === 'rain-water'),
		mix_l: inLitres(row.mix_ul),
		offered,
		totalN_g: (offered.nitrogen ?? 0) / 1000,
		vesselVersionId: row.vessel_version_id,
		madeAt_ms: row.happened_at_ms,
		drainedAt_ms: row.drained_at_ms,
		volume_ul: row.volume_ul,
		contents,
		char_g: (contents.char ?? 0) / 1000,
		startedAt_ms: row.started_at_ms,
		charShare: toKept(
			[row.char_share, row.char_share_low, row.char_share_high],
			row.char_share_json
		),
		density: toKept(
			[row.density_kg_per_l, row.density_low_kg_per_l, row.density_high_kg_per_l],
			row.density_json
		),
		mineralN: mineralNNow(
			toKept(
				[row.mineral_n_g_per_kg, row.mineral_n_low_g_per_kg, row.mineral_n_high_g_per_kg],
				row.mineral_n_json
			),
			contents['mineral-nitrogen'] ?? 0,
			(contents.char ?? 0) / 1000
		),
		liquid_l: row.liquid_l
	};
}

const newest = (table: string, lot: string) =>
	`(SELECT max(n.id) FROM ${table} n JOIN standing_act s ON s.id = n.act_id WHERE n.lot_id = ${lot})`;

export const batchSql = `SELECT b.lot_id, l.code, l.name, l.act_id, b.recipe, b.temperature_c, st.started_at_ms,
	st.char_share, st.char_share_low, st.char_share_high, st.density_kg_per_l, st.density_low_kg_per_l, st.density_high_kg_per_l,
	st.mineral_n_g_per_kg, st.mineral_n_low_g_per_kg, st.mineral_n_high_g_per_kg, st.char_share_json, st.density_json, st.mineral_n_json, st.liquid_l,
	a.happened_at_ms, k.volume_ul,
	(SELECT json_group_array(DISTINCT f.burn_id) FROM batch_burn f JOIN standing_act fa ON fa.id = f.act_id WHERE f.lot_id = l.id) AS burns,
	(SELECT p.vessel_version_id FROM batch_place p WHERE p.id = ${newest('batch_place', 'l.id')}) AS vessel_version_id,
	${doneAt('drained', 'min', 'l.id')} AS drained_at_ms,
	(SELECT m.volume_ul FROM movement m WHERE m.act_id = l.act_id AND m.lot_id = l.id AND m.direction = 'in') AS mix_ul,
	(SELECT json_group_object(h.substance, h.amount_mg) FROM held_in_lot h WHERE h.lot_id = l.id AND h.amount_mg > 0) AS held,
	(SELECT json_group_object(substance, mg) FROM (SELECT c.substance, sum(c.amount_mg) AS mg FROM movement m JOIN standing_act ma ON ma.id = m.act_id
		JOIN content c ON c.movement_id = m.id WHERE m.lot_id = l.id AND m.direction = 'in' GROUP BY c.substance)) AS offered
	FROM batch b JOIN lot l ON l.id = b.lot_id JOIN standing_act a ON a.id = l.act_id JOIN balance k ON k.lot_id = l.id
	JOIN batch_state st ON st.id = ${newest('batch_state', 'l.id')}`;

export const ingredientSql = `SELECT i.batch_lot_id AS batchLotId, i.act_id AS actId, a.happened_at_ms AS at_ms, f.code AS fromCode, i.material, i.volume_ul, i.planned_ul
	FROM ingredient i JOIN standing_act a ON a.id = i.act_id LEFT JOIN lot f ON f.id = i.from_lot_id`;
