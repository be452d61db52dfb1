import { inMinutes } from '../../core/time';
import { keptColumns } from './kept';
import { toJson } from './json';
import type { Db } from './open';
import type { Things } from './things';
import { writing } from './writing';
import {
	burnSql,
	readFigures,
	readLitWood,
	readLoads,
	readTold,
	toBurn,
	type Burn,
	type BurnLit,
	type BurnRecord,
	type BurnRow,
	type Load,
	type PlannedFigures
} from './burn-row';

export type {
	Load,
	PlannedFigures,
	Burn,
	BurnLit,
	BurnRecord,
	LitWood,
	WoodFrom
} from './burn-row';

export function burnStore(db: Db, things: Things) {
	const newestFirst = 'ORDER BY coalesce(r.quenched_at_ms, x.lit_at_ms, p.planned_for_ms) DESC';
	const standingAct = (id: string) => `EXISTS (SELECT 1 FROM standing_act s WHERE s.id = ${id})`;
	// Which burns is settled by their dates alone, before anything is joined to them.
	const dated = [
		`SELECT x.burn_id AS id, x.quenched_at_ms AS at_ms FROM burn_record x WHERE ${standingAct('x.act_id')} ORDER BY at_ms DESC LIMIT @most`,
		`SELECT y.burn_id AS id, y.planned_for_ms AS at_ms FROM burn_plan y WHERE ${standingAct('y.act_id')}
		 AND NOT EXISTS (SELECT 1 FROM burn_record z WHERE z.burn_id = y.burn_id AND ${standingAct('z.act_id')}) ORDER BY at_ms DESC LIMIT @most`,
		`SELECT l.burn_id AS id, l.lit_at_ms AS at_ms FROM burn_lit l WHERE ${standingAct('l.act_id')}
		 AND NOT EXISTS (SELECT 1 FROM burn_record z WHERE z.burn_id = l.burn_id AND ${standingAct('z.act_id')})
		 AND NOT EXISTS (SELECT 1 FROM burn_plan y WHERE y.burn_id = l.burn_id AND ${standingAct('y.act_id')}) ORDER BY at_ms DESC LIMIT @most`
	].map((sql) => db.prepare<{ most: number }, { id: number; at_ms: number }>(sql));
	// Only what still lies about as char, or was quenched or checked lately, can be hot.
	const about = [
		`SELECT k.burn_id FROM balance kb INDEXED BY balance_in_stock CROSS JOIN char_lot k ON k.lot_id = kb.lot_id WHERE kb.volume_ul > 0 AND @since_ms IS NOT NULL`,
		`SELECT burn_id FROM burn_record WHERE quenched_at_ms >= @since_ms`,
		`SELECT q.burn_id FROM act qa CROSS JOIN quench_check q ON q.act_id = qa.id WHERE qa.recorded_at_ms >= @since_ms AND qa.verb = 'check-quench'`,
		`SELECT bp.burn_id FROM burn_plan bp WHERE @since_ms IS NOT NULL AND NOT EXISTS (
			SELECT 1 FROM burn_record br JOIN standing_act sa ON sa.id = br.act_id WHERE br.burn_id = bp.burn_id)`,
		`SELECT bl.burn_id FROM burn_lit bl WHERE @since_ms IS NOT NULL AND NOT EXISTS (
			SELECT 1 FROM burn_record br JOIN standing_act sa ON sa.id = br.act_id WHERE br.burn_id = bl.burn_id)`
	].map((sql) => db.prepare<{ since_ms: number }, number>(sql).pluck());
	const byIds = db.prepare<{ ids: string }, BurnRow>(
		`${burnSql} WHERE b.id IN (SELECT value FROM json_each(@ids)) ${newestFirst}`
	);
	const these = (ids: readonly number[]): Burn[] =>
		byIds.all({ ids: JSON.stringify(ids) }).map(toBurn);
	const latestIds = (most: number, skip = 0): number[] =>
		dated
			.flatMap((asked) => asked.all({ most: most + skip }))
			.sort((a, b) => b.at_ms - a.at_ms)
			.slice(skip, skip + most)
			.map(({ id }) => id);
	const thatGave = db
		.prepare<{ lotIds: string }, number>(
			'SELECT r.burn_id FROM json_each(@lotIds) l CROSS JOIN burn_record r ON r.char_lot_id = l.value'
		)
		.pluck();
	const size = db.prepare<[], { n: number }>(
		// Each has the next number, and those reversed are few, known by their reversals.
		`SELECT coalesce((SELECT max(CAST(substr(code, 2) AS INTEGER)) FROM burn), 0)
			- (SELECT count(*) FROM act r CROSS JOIN burn b ON b.act_id = r.reverses_id WHERE r.reverses_id IS NOT NULL) AS n`
	);
	const byCode = db.prepare<{ code: string }, BurnRow>(`${burnSql} WHERE b.code = @code`);
	const byId = db.prepare<{ id: number }, BurnRow>(`${burnSql} WHERE b.id = @id`);
	const quenchedAt = db.prepare<{ id: number }, { at_ms: number }>(
		`SELECT x.quenched_at_ms AS at_ms FROM burn_record x WHERE x.burn_id = @id AND ${standingAct('x.act_id')}`
	);
	// Before its char is measured a fire was quenched when somebody tapped so.
	const tappedOut = db.prepare<{ ids: string }, { id: number; at_ms: number }>(
		`SELECT q.thing_id AS id, a.happened_at_ms AS at_ms FROM json_each(@ids) b CROSS JOIN finding q ON q.thing_id = b.value
		 CROSS JOIN standing_act a ON a.id = q.act_id WHERE q.what = 'quenched' ORDER BY a.happened_at_ms, a.seq`
	);
	const quenchedAtMany = db.prepare<{ ids: string }, { id: number; at_ms: number }>(
		`SELECT x.burn_id AS id, x.quenched_at_ms AS at_ms FROM json_each(@ids) b CROSS JOIN burn_record x ON x.burn_id = b.value WHERE ${standingAct('x.act_id')}`
	);
	const insert = writing(db, 'INSERT INTO burn (id, code, act_id) VALUES (@id, @code, @actId)');
	const last = db.prepare<[], { n: number }>(
		'SELECT coalesce(max(CAST(substr(code, 2) AS INTEGER)), 0) AS n FROM burn'
	);
	const insertPlan = writing(
		db,
		`INSERT INTO burn_plan (burn_id, act_id, vessel_version_id, planned_for_ms, loads_json, forecast_json)
		 VALUES (@burnId, @actId, @vesselVersionId, @plannedFor_ms, @loads, @figures)`
	);
	const insertLit = writing(
		db,
		`INSERT INTO burn_lit (burn_id, act_id, vessel_version_id, lit_at_ms, wood_json)
		 VALUES (@burnId, @actId, @vesselVersionId, @litAt_ms, @wood)`
	);
	const insertRecord = writing(
		db,
		`INSERT INTO burn_record (burn_id, act_id, vessel_version_id, way, quenched_at_ms, char_lot_id, brands_lot_id, wood_kg, wood_low_kg, wood_high_kg, wood_json, fill_depth_m, water_l, smoke_min, char_weighed_kg, sample_kg_per_l, odd_reason, told_json, wood_from)
		 VALUES (@burnId, @actId, @vesselVersionId, @way, @quenchedAt_ms, @charLotId, @brandsLotId, @wood, @woodLow, @woodHigh, @woodTold, @fillDepth_m, @water_l, @smoke_min, @charWeighed_kg, @sample_kg_per_l, @oddReason, @told, @woodFrom)`
	);
	const one = (row: BurnRow | undefined): Burn | null => (row ? toBurn(row) : null);
	const took = db
		.prepare<{ way: string }, number>(
			`SELECT r.quenched_at_ms - json_extract(r.told_json, '$.lit_ms') FROM burn_record r
			 WHERE r.way = @way AND json_extract(r.told_json, '$.lit_ms') < r.quenched_at_ms AND ${standingAct('r.act_id')}
			 ORDER BY r.quenched_at_ms DESC LIMIT 20`
		)
		.pluck();
	const hoses = [
		`SELECT a.seq, json_extract(w.found_json, '$.hose_l_min') AS rate FROM finding w JOIN standing_act a ON a.id = w.act_id
		 WHERE w.what = 'quench-water' AND rate IS NOT NULL ORDER BY a.seq DESC LIMIT 1`,
		`SELECT a.seq, json_extract(r.told_json, '$.hose.l_min') AS rate FROM burn_record r JOIN standing_act a ON a.id = r.act_id
		 WHERE json_extract(r.told_json, '$.hose.l_min') IS NOT NULL ORDER BY a.seq DESC LIMIT 1`
	].map((sql) => db.prepare<[], { seq: number; rate: number }>(sql));
	return {
		/** What the hose gave a minute when it was last said. */
		hoseRate: (): number | undefined =>
			hoses.flatMap((said) => said.get() ?? []).sort((a, b) => b.seq - a.seq)[0]?.rate,
		/** The same as a fire's record or what was noted of its water said it last, with the act that did. */
		hoseSaid: (of: 'water' | 'record') => hoses[of === 'water' ? 0 : 1]?.get(),
		/** Minutes from match to quench of the newest of a way whose match was noted. */
		minutes: (way: string): number[] => took.all({ way }).map(inMinutes),
		/** Ids, the newest first, a page of them. */
		latestIds,
		/** Newest first, a page of them. */
		latest: (most: number, skip = 0): Burn[] => these(latestIds(most, skip)),
		/** Ids of those that may still want something: planned, untouched since, or quenched or checked lately. */
		openIds: (since_ms: number): number[] => [
			...new Set(about.flatMap((asked) => asked.all({ since_ms })))
		],
		/** Some of them, by their ids; the newest first. */
		some: these,
		/** Fires that gave these lots: what is known of their char is known of them. */
		thatGave: (lotIds: readonly number[]): number[] =>
			thatGave.all({ lotIds: JSON.stringify(lotIds) }),
		count: (): number => size.get()?.n ?? 0,
		maybeOne: (code: string): Burn | null => one(byCode.get({ code })),
		/** When a finished burn was quenched. */
		quenchedAt: (id: number): number | undefined =>
			(quenchedAt.get({ id }) ?? tappedOut.all({ ids: `[${id}]` }).at(-1))?.at_ms,
		/** The same of many at once, by their ids. */
		quenchedAtMany: (ids: readonly number[]): ReadonlyMap<number, number> =>
			new Map(
				[tappedOut, quenchedAtMany].flatMap((asked) =>
					asked.all({ ids: JSON.stringify(ids) }).map(({ id, at_ms }) => [id, at_ms] as const)
				)
			),
		byId: (id: number): Burn | null => one(byId.get({ id })),
		nextCode: (): string => `F${(last.get()?.n ?? 0) + 1}`,
		insert: (burn: { code: string; actId: string }): number => {
			const id = things.insert(burn.actId, 'burn');
			insert.run({ ...burn, id });
			return id;
		},
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
				loads: toJson(plan.loads, readLoads),
				figures: toJson(plan.figures, readFigures)
			});
		},
		insertLit: (
			lit: Pick<BurnLit, 'actId' | 'vesselVersionId' | 'litAt_ms' | 'wood'> & { burnId: number }
		): void => {
			insertLit.run({ ...lit, wood: toJson(lit.wood, readLitWood) });
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
				woodTold: keptColumns(record.wood),
				told: toJson(record.told, readTold)
			});
		}
	};
}
