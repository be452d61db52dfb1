import { z } from 'zod';
import type { BurnTold, WayId } from '../../core/fires';
import { inLitres, type Range } from '../../core/units';
import { judgeMoisture, type ReadingMethod, type WoodClassId } from '../../core/woodyard';
import { readTold } from './burn-row';
import { jsonOf } from './json';
import { readPieces } from './woodyard';
import type { Db } from './open';

/** Wood of one stack that went into a fire. */
export interface WoodIn {
	readonly lotId: number;
	readonly code: string;
	readonly name: string;
	readonly class: WoodClassId;
	/** Dry, kg. */
	readonly kg: number;
	/** Water by its newest reading before the fire, share of its weight; none where it was not read. */
	readonly water?: number;
}

/** A finished burn by what may bear on how it went, and what it gave. */
export interface BurnFacts {
	readonly id: number;
	readonly actId: string;
	readonly code: string;
	readonly way: WayId;
	readonly vessel: string;
	readonly person: string;
	readonly quenched_ms: number;
	readonly charLotId: number;
	/** The wood of its char, as the char is told by. */
	readonly charWood: WoodClassId;
	readonly wood: Range;
	readonly brandsKg: number;
	readonly charKg: Range;
	readonly charLitres: number;
	readonly smoke_min: number | null;
	readonly told: BurnTold;
	/** How its wood was known: worked back from the char it tells nothing of a yield. */
	readonly isReckoned: boolean;
	readonly stacks: readonly WoodIn[];
	/** Its char was weighed, or a sample of it: else its density is as published. */
	readonly isWeighed: boolean;
}

interface FactRow {
	id: number;
	actId: string;
	code: string;
	way: WayId;
	vessel: string;
	person: string;
	quenched_ms: number;
	char_lot_id: number;
	char_wood: WoodClassId;
	wood_kg: number;
	wood_low_kg: number;
	wood_high_kg: number;
	wood_from: string;
	smoke_min: number | null;
	told_json: string;
	density: number;
	density_low: number;
	density_high: number;
	char_ul: number;
	brands_mg: number | null;
	stacks: string;
	weighed: number;
}

const readStacks = jsonOf<
	{
		lotId: number;
		code: string;
		name: string;
		class: WoodClassId;
		mg: number | null;
		method: ReadingMethod | null;
		pieces: string | null;
	}[]
>(z.array(z.looseObject({ lotId: z.number(), code: z.string() })));

const stands = (id: string) => `EXISTS (SELECT 1 FROM standing_act s WHERE s.id = ${id})`;
const readingBefore = (column: string) =>
	`(SELECT r.${column} FROM moisture_reading r JOIN standing_act ra ON ra.id = r.act_id
		WHERE r.lot_id = sl.id AND ra.happened_at_ms <= b.quenched_at_ms ORDER BY ra.happened_at_ms DESC, ra.seq DESC LIMIT 1)`;
const stacksOf = `(SELECT json_group_array(json_object('lotId', sl.id, 'code', sl.code, 'name', sl.name, 'class', st.wood,
		'mg', (SELECT c.amount_mg FROM content c WHERE c.movement_id = sm.id AND c.substance = 'wood'),
		'method', ${readingBefore('method')}, 'pieces', ${readingBefore('pieces_json')}))
	FROM movement sm JOIN lot sl ON sl.id = sm.lot_id JOIN stack st ON st.lot_id = sl.id WHERE sm.act_id = b.act_id AND sm.direction = 'out')`;

/** Finished burns with all that may bear on them: what yields, carbon and hours are told by. */
export function burnFactStore(db: Db) {
	const all = db.prepare<[], FactRow>(
		`WITH b AS (SELECT r.* FROM burn_record r WHERE ${stands('r.act_id')})
		 SELECT b.burn_id AS id, b.act_id AS actId, f.code, b.way, (SELECT c.name FROM thing_called c WHERE c.id = v.vessel_id) AS vessel, a.person,
			b.quenched_at_ms AS quenched_ms, b.char_lot_id, k.wood AS char_wood, b.wood_kg, b.wood_low_kg, b.wood_high_kg, b.wood_from, b.smoke_min, b.told_json,
			coalesce(d.density_kg_per_l, k.density_kg_per_l) AS density, coalesce(d.density_low_kg_per_l, k.density_low_kg_per_l) AS density_low,
			coalesce(d.density_high_kg_per_l, k.density_high_kg_per_l) AS density_high, m.volume_ul AS char_ul,
			(SELECT c.amount_mg FROM movement mb JOIN content c ON c.movement_id = mb.id AND c.substance = 'wood' WHERE mb.act_id = b.act_id AND mb.lot_id = b.brands_lot_id) AS brands_mg,
			${stacksOf} AS stacks, (b.sample_kg_per_l IS NOT NULL OR b.char_weighed_kg IS NOT NULL OR d.id IS NOT NULL) AS weighed
		 FROM b JOIN burn f ON f.id = b.burn_id JOIN act a ON a.id = b.act_id JOIN vessel_version v ON v.id = b.vessel_version_id
		 JOIN char_lot k ON k.lot_id = b.char_lot_id JOIN movement m ON m.act_id = b.act_id AND m.lot_id = b.char_lot_id
		 LEFT JOIN density_reading d ON d.id = (SELECT max(x.id) FROM density_reading x WHERE x.lot_id = b.char_lot_id AND ${stands('x.act_id')})
		 ORDER BY b.quenched_at_ms, b.burn_id`
	);
	return {
		/** Every finished burn, the oldest first. */
		all: (): BurnFacts[] => all.all().map(toFacts)
	};
}

function toFacts(row: FactRow): BurnFacts {
	const litres = inLitres(row.char_ul);
	return {
		...{ id: row.id, actId: row.actId, code: row.code, way: row.way, vessel: row.vessel },
		...{ person: row.person, quenched_ms: row.quenched_ms, charLotId: row.char_lot_id },
		charWood: row.char_wood,
		wood: { value: row.wood_kg, low: row.wood_low_kg, high: row.wood_high_kg },
		brandsKg: (row.brands_mg ?? 0) / 1e6,
		charKg: {
			value: litres * row.density,
			low: litres * row.density_low,
			high: litres * row.density_high
		},
		charLitres: litres,
		smoke_min: row.smoke_min,
		told: readTold(row.told_json),
		isReckoned: row.wood_from === 'reckoned',
		isWeighed: row.weighed === 1,
		stacks: readStacks(row.stacks).map(({ mg, method, pieces, ...stack }) => ({
			...stack,
			kg: (mg ?? 0) / 1e6,
			...(method && pieces ? waterBy(method, pieces) : {})
		}))
	};
}

/** What a reading says of the water in wood; nothing where its meter was at an end. */
function waterBy(method: ReadingMethod, pieces: string): { readonly water?: number } {
	const { mean, bound } = judgeMoisture({ method, pieces: readPieces(pieces) });
	return mean === undefined || bound ? {} : { water: mean };
}
