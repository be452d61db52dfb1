import type { WayId } from '../../core/fires';
import type { Estimate, KgDry, Litres, Range } from '../../core/units';
import { keptColumns, toKept } from './kept';
import type { Db } from './open';

/** What is loaded: a stack and how much of it; `all` takes the exact rest. */
export interface Load {
	readonly code: string;
	readonly volume_ml: number;
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
	readonly record?: BurnRecord;
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
	/** Of the char, dry: the best known since. */
	readonly density: Range;
	readonly charKg: number;
	readonly charLitres: number;
	readonly brandsKg: number;
}

interface BurnRow {
	id: number;
	code: string;
	act_id: string;
	plan_vessel: number | null;
	planned_for_ms: number | null;
	loads_json: string | null;
	forecast_json: string | null;
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
	density: number | null;
	density_low: number | null;
	density_high: number | null;
	char_g: number | null;
	char_ml: number | null;
	brands_g: number | null;
}

function toBurn(row: BurnRow): Burn {
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
						loads: JSON.parse(row.loads_json ?? '[]') as Load[],
						figures: JSON.parse(row.forecast_json ?? '{}') as PlannedFigures
					}
				}),
		...(row.record_act === null ? {} : { record: toRecord(row) })
	};
}

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
	density: {
		value: row.density ?? 0,
		low: row.density_low ?? 0,
		high: row.density_high ?? 0
	},
	charKg: (row.char_g ?? 0) / 1000,
	charLitres: (row.char_ml ?? 0) / 1000,
	brandsKg: (row.brands_g ?? 0) / 1000
});

// A burn stands while its plan or its record does: a reversed record leaves the plan, if there was one.
const burnSql = `SELECT b.id, b.code, b.act_id,
	p.vessel_version_id AS plan_vessel, p.planned_for_ms, p.loads_json, p.forecast_json,
	r.act_id AS record_act, r.vessel_version_id, r.way, r.quenched_at_ms, r.char_lot_id, r.brands_lot_id,
	r.wood_kg, r.wood_low_kg, r.wood_high_kg, r.wood_json, r.fill_depth_m, r.water_l, r.smoke_min, r.char_weighed_kg, r.sample_kg_per_l, r.odd_reason,
	coalesce(dr.density_kg_per_l, cd.density_kg_per_l) AS density,
	coalesce(dr.density_low_kg_per_l, cd.density_low_kg_per_l) AS density_low,
	coalesce(dr.density_high_kg_per_l, cd.density_high_kg_per_l) AS density_high,
	coalesce(mc.volume_ml * dr.density_kg_per_l, (SELECT c.amount_mg / 1000.0 FROM content c WHERE c.movement_id = mc.id AND c.substance = 'char')) AS char_g, mc.volume_ml AS char_ml,
	(SELECT c.amount_mg / 1000.0 FROM content c WHERE c.movement_id = mb.id AND c.substance = 'wood') AS brands_g, kl.code AS char_code
	FROM burn b JOIN standing_act a ON a.id = b.act_id
	LEFT JOIN burn_plan p ON p.burn_id = b.id
	LEFT JOIN burn_record r ON r.burn_id = b.id AND EXISTS (SELECT 1 FROM standing_act s WHERE s.id = r.act_id)
	LEFT JOIN lot kl ON kl.id = r.char_lot_id
	LEFT JOIN char_lot cd ON cd.lot_id = r.char_lot_id
	LEFT JOIN movement mc ON mc.act_id = r.act_id AND mc.lot_id = r.char_lot_id
	-- What came out is weighed by the best density there is since.
	LEFT JOIN density_reading dr ON dr.id = (SELECT max(x.id) FROM density_reading x JOIN standing_act s ON s.id = x.act_id WHERE x.lot_id = r.char_lot_id)
	LEFT JOIN movement mb ON mb.act_id = r.act_id AND mb.lot_id = r.brands_lot_id`;

export function burnStore(db: Db) {
	const newestFirst = 'ORDER BY coalesce(r.quenched_at_ms, p.planned_for_ms) DESC';
	const standingAct = (id: string) => `EXISTS (SELECT 1 FROM standing_act s WHERE s.id = ${id})`;
	// Which burns is settled by their dates alone, before anything is joined to them.
	const dated = [
		`SELECT x.burn_id AS id, x.quenched_at_ms AS at_ms FROM burn_record x WHERE ${standingAct('x.act_id')} ORDER BY at_ms DESC LIMIT @most`,
		`SELECT y.burn_id AS id, y.planned_for_ms AS at_ms FROM burn_plan y WHERE ${standingAct('y.act_id')}
		 AND NOT EXISTS (SELECT 1 FROM burn_record z WHERE z.burn_id = y.burn_id AND ${standingAct('z.act_id')}) ORDER BY at_ms DESC LIMIT @most`
	].map((sql) => db.prepare<{ most: number }, { id: number; at_ms: number }>(sql));
	// Only what still lies about as char, or was quenched or checked lately, can be hot.
	const about = [
		`SELECT k.burn_id FROM balance kb INDEXED BY balance_in_stock CROSS JOIN char_lot k ON k.lot_id = kb.lot_id WHERE kb.volume_ml > 0 AND @since_ms IS NOT NULL`,
		`SELECT burn_id FROM burn_record WHERE quenched_at_ms >= @since_ms`,
		`SELECT q.burn_id FROM act qa CROSS JOIN quench_check q ON q.act_id = qa.id WHERE qa.recorded_at_ms >= @since_ms AND qa.verb = 'check-quench'`,
		`SELECT bp.burn_id FROM burn_plan bp WHERE @since_ms IS NOT NULL AND NOT EXISTS (
			SELECT 1 FROM burn_record br JOIN standing_act sa ON sa.id = br.act_id WHERE br.burn_id = bp.burn_id)`
	].map((sql) => db.prepare<{ since_ms: number }, number>(sql).pluck());
	const byIds = db.prepare<{ ids: string }, BurnRow>(
		`${burnSql} WHERE b.id IN (SELECT value FROM json_each(@ids)) ${newestFirst}`
	);
	const these = (ids: readonly number[]): Burn[] =>
		byIds.all({ ids: JSON.stringify(ids) }).map(toBurn);
	const size = db.prepare<[], { n: number }>(
		// Nearly all stand: those reversed are few, and known by their reversals.
		`SELECT (SELECT count(*) FROM burn) - (SELECT count(*) FROM act r JOIN burn b ON b.act_id = r.reverses_id WHERE r.reverses_id IS NOT NULL) AS n`
	);
	const byCode = db.prepare<{ code: string }, BurnRow>(`${burnSql} WHERE b.code = @code`);
	const byId = db.prepare<{ id: number }, BurnRow>(`${burnSql} WHERE b.id = @id`);
	const quenchedAt = db.prepare<{ id: number }, { at_ms: number }>(
		`SELECT x.quenched_at_ms AS at_ms FROM burn_record x WHERE x.burn_id = @id AND ${standingAct('x.act_id')}`
	);
	const insert = db.prepare('INSERT INTO burn (code, act_id) VALUES (@code, @actId)');
	const last = db.prepare<[], { n: number }>(
		'SELECT coalesce(max(CAST(substr(code, 2) AS INTEGER)), 0) AS n FROM burn'
	);
	const insertPlan = db.prepare(
		`INSERT INTO burn_plan (burn_id, act_id, vessel_version_id, planned_for_ms, loads_json, forecast_json)
		 VALUES (@burnId, @actId, @vesselVersionId, @plannedFor_ms, @loads, @figures)`
	);
	const insertRecord = db.prepare(
		`INSERT INTO burn_record (burn_id, act_id, vessel_version_id, way, quenched_at_ms, char_lot_id, brands_lot_id, wood_kg, wood_low_kg, wood_high_kg, wood_json, fill_depth_m, water_l, smoke_min, char_weighed_kg, sample_kg_per_l, odd_reason)
		 VALUES (@burnId, @actId, @vesselVersionId, @way, @quenchedAt_ms, @charLotId, @brandsLotId, @wood, @woodLow, @woodHigh, @woodTold, @fillDepth_m, @water_l, @smoke_min, @charWeighed_kg, @sample_kg_per_l, @oddReason)`
	);
	const one = (row: BurnRow | undefined): Burn | null => (row ? toBurn(row) : null);
	return {
		/** Newest first, a page of them. */
		latest: (most: number, skip = 0): Burn[] => {
			const all = dated.flatMap((asked) => asked.all({ most: most + skip }));
			const page = all.sort((a, b) => b.at_ms - a.at_ms).slice(skip, skip + most);
			return these(page.map(({ id }) => id));
		},
		/** Those that may still want something: planned, untouched since, or quenched or checked lately. */
		open: (since_ms: number): Burn[] =>
			these([...new Set(about.flatMap((asked) => asked.all({ since_ms })))]),
		count: (): number => size.get()?.n ?? 0,
		maybeOne: (code: string): Burn | null => one(byCode.get({ code })),
		/** When a finished burn was quenched. */
		quenchedAt: (id: number): number | undefined => quenchedAt.get({ id })?.at_ms,
		byId: (id: number): Burn | null => one(byId.get({ id })),
		nextCode: (): string => `F${(last.get()?.n ?? 0) + 1}`,
		insert: (burn: { code: string; actId: string }): number =>
			Number(insert.run(burn).lastInsertRowid),
		insertPlan: (plan: {
			burnId: number;
			actId: string;
			vesselVersionId: number;
			plannedFor_ms: number;
			loads: readonly Load[];
			figures: PlannedFigures;
		}): void => {
			insertPlan.run({
				...plan,
				loads: JSON.stringify(plan.loads),
				figures: JSON.stringify(plan.figures)
			});
		},
		insertRecord: (
			record: Omit<BurnRecord, 'density' | 'charKg' | 'charLitres' | 'brandsKg' | 'charCode'> & {
				burnId: number;
			}
		): void => {
			insertRecord.run({
				...record,
				wood: record.wood.value,
				woodLow: record.wood.low,
				woodHigh: record.wood.high,
				woodTold: keptColumns(record.wood)
			});
		}
	};
}
