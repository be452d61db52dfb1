import {
	batchSql,
	ingredientSql,
	toBatch,
	type Batch,
	type BatchRow,
	type BatchState,
	type Ingredient,
	type IngredientMaterial
} from './batch-row';
import { keptColumns } from './kept';
import { inStockLots } from './lot-row';
import type { Db } from './open';
import { allMadeOf, allThatWentInto } from './went-into';
import { writing } from './writing';

/** One ingredient of one lot, with its moment. */
export interface WentInto {
	readonly into: string;
	readonly material: IngredientMaterial;
	readonly fromCode: string | null;
	readonly act: string;
	readonly at_ms: number;
	readonly seq: number;
}

/** One thing put into a lot. */
export type PutInto = Omit<WentInto, 'into'> & { readonly fromId: number | null };

/** Batches of any room: lots that change with time in a vessel or place. */
export function batchStore(db: Db) {
	const inStock = db.prepare<[], BatchRow>(
		`${batchSql} WHERE l.id IN ${inStockLots} ORDER BY l.id DESC`
	);
	const byLot = db.prepare<{ lotId: number }, BatchRow>(`${batchSql} WHERE l.id = @lotId`);
	const byCode = db.prepare<{ code: string }, BatchRow>(`${batchSql} WHERE l.code = @code`);
	const ingredientsOf = db.prepare<{ lotId: number }, Ingredient>(
		`${ingredientSql} WHERE i.batch_lot_id = @lotId ORDER BY i.id`
	);
	const ingredientsInStock = db.prepare<[], Ingredient>(
		`${ingredientSql} WHERE i.batch_lot_id IN ${inStockLots} ORDER BY i.id`
	);
	const insert = writing(
		db,
		'INSERT INTO batch (lot_id, act_id, recipe, recipe_version_id, temperature_c) VALUES (@lotId, @actId, @school, @recipeVersionId, @temperature_c)'
	);
	const insertState = writing(
		db,
		`INSERT INTO batch_state (act_id, lot_id, started_at_ms, char_share, char_share_low, char_share_high,
			density_kg_per_l, density_low_kg_per_l, density_high_kg_per_l,
			mineral_n_g_per_kg, mineral_n_low_g_per_kg, mineral_n_high_g_per_kg, char_share_json, density_json, mineral_n_json, liquid_l)
		 VALUES (@actId, @lotId, @startedAt_ms, @share, @shareLow, @shareHigh, @density, @densityLow, @densityHigh, @n, @nLow, @nHigh,
			@shareTold, @densityTold, @nTold, @liquid_l)`
	);
	const insertBurn = writing(
		db,
		'INSERT INTO batch_burn (act_id, lot_id, burn_id) VALUES (@actId, @lotId, @burnId)'
	);
	const insertIngredient = writing(
		db,
		`INSERT INTO ingredient (act_id, batch_lot_id, from_lot_id, material, volume_ul, planned_ul)
		 VALUES (@actId, @batchLotId, @fromLotId, @material, @volume_ul, @planned_ul)`
	);
	const insertPlace = writing(
		db,
		'INSERT INTO batch_place (act_id, lot_id, vessel_version_id) VALUES (@actId, @lotId, @vesselVersionId)'
	);
	const wentInto = db.prepare<{ code: string }, WentInto>(
		`WITH RECURSIVE ${allThatWentInto('SELECT id FROM lot WHERE code = @code')} SELECT b.code AS "into", i.material, f.code AS fromCode, a.id AS act, a.happened_at_ms AS at_ms, a.seq
		 FROM up CROSS JOIN lot b ON b.id = up.id CROSS JOIN ingredient i ON i.batch_lot_id = b.id CROSS JOIN standing_act a ON a.id = i.act_id
		 LEFT JOIN lot f ON f.id = i.from_lot_id`
	);
	const putInto = db.prepare<{ lotId: number }, PutInto>(
		`SELECT i.material, i.from_lot_id AS fromId, f.code AS fromCode, a.id AS act, a.happened_at_ms AS at_ms, a.seq
		 FROM ingredient i JOIN standing_act a ON a.id = i.act_id LEFT JOIN lot f ON f.id = i.from_lot_id WHERE i.batch_lot_id = @lotId`
	);
	// A reversal changes what the act it reverses had put in.
	const changedSince = db
		.prepare<{ seq: number }, number>(
			`WITH RECURSIVE ${allMadeOf('SELECT i.batch_lot_id FROM act a CROSS JOIN ingredient i ON i.act_id IN (a.id, a.reverses_id) WHERE a.seq > @seq')} SELECT id FROM down`
		)
		.pluck();
	const one = (row: BatchRow | undefined): Batch | null =>
		row ? toBatch(row, ingredientsOf.all({ lotId: row.lot_id })) : null;
	return {
		inStock: (): Batch[] => {
			const byBatch = new Map<number, Ingredient[]>();
			for (const ingredient of ingredientsInStock.all()) {
				const known = byBatch.get(ingredient.batchLotId) ?? [];
				byBatch.set(ingredient.batchLotId, [...known, ingredient]);
			}
			return inStock.all().map((row) => toBatch(row, byBatch.get(row.lot_id) ?? []));
		},
		/** What was put into it, and nothing beyond. */
		putInto: (lotId: number): PutInto[] => putInto.all({ lotId }),
		/** Lots into which anything was put by acts entered after that number, and all that was made of them. */
		changedSince: (seq: number): number[] => changedSince.all({ seq }),
		/** What went into a lot and into all that hangs together with it, whatever the order. */
		wentInto: (code: string): WentInto[] => wentInto.all({ code }),
		byLot: (lotId: number): Batch | null => one(byLot.get({ lotId })),
		maybeOne: (code: string): Batch | null => one(byCode.get({ code })),
		insert: (batch: {
			lotId: number;
			actId: string;
			/** A school of charging, or a recipe of another room. */
			school: string;
			/** The grower's own recipe it is made by, as that is now. */
			recipeVersionId?: number | undefined;
			temperature_c: number;
			burnIds: readonly number[];
		}): void => {
			const { burnIds, ...row } = batch;
			insert.run({ ...row, recipeVersionId: row.recipeVersionId ?? null });
			for (const burnId of burnIds) insertBurn.run({ actId: row.actId, lotId: row.lotId, burnId });
		},
		/** Char of another fire came in. */
		insertBurn: (burn: { actId: string; lotId: number; burnId: number }): void => {
			insertBurn.run(burn);
		},
		insertState: (actId: string, lotId: number, state: BatchState): void => {
			const { charShare, density, mineralN, startedAt_ms, liquid_l } = state;
			insertState.run({
				actId,
				lotId,
				startedAt_ms,
				liquid_l,
				share: charShare.value,
				shareLow: charShare.low,
				shareHigh: charShare.high,
				density: density.value,
				densityLow: density.low,
				densityHigh: density.high,
				n: mineralN.value,
				nLow: mineralN.low,
				nHigh: mineralN.high,
				shareTold: keptColumns(charShare),
				densityTold: keptColumns(density),
				nTold: keptColumns(mineralN)
			});
		},
		insertIngredient: (ingredient: {
			actId: string;
			batchLotId: number;
			fromLotId: number | null;
			material: IngredientMaterial;
			volume_ul: number;
			planned_ul: number | null;
		}): void => {
			insertIngredient.run(ingredient);
		},
		/** From then on it stands in this vessel, or in none. */
		insertPlace: (place: {
			actId: string;
			lotId: number;
			vesselVersionId: number | null;
		}): void => {
			insertPlace.run(place);
		}
	};
}
