import { z } from 'zod';
import type { Contents } from '../../core/ledger';
import { inLitres } from '../../core/units';
import type { IngredientMaterial } from './batch-row';
import { readFound, type HeapStart } from './finding-kinds';
import { inStockLots } from './lot-row';
import { toContents } from './movements';
import { jsonOf } from './json';
import type { Db } from './open';

/** What was laid on a heap, and out of which lot. */
export interface HeapIngredient {
	readonly material: IngredientMaterial;
	readonly fromCode: string | null;
	readonly volume_ul: number;
	readonly at_ms: number;
	readonly act: string;
}

export interface Heap {
	readonly lotId: number;
	readonly code: string;
	/** Its corner. */
	readonly name: string;
	readonly actId: string;
	readonly startedAt_ms: number;
	readonly start: HeapStart;
	/** In the order in which they were laid. */
	readonly ingredients: readonly HeapIngredient[];
	readonly volume_ul: number;
	readonly mass_mg: number;
	readonly contents: Contents;
	/** Litres that were laid in all, liquids among them. */
	readonly laid_l: number;
	/** All that went in, mg. */
	readonly went: Contents;
	readonly went_mg: number;
}

interface HeapRow extends Omit<Heap, 'start' | 'ingredients' | 'contents' | 'laid_l' | 'went'> {
	readonly start_json: string | null;
	readonly ingredients_json: string;
	readonly held: string | null;
	readonly went_json: string | null;
	readonly laid_ul: number;
}

const readIngredients = jsonOf<HeapIngredient[]>(
	z.array(
		z.looseObject({
			material: z.string(),
			fromCode: z.string().nullable(),
			volume_ul: z.number(),
			at_ms: z.number(),
			act: z.string()
		})
	)
);

const toHeap = ({
	start_json,
	ingredients_json,
	held,
	went_json,
	laid_ul,
	...row
}: HeapRow): Heap => ({
	...row,
	start: readFound('heap-start', start_json ?? '{"way":"compost"}') as HeapStart,
	ingredients: readIngredients(ingredients_json),
	contents: toContents(held),
	went: toContents(went_json),
	laid_l: inLitres(laid_ul)
});

const cameIn = `FROM movement m JOIN standing_act ma ON ma.id = m.act_id`;

const heapSql = `SELECT b.lot_id AS lotId, l.code, l.name, l.act_id AS actId, a.happened_at_ms AS startedAt_ms, k.volume_ul, k.mass_mg,
	(SELECT sum(m.volume_ul) ${cameIn} WHERE m.lot_id = l.id AND m.direction = 'in') AS laid_ul,
	(SELECT sum(m.mass_mg) ${cameIn} WHERE m.lot_id = l.id AND m.direction = 'in') AS went_mg,
	(SELECT json_group_array(json_object('material', i.material, 'fromCode', (SELECT f.code FROM lot f WHERE f.id = i.from_lot_id), 'volume_ul', i.volume_ul, 'at_ms', ia.happened_at_ms, 'act', ia.id))
		FROM (SELECT * FROM ingredient WHERE batch_lot_id = l.id ORDER BY id) i JOIN standing_act ia ON ia.id = i.act_id) AS ingredients_json,
	(SELECT r.found_json FROM finding r WHERE r.act_id = l.act_id AND r.thing_id = l.id AND r.what = 'heap-start') AS start_json,
	(SELECT json_group_object(h.substance, h.amount_mg) FROM held_in_lot h WHERE h.lot_id = l.id AND h.amount_mg > 0) AS held,
	(SELECT json_group_object(substance, mg) FROM (SELECT c.substance, sum(c.amount_mg) AS mg ${cameIn}
		JOIN content c ON c.movement_id = m.id WHERE m.lot_id = l.id AND m.direction = 'in' GROUP BY c.substance)) AS went_json
	FROM batch b JOIN lot l ON l.id = b.lot_id AND l.kind = 'heap' JOIN standing_act a ON a.id = l.act_id JOIN balance k ON k.lot_id = l.id`;

/** Heaps: batches that lie for weeks to years in corners. */
export function heapStore(db: Db) {
	const inStock = db.prepare<[], HeapRow>(`${heapSql} WHERE l.id IN ${inStockLots} ORDER BY l.id`);
	const byCode = db.prepare<{ code: string }, HeapRow>(`${heapSql} WHERE l.code = @code`);
	return {
		inStock: (): Heap[] => inStock.all().map(toHeap),
		maybeOne: (code: string): Heap | null => {
			const row = byCode.get({ code });
			return row ? toHeap(row) : null;
		}
	};
}
