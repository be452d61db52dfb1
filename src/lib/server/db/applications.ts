import type { WayOfPutting } from '../../core/beds';
import type { Contents } from '../../core/ledger';
import type { LotKind } from '../../core/kinds';
import { contentsSql, toContents } from './movements';
import { countedAt } from './beds';
import type { Db } from './open';
import { mergedInto } from './things';
import { writing } from './writing';

/** Anything put on a bed. */
export interface Application {
	readonly actId: string;
	readonly bedId: number;
	readonly bedName: string;
	/** Of what has no lot (water, own leaves) empty, and what it is stands as its name. */
	readonly lotCode: string;
	readonly lotKind: LotKind | null;
	readonly lotName: string;
	/** What it is, where it came from no lot. */
	readonly material: string | null;
	/** How it was put there; a row of the table of ways. */
	readonly way: WayOfPutting;
	readonly depth_m: number | null;
	/** Litres of it that were char before they were mixed. */
	readonly char_l: number;
	readonly charLow_l: number;
	readonly charHigh_l: number;
	/** Litres taken, as it lay. */
	readonly mix_l: number;
	readonly mass_mg: number;
	readonly contents: Contents;
	readonly char_kg: number;
	readonly density_kg_per_l: number;
	readonly reason: string;
	readonly at_ms: number;
	readonly person: string;
}

/** What was put on a target, by what of it other acts are judged by. */
export interface GivenRow {
	readonly code: string;
	readonly kind: LotKind | null;
	readonly at_ms: number;
	readonly contents: Contents;
	/** Of a stock lot what it is of. */
	readonly material?: string | null;
}

type ApplicationRow = Omit<Application, 'contents' | 'char_kg'> & {
	readonly contents: string | null;
};

function toApplication(row: ApplicationRow): Application {
	const contents = toContents(row.contents);
	return { ...row, contents, char_kg: (contents.char ?? 0) / 1e6 };
}

const applicationSql = `SELECT s.act_id AS actId, s.bed_id AS bedId, b.name AS bedName, coalesce(l.code, '') AS lotCode, l.kind AS lotKind, coalesce(l.name, s.material) AS lotName, s.material, s.way, s.depth_m,
	s.char_l, s.char_low_l AS charLow_l, s.char_high_l AS charHigh_l,
	m.volume_ul / 1e6 AS mix_l, m.mass_mg, ${contentsSql} AS contents, s.density_kg_per_l, s.reason, a.happened_at_ms AS at_ms, a.person
	FROM application s CROSS JOIN standing_act a ON a.id = s.act_id JOIN bed_called b ON b.id = s.bed_id LEFT JOIN lot l ON l.id = s.lot_id
	JOIN movement m ON m.act_id = s.act_id AND +m.bed_id = s.bed_id`;

/** What went on its parts and on what was merged into it went on it. */
const counted = countedAt('SELECT @bedId AS id');
const parts = '(SELECT part_id FROM counted)';

export function applicationStore(db: Db) {
	const partIds = db
		.prepare<{ bedId: number }, number>(
			`WITH RECURSIVE ${counted} SELECT DISTINCT part_id FROM counted`
		)
		.pluck();
	// By index from the newest back, however much there ever was.
	const newestOn = db.prepare<
		{ bedId: number; most: number },
		{ actId: string; at_ms: number; id: number }
	>(
		`SELECT m.act_id AS actId, m.happened_at_ms AS at_ms, m.id FROM movement m CROSS JOIN application s ON s.act_id = m.act_id AND s.bed_id = m.bed_id
		 WHERE m.bed_id = @bedId AND EXISTS (SELECT 1 FROM standing_act a WHERE a.id = m.act_id)
		 ORDER BY m.happened_at_ms DESC, m.id DESC LIMIT @most`
	);
	const byActs = db.prepare<{ actIds: string }, ApplicationRow>(
		`${applicationSql.replace('FROM application s', 'FROM json_each(@actIds) j CROSS JOIN application s ON s.act_id = j.value')} ORDER BY a.happened_at_ms DESC, a.seq DESC`
	);
	const newestIds = (bedId: number, most: number, skip: number): string[] =>
		partIds
			.all({ bedId })
			.flatMap((id) => newestOn.all({ bedId: id, most: most + skip }))
			.sort((a, b) => b.at_ms - a.at_ms || b.id - a.id)
			.slice(skip, skip + most)
			.map(({ actId }) => actId);
	const onItself = db.prepare<{ bedId: number }, ApplicationRow>(
		`${applicationSql} WHERE s.bed_id IN ${mergedInto('@bedId')} ORDER BY a.happened_at_ms DESC, a.seq DESC`
	);
	const byAct = db.prepare<{ actId: string }, ApplicationRow>(
		`${applicationSql} WHERE s.act_id = @actId`
	);
	const count = db.prepare<{ bedId: number }, { n: number }>(
		`WITH RECURSIVE ${counted} SELECT count(*) AS n FROM application s CROSS JOIN standing_act a ON a.id = s.act_id WHERE s.bed_id IN ${parts}`
	);
	const had = db.prepare<{ bedId: number }, { held: string | null }>(
		`WITH RECURSIVE ${counted} SELECT json_group_object(substance, mg) AS held FROM (SELECT p.substance, sum(p.amount_mg) AS mg
		 FROM put_on_bed p WHERE p.bed_id IN ${parts} GROUP BY p.substance HAVING mg > 0)`
	);
	const hadSince = db.prepare<{ bedId: number; since_ms: number }, { held: string | null }>(
		`WITH RECURSIVE ${counted} SELECT json_group_object(substance, mg) AS held FROM (SELECT c.substance, sum(c.amount_mg) AS mg
		 FROM movement m CROSS JOIN standing_act a ON a.id = m.act_id CROSS JOIN content c ON c.movement_id = m.id
		 WHERE m.bed_id IN ${parts} AND m.happened_at_ms >= @since_ms GROUP BY c.substance)`
	);
	const around = db.prepare<
		{ bedId: number; from_ms: number; to_ms: number },
		Omit<GivenRow, 'contents'> & { contents: string | null }
	>(
		`WITH RECURSIVE ${counted} SELECT coalesce(l.code, '') AS code, l.kind, m.happened_at_ms AS at_ms, k.material, ${contentsSql} AS contents
		 FROM movement m CROSS JOIN standing_act a ON a.id = m.act_id JOIN application s ON s.act_id = m.act_id LEFT JOIN lot l ON l.id = s.lot_id
		 LEFT JOIN stock k ON k.lot_id = l.id
		 WHERE m.bed_id IN ${parts} AND m.happened_at_ms BETWEEN @from_ms AND @to_ms`
	);
	// From what was taken of lots lately, by index: a ten-year-old bed costs no more than a young one.
	const limed = db.prepare<{ since_ms: number }, { bedId: number; at_ms: number; lime_mg: number }>(
		`SELECT c.bed_id AS bedId, max(c.happened_at_ms) AS at_ms, sum(k.amount_mg) AS lime_mg
		 FROM movement t CROSS JOIN movement c ON c.act_id = t.act_id AND c.bed_id IS NOT NULL CROSS JOIN standing_act a ON a.id = c.act_id
		 CROSS JOIN content k ON k.movement_id = c.id AND k.substance = 'lime'
		 WHERE t.lot_id IS NOT NULL AND t.direction = 'out' AND t.happened_at_ms >= @since_ms GROUP BY c.bed_id`
	);
	const insert = writing(
		db,
		`INSERT INTO application (act_id, bed_id, lot_id, material, way, depth_m, char_l, char_low_l, char_high_l, density_kg_per_l, reason)
		 VALUES (@actId, @bedId, @lotId, @material, @way, @depth_m, @char_l, @charLow_l, @charHigh_l, @density, @reason)`
	);
	return {
		/** Acts by which something went on it or its parts, newest first, a page of them. */
		newestIds,
		/** The same, whole. */
		ofBed: (bedId: number, most: number, skip = 0): Application[] =>
			byActs.all({ actIds: JSON.stringify(newestIds(bedId, most, skip)) }).map(toApplication),
		/** What was put on the whole of it, and not on a part alone; newest first. */
		onItself: (bedId: number): Application[] => onItself.all({ bedId }).map(toApplication),
		maybeOne: (actId: string): Application | null => {
			const row = byAct.get({ actId });
			return row ? toApplication(row) : null;
		},
		count: (bedId: number): number => count.get({ bedId })?.n ?? 0,
		/** All that a bed was ever given, mg. */
		had: (bedId: number): Contents => toContents(had.get({ bedId })?.held ?? null),
		/** What it was given since a moment, mg. */
		hadSince: (bedId: number, since_ms: number): Contents =>
			toContents(hadSince.get({ bedId, since_ms })?.held ?? null),
		/** What went on it between two moments. */
		between: (bedId: number, from_ms: number, to_ms: number): GivenRow[] =>
			around
				.all({ bedId, from_ms, to_ms })
				.map((row) => ({ ...row, contents: toContents(row.contents) })),
		/** Beds that had lime since a moment, in whatever it came: when last, and how much in all. */
		limedSince: (since_ms: number): { bedId: number; at_ms: number; lime_mg: number }[] =>
			limed.all({ since_ms }),
		insert: (application: {
			actId: string;
			bedId: number;
			lotId: number | null;
			/** Where it came from no lot. */
			material?: string;
			way: WayOfPutting;
			depth_m: number | null;
			char_l: number;
			charLow_l: number;
			charHigh_l: number;
			density: number;
			reason: string;
		}): void => {
			insert.run({ ...application, material: application.material ?? null });
		}
	};
}
