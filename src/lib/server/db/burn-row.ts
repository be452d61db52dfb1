import { z } from 'zod';
import { inLitres } from '../../core/units';
import type { WayId } from '../../core/fires';
import type { Estimate, KgDry, Litres, Range } from '../../core/units';
import type { BurnTold } from '../../core/fires';
import type { WoodClassId } from '../../core/woodyard';
import { jsonOf } from './json';
import { keptFigure, toKept } from './kept';

/** What is loaded: a stack and how much of it; `all` takes the exact rest. */
export interface Load {
	readonly code: string;
	readonly volume_ul: number;
	readonly all: boolean;
}

/** The figures of a plan as they stood when it was set down. */
export interface PlannedFigures {
	readonly charKg: number;
	readonly charLitres: readonly [low: number, value: number, high: number];
	readonly waterOnSite_l: number;
	/** How each came about, as it was known then. */
	readonly told: { readonly char: Estimate<Litres>; readonly water: Estimate<Litres> };
}

export interface Burn {
	readonly id: number;
	readonly code: string;
	readonly actId: string;
	readonly plan?: {
		readonly vesselVersionId: number;
		readonly plannedFor_ms: number;
		readonly loads: readonly Load[];
		readonly figures: PlannedFigures;
	};
	readonly lit?: BurnLit;
	readonly record?: BurnRecord;
}

/** What was said of the wood of a fire that was lit without a plan. */
export interface LitWood {
	readonly class?: WoodClassId | undefined;
	/** Of its pieces, m. */
	readonly diameter_m?: number | undefined;
	/** Water, share of its weight. */
	readonly water?: number | undefined;
}

/** A fire that was lit, and what taps since say of its end. */
export interface BurnLit {
	readonly actId: string;
	readonly vesselVersionId: number;
	readonly litAt_ms: number;
	readonly wood: LitWood;
	readonly quenched?: { readonly actId: string; readonly at_ms: number };
	readonly gaveUp_ms?: number;
}

export interface BurnRecord {
	readonly actId: string;
	readonly vesselVersionId: number;
	readonly way: WayId;
	readonly quenchedAt_ms: number;
	readonly charLotId: number;
	readonly charCode: string;
	readonly brandsLotId: number | null;
	readonly wood: Estimate<KgDry>;
	readonly fillDepth_m: number | null;
	readonly water_l: number | null;
	readonly smoke_min: number | null;
	/** All of the char, dried and weighed. */
	readonly charWeighed_kg: number | null;
	/** Density of a dried sample, whether or not all of it was weighed too. */
	readonly sample_kg_per_l: number | null;
	readonly oddReason: string;
	readonly told: BurnTold;
	/** How its wood was known. */
	readonly woodFrom: WoodFrom;
	/** Of the char, dry: the best known since. */
	readonly density: Range;
	readonly charKg: number;
	readonly charLitres: number;
	readonly brandsKg: number;
}

/** From stacks in the yard, weighed as it went in, or worked back from the char. */
export type WoodFrom = 'stacks' | 'weighed' | 'reckoned';

export interface BurnRow {
	id: number;
	code: string;
	act_id: string;
	plan_vessel: number | null;
	planned_for_ms: number | null;
	loads_json: string | null;
	forecast_json: string | null;
	lit_act: string | null;
	lit_vessel: number | null;
	lit_at_ms: number | null;
	lit_wood: string | null;
	tap_quench: string | null;
	gave_up_ms: number | null;
	record_act: string | null;
	vessel_version_id: number | null;
	way: WayId | null;
	quenched_at_ms: number | null;
	char_lot_id: number | null;
	char_code: string | null;
	brands_lot_id: number | null;
	wood_kg: number | null;
	wood_low_kg: number | null;
	wood_high_kg: number | null;
	wood_json: string | null;
	fill_depth_m: number | null;
	water_l: number | null;
	smoke_min: number | null;
	char_weighed_kg: number | null;
	sample_kg_per_l: number | null;
	odd_reason: string | null;
	told_json: string | null;
	wood_from: WoodFrom | null;
	density: number | null;
	density_low: number | null;
	density_high: number | null;
	char_g: number | null;
	char_ul: number | null;
	brands_g: number | null;
}

export const readLoads = jsonOf<Load[]>(
	z.array(z.looseObject({ code: z.string(), volume_ul: z.number(), all: z.boolean() }))
);
export const readFigures = jsonOf<PlannedFigures>(
	z.looseObject({
		charKg: z.number(),
		charLitres: z.tuple([z.number(), z.number(), z.number()]),
		waterOnSite_l: z.number(),
		told: z.looseObject({ char: keptFigure, water: keptFigure })
	})
);
export const readLitWood = jsonOf<LitWood>(
	z.looseObject({
		class: z.string().optional(),
		diameter_m: z.number().optional(),
		water: z.number().optional()
	})
);
export const readTold = jsonOf<BurnTold>(z.looseObject({ lit_ms: z.number().optional() }));

export function toBurn(row: BurnRow): Burn {
	return {
		id: row.id,
		code: row.code,
		actId: row.act_id,
		...(row.plan_vessel === null
			? {}
			: {
					plan: {
						vesselVersionId: row.plan_vessel,
						plannedFor_ms: row.planned_for_ms ?? 0,
						loads: readLoads(row.loads_json ?? '[]'),
						figures: readFigures(row.forecast_json ?? '{}')
					}
				}),
		...(row.lit_act === null ? {} : { lit: toLit(row) }),
		...(row.record_act === null ? {} : { record: toRecord(row) })
	};
}

const toLit = (row: BurnRow): BurnLit => {
	const [actId, at_ms] = (row.tap_quench ?? '').split(' ');
	return {
		actId: row.lit_act ?? '',
		vesselVersionId: row.lit_vessel ?? 0,
		litAt_ms: row.lit_at_ms ?? 0,
		wood: readLitWood(row.lit_wood ?? '{}'),
		...(actId ? { quenched: { actId, at_ms: Number(at_ms) } } : {}),
		...(row.gave_up_ms === null ? {} : { gaveUp_ms: row.gave_up_ms })
	};
};

const toRecord = (row: BurnRow): BurnRecord => ({
	actId: row.record_act ?? '',
	vesselVersionId: row.vessel_version_id ?? 0,
	way: row.way ?? 'open-kiln',
	quenchedAt_ms: row.quenched_at_ms ?? 0,
	charLotId: row.char_lot_id ?? 0,
	charCode: row.char_code ?? '',
	brandsLotId: row.brands_lot_id,
	wood: toKept(
		[row.wood_kg ?? 0, row.wood_low_kg ?? 0, row.wood_high_kg ?? 0],
		row.wood_json ?? '{}'
	),
	fillDepth_m: row.fill_depth_m,
	water_l: row.water_l,
	smoke_min: row.smoke_min,
	charWeighed_kg: row.char_weighed_kg,
	sample_kg_per_l: row.sample_kg_per_l,
	oddReason: row.odd_reason ?? '',
	told: readTold(row.told_json ?? '{}'),
	woodFrom: row.wood_from ?? 'stacks',
	density: {
		value: row.density ?? 0,
		low: row.density_low ?? 0,
		high: row.density_high ?? 0
	},
	charKg: (row.char_g ?? 0) / 1000,
	charLitres: inLitres(row.char_ul ?? 0),
	brandsKg: (row.brands_g ?? 0) / 1000
});

/** Of the newest tap of a kind at a fire, one column. */
const tapped = (which: string, column: string): string =>
	`(SELECT ${column} FROM finding q JOIN standing_act qa ON qa.id = q.act_id WHERE q.thing_id = b.id AND ${which} ORDER BY qa.happened_at_ms DESC, qa.seq DESC LIMIT 1)`;

// A burn stands while its plan or its record does: a reversed record leaves the plan, if there was one.
export const burnSql = `SELECT b.id, b.code, b.act_id,
	p.vessel_version_id AS plan_vessel, p.planned_for_ms, p.loads_json, p.forecast_json,
	x.act_id AS lit_act, x.vessel_version_id AS lit_vessel, x.lit_at_ms, x.wood_json AS lit_wood,
	CASE WHEN x.act_id IS NULL THEN NULL ELSE ${tapped("q.what = 'quenched'", "qa.id || ' ' || qa.happened_at_ms")} END AS tap_quench,
	CASE WHEN x.act_id IS NULL THEN NULL ELSE ${tapped("q.what = 'fire-doing' AND json_extract(q.found_json, '$.doing') = 'given-up'", 'qa.happened_at_ms')} END AS gave_up_ms,
	r.act_id AS record_act, r.vessel_version_id, r.way, r.quenched_at_ms, r.char_lot_id, r.brands_lot_id,
	r.wood_kg, r.wood_low_kg, r.wood_high_kg, r.wood_json, r.fill_depth_m, coalesce((SELECT json_extract(w.found_json, '$.litres') FROM finding w JOIN standing_act s ON s.id = w.act_id WHERE w.thing_id = b.id AND w.what = 'quench-water' ORDER BY w.id DESC LIMIT 1), r.water_l) AS water_l, r.smoke_min, r.char_weighed_kg, r.sample_kg_per_l, r.odd_reason, r.told_json, r.wood_from,
	coalesce(dr.density_kg_per_l, cd.density_kg_per_l) AS density,
	coalesce(dr.density_low_kg_per_l, cd.density_low_kg_per_l) AS density_low,
	coalesce(dr.density_high_kg_per_l, cd.density_high_kg_per_l) AS density_high,
	coalesce(mc.volume_ul * dr.density_kg_per_l / 1000.0, (SELECT c.amount_mg / 1000.0 FROM content c WHERE c.movement_id = mc.id AND c.substance = 'char')) AS char_g, mc.volume_ul AS char_ul,
	(SELECT c.amount_mg / 1000.0 FROM content c WHERE c.movement_id = mb.id AND c.substance = 'wood') AS brands_g, kl.code AS char_code
	FROM burn b JOIN standing_act a ON a.id = b.act_id
	LEFT JOIN burn_plan p ON p.burn_id = b.id
	LEFT JOIN burn_lit x ON x.burn_id = b.id AND EXISTS (SELECT 1 FROM standing_act s WHERE s.id = x.act_id)
	LEFT JOIN burn_record r ON r.burn_id = b.id AND EXISTS (SELECT 1 FROM standing_act s WHERE s.id = r.act_id)
	LEFT JOIN lot kl ON kl.id = r.char_lot_id
	LEFT JOIN char_lot cd ON cd.lot_id = r.char_lot_id
	LEFT JOIN movement mc ON mc.act_id = r.act_id AND mc.lot_id = r.char_lot_id
	-- What came out is weighed by the best density there is since.
	LEFT JOIN density_reading dr ON dr.id = (SELECT max(x.id) FROM density_reading x JOIN standing_act s ON s.id = x.act_id WHERE x.lot_id = r.char_lot_id)
	LEFT JOIN movement mb ON mb.act_id = r.act_id AND mb.lot_id = r.brands_lot_id`;
