import type { Db } from './open';

/** A charge: by which school, and when a test first passed it. */
export interface CureRow {
	readonly recipe: string;
	readonly begun_ms: number;
	readonly passed_ms: number | null;
	readonly failed: number;
}

/** A heap: what of it was lifted, and what that had been as it was laid. */
export interface HeapRow {
	readonly recipe: string;
	readonly begun_ms: number;
	readonly lifted_ms: number | null;
	readonly taken_ul: number;
	readonly lifted_ul: number;
}

/** A brew: whether any of it was put to use, thrown away, or doubted. */
export interface BrewRow {
	readonly recipe: string;
	readonly used: number;
	readonly thrown: number;
	readonly doubted: number;
}

const batches = (kind: string) =>
	`FROM batch b JOIN lot l ON l.id = b.lot_id AND l.kind = '${kind}' JOIN standing_act a ON a.id = l.act_id`;
const taken = (where: string) =>
	`EXISTS (SELECT 1 FROM movement m JOIN standing_act ma ON ma.id = m.act_id JOIN movement o ON o.act_id = m.act_id AND o.direction = 'in' AND o.id <> m.id
		WHERE m.lot_id = l.id AND m.direction = 'out' AND ${where})`;

/** What came of batches of every kind. */
export function outturnStore(db: Db) {
	const cures = db.prepare<[], CureRow>(
		`SELECT b.recipe, a.happened_at_ms AS begun_ms,
			(SELECT min(ta.happened_at_ms) FROM ready_test t JOIN standing_act ta ON ta.id = t.act_id WHERE t.lot_id = l.id AND t.passed = 1) AS passed_ms,
			(SELECT count(*) FROM ready_test t JOIN standing_act ta ON ta.id = t.act_id WHERE t.lot_id = l.id AND t.passed = 0) AS failed
		 ${batches('charge')}`
	);
	const lifted = (column: string) =>
		`(SELECT ${column} FROM movement m JOIN standing_act ma ON ma.id = m.act_id AND ma.verb = 'lift-heap' JOIN movement o ON o.act_id = m.act_id AND o.direction = 'in' AND o.lot_id IS NOT NULL
			WHERE m.lot_id = l.id AND m.direction = 'out')`;
	const heaps = db.prepare<[], HeapRow>(
		`SELECT b.recipe, a.happened_at_ms AS begun_ms, ${lifted('min(ma.happened_at_ms)')} AS lifted_ms, total(${lifted('sum(o.volume_ul)')}) AS lifted_ul,
			total((SELECT sum(m.volume_ul) FROM movement m JOIN standing_act ma ON ma.id = m.act_id AND ma.verb = 'lift-heap' WHERE m.lot_id = l.id AND m.direction = 'out')) AS taken_ul
		 ${batches('heap')} GROUP BY l.id`
	);
	const brews = db.prepare<[], BrewRow>(
		`SELECT b.recipe, ${taken('(o.bed_id IS NOT NULL OR o.lot_id IS NOT NULL)')} AS used, ${taken("o.account = 'disposed'")} AS thrown,
			EXISTS (SELECT 1 FROM finding f JOIN standing_act fa ON fa.id = f.act_id WHERE f.thing_id = l.id AND f.what = 'doubt') AS doubted
		 ${batches('brew')}`
	);
	return {
		cures: (): CureRow[] => cures.all(),
		heaps: (): HeapRow[] => heaps.all(),
		brews: (): BrewRow[] => brews.all()
	};
}
