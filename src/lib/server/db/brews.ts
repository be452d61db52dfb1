import type { RecipeId, Smell } from '../../core/brews';
import type { Contents } from '../../core/ledger';
import type { MaterialId } from '../../core/materials';
import { inStockLots } from './lot-row';
import { toContents } from './movements';
import type { Db } from './open';

export interface Brew {
	readonly lotId: number;
	readonly code: string;
	readonly name: string;
	readonly actId: string;
	readonly recipe: RecipeId;
	/** What it was set going at. */
	readonly temperature_c: number;
	readonly startedAt_ms: number;
	/** When its pump was stopped, where it was. */
	readonly stoppedAt_ms: number | null;
	readonly vesselVersionId: number | null;
	/** Water it was made with, and what hung in it. */
	readonly water_l: number;
	readonly partner: MaterialId;
	readonly partner_l: number;
	/** What the recipe asked for in that much water. */
	readonly asked_l: number | null;
	readonly partnerCode: string | null;
	readonly volume_ml: number;
	readonly contents: Contents;
}

interface BrewRow extends Omit<Brew, 'contents' | 'water_l' | 'partner_l' | 'asked_l'> {
	readonly water_ml: number;
	readonly partner_ml: number;
	readonly asked_ml: number | null;
	readonly held: string | null;
}

const toBrew = ({ held, water_ml, partner_ml, asked_ml, ...row }: BrewRow): Brew => ({
	...row,
	water_l: water_ml / 1000,
	partner_l: partner_ml / 1000,
	asked_l: asked_ml === null ? null : asked_ml / 1000,
	contents: toContents(held)
});

const brewSql = `SELECT b.lot_id AS lotId, l.code, l.name, l.act_id AS actId, b.recipe, b.temperature_c, a.happened_at_ms AS startedAt_ms, k.volume_ml,
	(SELECT min(fa.happened_at_ms) FROM batch_fact f JOIN standing_act fa ON fa.id = f.act_id WHERE f.lot_id = l.id AND f.fact = 'pump-stopped') AS stoppedAt_ms,
	(SELECT p.vessel_version_id FROM batch_place p JOIN standing_act pa ON pa.id = p.act_id WHERE p.lot_id = l.id ORDER BY p.id DESC LIMIT 1) AS vesselVersionId,
	(SELECT i.volume_ml FROM ingredient i WHERE i.batch_lot_id = l.id AND i.from_lot_id IS NULL) AS water_ml,
	p.material AS partner, p.volume_ml AS partner_ml, p.planned_ml AS asked_ml, pl.code AS partnerCode,
	(SELECT json_group_object(h.substance, h.amount_mg) FROM held_in_lot h WHERE h.lot_id = l.id AND h.amount_mg > 0) AS held
	FROM batch b JOIN lot l ON l.id = b.lot_id AND l.kind = 'brew' JOIN standing_act a ON a.id = l.act_id JOIN balance k ON k.lot_id = l.id
	JOIN ingredient p ON p.batch_lot_id = l.id AND p.from_lot_id IS NOT NULL LEFT JOIN lot pl ON pl.id = p.from_lot_id`;

export interface LoggedSmell {
	readonly actId: string;
	readonly smell: Smell;
	readonly at_ms: number;
	readonly person: string;
}

/** A brew on a bed: so much of it, thinned. */
export interface Drench {
	readonly actId: string;
	readonly bed: string;
	readonly brew_l: number;
	readonly water_l: number;
	readonly parts: number;
	readonly at_ms: number;
}

/** Brews: batches whose clock runs in hours, with what noses said of them. */
export function brewStore(db: Db) {
	const inStock = db.prepare<[], BrewRow>(
		`${brewSql} WHERE l.id IN ${inStockLots} ORDER BY l.id DESC`
	);
	const latest = db.prepare<{ most: number }, BrewRow>(
		`${brewSql} WHERE k.volume_ml = 0 ORDER BY l.id DESC LIMIT @most`
	);
	const byCode = db.prepare<{ code: string }, BrewRow>(`${brewSql} WHERE l.code = @code`);
	const smells = db.prepare<{ lotId: number }, LoggedSmell>(
		`SELECT s.act_id AS actId, s.smell, a.happened_at_ms AS at_ms, a.person FROM smell_check s
		 JOIN standing_act a ON a.id = s.act_id WHERE s.lot_id = @lotId ORDER BY a.happened_at_ms, a.seq`
	);
	const drenches = db.prepare<{ lotId: number }, Drench>(
		`SELECT d.act_id AS actId, b.name AS bed, m.volume_ml / 1000.0 AS brew_l, d.water_ml / 1000.0 AS water_l, d.parts, a.happened_at_ms AS at_ms
		 FROM dilution d JOIN standing_act a ON a.id = d.act_id JOIN application p ON p.act_id = d.act_id JOIN bed b ON b.id = p.bed_id
		 JOIN movement m ON m.act_id = d.act_id AND m.bed_id = p.bed_id WHERE d.lot_id = @lotId ORDER BY a.happened_at_ms, a.seq`
	);
	const lastOnBed = db.prepare<{ bedId: number }, { at_ms: number | null }>(
		`SELECT max(a.happened_at_ms) AS at_ms FROM application p JOIN standing_act a ON a.id = p.act_id
		 JOIN lot l ON l.id = p.lot_id AND l.kind = 'brew' WHERE p.bed_id = @bedId`
	);
	const insertFact = db.prepare(
		'INSERT INTO batch_fact (act_id, lot_id, fact) VALUES (@actId, @lotId, @fact)'
	);
	const insertSmell = db.prepare(
		'INSERT INTO smell_check (act_id, lot_id, smell) VALUES (@actId, @lotId, @smell)'
	);
	const insertDilution = db.prepare(
		'INSERT INTO dilution (act_id, lot_id, parts, water_ml) VALUES (@actId, @lotId, @parts, @water_ml)'
	);
	return {
		inStock: (): Brew[] => inStock.all().map(toBrew),
		/** Used up or poured out, the newest first. */
		usedUp: (most: number): Brew[] => latest.all({ most }).map(toBrew),
		maybeOne: (code: string): Brew | null => {
			const row = byCode.get({ code });
			return row ? toBrew(row) : null;
		},
		/** What noses said, the oldest first. */
		smells: (lotId: number): LoggedSmell[] => smells.all({ lotId }),
		drenches: (lotId: number): Drench[] => drenches.all({ lotId }),
		/** When a bed last had any brew. */
		lastOnBed: (bedId: number): number | null => lastOnBed.get({ bedId })?.at_ms ?? null,
		insertStop: (actId: string, lotId: number): void => {
			insertFact.run({ actId, lotId, fact: 'pump-stopped' });
		},
		insertSmell: (smell: { actId: string; lotId: number; smell: Smell }): void => {
			insertSmell.run(smell);
		},
		insertDilution: (dilution: {
			actId: string;
			lotId: number;
			parts: number;
			water_ml: number;
		}): void => {
			insertDilution.run(dilution);
		}
	};
}
