import { z } from 'zod';
import { inLitres } from '../../core/units';
import type { RecipeId, Smell } from '../../core/brews';
import type { Contents } from '../../core/ledger';
import type { IngredientMaterial } from './batch-row';
import { readFound } from './finding-kinds';
import { doneAt, type BrewStart } from './findings';
import { inStockLots } from './lot-row';
import { toContents } from './movements';
import { jsonOf } from './json';
import type { Db } from './open';
import { allThatWentInto } from './went-into';
import { writing } from './writing';

/** What went into a brew, and out of which lot. */
export interface BrewIngredient {
	readonly material: IngredientMaterial;
	readonly fromCode: string | null;
	readonly volume_ul: number;
	/** What the recipe asked for, where it asked. */
	readonly planned_ul: number | null;
	readonly at_ms: number;
}

export interface Brew {
	readonly lotId: number;
	readonly code: string;
	readonly name: string;
	readonly actId: string;
	readonly recipe: RecipeId;
	/** What it was set going at. */
	readonly temperature_c: number;
	readonly startedAt_ms: number;
	/** Since when its pump stands; null while it runs. */
	readonly stoppedAt_ms: number | null;
	/** When it was first strained. */
	readonly strainedAt_ms: number | null;
	readonly vesselVersionId: number | null;
	/** Litres that stood in the vessel when it was set going. */
	readonly made_l: number;
	readonly ingredients: readonly BrewIngredient[];
	readonly start: BrewStart;
	readonly volume_ul: number;
	readonly mass_mg: number;
	readonly contents: Contents;
}

interface BrewRow extends Omit<
	Brew,
	'contents' | 'made_l' | 'ingredients' | 'start' | 'stoppedAt_ms'
> {
	readonly pumpOff_ms: number | null;
	readonly pumpOn_ms: number | null;
	readonly made_ul: number;
	readonly ingredients_json: string;
	readonly start_json: string | null;
	readonly held: string | null;
}

const readWords = jsonOf<string[]>(z.array(z.string()));
const readStarters = jsonOf<KinRow['from']>(
	z.array(z.looseObject({ code: z.string(), act: z.string(), at_ms: z.number(), seq: z.number() }))
);
const readIngredients = jsonOf<BrewIngredient[]>(
	z.array(
		z.looseObject({
			material: z.string(),
			fromCode: z.string().nullable(),
			volume_ul: z.number(),
			planned_ul: z.number().nullable(),
			at_ms: z.number()
		})
	)
);

const toBrew = ({
	held,
	made_ul,
	ingredients_json,
	start_json,
	pumpOff_ms,
	pumpOn_ms,
	...row
}: BrewRow): Brew => ({
	...row,
	stoppedAt_ms: pumpOff_ms !== null && pumpOff_ms > (pumpOn_ms ?? 0) ? pumpOff_ms : null,
	made_l: inLitres(made_ul),
	ingredients: readIngredients(ingredients_json),
	start: readFound('brew-start', start_json ?? '{}') as BrewStart,
	contents: toContents(held)
});

const brewSql = `SELECT b.lot_id AS lotId, l.code, l.name, l.act_id AS actId, b.recipe, b.temperature_c, a.happened_at_ms AS startedAt_ms, k.volume_ul, k.mass_mg,
	${doneAt('pump-stopped', 'max', 'l.id')} AS pumpOff_ms, ${doneAt('pump-started', 'max', 'l.id')} AS pumpOn_ms, ${doneAt('strained', 'min', 'l.id')} AS strainedAt_ms,
	(SELECT p.vessel_version_id FROM batch_place p JOIN standing_act pa ON pa.id = p.act_id WHERE p.lot_id = l.id ORDER BY p.id DESC LIMIT 1) AS vesselVersionId,
	(SELECT sum(m.volume_ul) FROM movement m WHERE m.act_id = l.act_id AND m.lot_id = l.id AND m.direction = 'in') AS made_ul,
	(SELECT json_group_array(json_object('material', i.material, 'fromCode', (SELECT f.code FROM lot f WHERE f.id = i.from_lot_id), 'volume_ul', i.volume_ul, 'planned_ul', i.planned_ul, 'at_ms', ia.happened_at_ms))
		FROM ingredient i JOIN standing_act ia ON ia.id = i.act_id WHERE i.batch_lot_id = l.id) AS ingredients_json,
	(SELECT r.found_json FROM finding r WHERE r.act_id = l.act_id AND r.thing_id = l.id AND r.what = 'brew-start') AS start_json,
	(SELECT json_group_object(h.substance, h.amount_mg) FROM held_in_lot h WHERE h.lot_id = l.id AND h.amount_mg > 0) AS held
	FROM batch b JOIN lot l ON l.id = b.lot_id AND l.kind = 'brew' JOIN standing_act a ON a.id = l.act_id JOIN balance k ON k.lot_id = l.id`;

/** A brew on a bed: so much of it, thinned. */
export interface Drench {
	readonly actId: string;
	readonly bed: string;
	readonly brew_l: number;
	readonly water_l: number;
	readonly parts: number;
	readonly onto: 'soil' | 'leaves';
	readonly at_ms: number;
}

/** A brew as its line sees it, before its outcome is known. */
export interface KinRow {
	readonly lotId: number;
	readonly code: string;
	readonly recipe: RecipeId;
	readonly name: string;
	readonly at_ms: number;
	readonly left_ul: number;
	/** Brews that went into it, and when. */
	readonly from: readonly {
		readonly code: string;
		readonly act: string;
		readonly at_ms: number;
		readonly seq: number;
	}[];
	readonly isMarked: boolean;
	/** Smells in the order in which they were taken. */
	readonly smells: readonly Smell[];
	/** It went on a bed, or into another brew. */
	readonly wasUsed: boolean;
}

interface KinSqlRow extends Omit<KinRow, 'from' | 'smells' | 'isMarked' | 'wasUsed'> {
	readonly from_json: string;
	readonly smells_json: string;
	readonly marked: number;
	readonly used: number;
}

/** Brews: batches whose clock runs in hours, with what noses said of them. */
export function brewStore(db: Db) {
	const inStock = db.prepare<[], BrewRow>(
		`${brewSql} WHERE l.id IN ${inStockLots} ORDER BY l.id DESC`
	);
	const latest = db.prepare<{ most: number }, BrewRow>(
		// Which ones is settled by index before anything is joined to them.
		`${brewSql} WHERE l.id IN (SELECT u.id FROM lot u CROSS JOIN balance ub ON ub.lot_id = u.id AND ub.volume_ul = 0
			WHERE u.kind = 'brew' AND EXISTS (SELECT 1 FROM standing_act s WHERE s.id = u.act_id)
			ORDER BY CAST(substr(u.code, 2) AS INTEGER) DESC LIMIT @most) ORDER BY l.id DESC`
	);
	const byCode = db.prepare<{ code: string }, BrewRow>(`${brewSql} WHERE l.code = @code`);
	const drenches = db.prepare<{ lotId: number }, Drench>(
		`SELECT d.act_id AS actId, b.name AS bed, m.volume_ul / 1e6 AS brew_l, d.water_ul / 1e6 AS water_l, d.parts, d.onto, a.happened_at_ms AS at_ms
		 FROM dilution d JOIN standing_act a ON a.id = d.act_id JOIN application p ON p.act_id = d.act_id JOIN bed_called b ON b.id = p.bed_id
		 JOIN movement m ON m.act_id = d.act_id AND m.bed_id = p.bed_id WHERE d.lot_id = @lotId ORDER BY a.happened_at_ms, a.seq`
	);
	const lastOnBed = db.prepare<{ bedId: number }, { at_ms: number | null }>(
		`SELECT max(a.happened_at_ms) AS at_ms FROM application p JOIN standing_act a ON a.id = p.act_id
		 JOIN lot l ON l.id = p.lot_id AND l.kind = 'brew' WHERE p.bed_id = @bedId`
	);
	// From each bed's newest back by index; a brew is found soon, or never went there.
	const lastOnBeds = db.prepare<[], { bedId: number; at_ms: number }>(
		`SELECT b.id AS bedId, (SELECT m.happened_at_ms FROM movement m CROSS JOIN application p ON p.act_id = m.act_id AND p.bed_id = m.bed_id
			CROSS JOIN lot l ON l.id = p.lot_id AND l.kind = 'brew' WHERE m.bed_id = b.id AND EXISTS (SELECT 1 FROM standing_act a WHERE a.id = m.act_id)
			ORDER BY m.happened_at_ms DESC LIMIT 1) AS at_ms
		 FROM bed b WHERE at_ms IS NOT NULL`
	);
	const kin = db.prepare<{ ids: string }, KinSqlRow>(
		`SELECT l.id AS lotId, l.code, b.recipe, l.name, a.happened_at_ms AS at_ms, k.volume_ul AS left_ul,
			(SELECT json_group_array(json_object('code', f.code, 'act', ia.id, 'at_ms', ia.happened_at_ms, 'seq', ia.seq)) FROM ingredient i JOIN standing_act ia ON ia.id = i.act_id JOIN lot f ON f.id = i.from_lot_id AND f.kind = 'brew' WHERE i.batch_lot_id = l.id) AS from_json,
			(SELECT json_group_array(smell) FROM (SELECT json_extract(s.found_json, '$.smell') AS smell FROM finding s JOIN standing_act sa ON sa.id = s.act_id WHERE s.thing_id = l.id AND s.what = 'smell' ORDER BY sa.happened_at_ms, sa.seq)) AS smells_json,
			EXISTS (SELECT 1 FROM finding r JOIN standing_act ra ON ra.id = r.act_id WHERE r.thing_id = l.id AND r.what = 'doubt') AS marked,
			EXISTS (SELECT 1 FROM application p JOIN standing_act pa ON pa.id = p.act_id WHERE p.lot_id = l.id)
				OR EXISTS (SELECT 1 FROM ingredient u JOIN standing_act ua ON ua.id = u.act_id WHERE u.from_lot_id = l.id) AS used
		 FROM batch b JOIN lot l ON l.id = b.lot_id AND l.kind = 'brew' JOIN standing_act a ON a.id = l.act_id JOIN balance k ON k.lot_id = l.id
		 WHERE l.id IN (SELECT value FROM json_each(@ids)) ORDER BY l.id`
	);
	const everId = db
		.prepare<[], number>("SELECT id FROM lot WHERE kind = 'brew' ORDER BY id")
		.pluck();
	const upwards = db
		.prepare<{ id: number }, number>(
			`WITH RECURSIVE ${allThatWentInto('SELECT @id', "AND f.kind = 'brew'")} SELECT id FROM up`
		)
		.pluck();
	const insertDilution = writing(
		db,
		'INSERT INTO dilution (act_id, lot_id, parts, water_ul, onto) VALUES (@actId, @lotId, @parts, @water_ul, @onto)'
	);
	return {
		inStock: (): Brew[] => inStock.all().map(toBrew),
		/** Used up or poured out, the newest first. */
		usedUp: (most: number): Brew[] => latest.all({ most }).map(toBrew),
		maybeOne: (code: string): Brew | null => {
			const row = byCode.get({ code });
			return row ? toBrew(row) : null;
		},
		drenches: (lotId: number): Drench[] => drenches.all({ lotId }),
		/** The same of every bed that had one, by its id. */
		lastOnBeds: (): ReadonlyMap<number, number> =>
			new Map(lastOnBeds.all().map(({ bedId, at_ms }) => [bedId, at_ms])),
		/** When a bed last had any brew. */
		lastOnBed: (bedId: number): number | null => lastOnBed.get({ bedId })?.at_ms ?? null,
		/** Ids of every brew there ever was, the oldest first. */
		everIds: (): number[] => everId.all(),
		/** Of a brew and all that it came of. */
		idsUpwards: (lotId: number): number[] => upwards.all({ id: lotId }),
		/** Brews by what they came from, the oldest first. */
		kin: (ids: readonly number[]): KinRow[] =>
			kin
				.all({ ids: JSON.stringify(ids) })
				.map(({ from_json, smells_json, marked, used, ...row }) => ({
					...row,
					from: readStarters(from_json),
					smells: readWords(smells_json) as Smell[],
					isMarked: marked === 1,
					wasUsed: used === 1
				})),
		insertDilution: (dilution: {
			actId: string;
			lotId: number;
			parts: number;
			water_ul: number;
			onto: 'soil' | 'leaves';
		}): void => {
			insertDilution.run(dilution);
		}
	};
}
