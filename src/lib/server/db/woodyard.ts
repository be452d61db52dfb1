import { z } from 'zod';
import {
	judgeMoisture,
	type MoistureState,
	type PieceReading,
	type ReadingMethod,
	type StackMeasure,
	type SuspicionId
} from '../../core/woodyard';
import type { Estimate, KgDry } from '../../core/units';
import { keptColumns } from './kept';
import { sampleOf, toStack, type Stack, type StackRow } from './stack-row';
import { heldOf, inStockLots } from './lot-row';
import { jsonOf, toJson } from './json';
import type { Db } from './open';
import { writing } from './writing';

export type { Stack } from './stack-row';

export interface Reading {
	readonly actId: string;
	readonly lotId: number;
	readonly at_ms: number;
	readonly person: string;
	readonly method: ReadingMethod;
	readonly pieces: readonly PieceReading[];
	readonly state: MoistureState;
}

export interface Hold {
	readonly actId: string;
	readonly lotId: number;
	readonly held: boolean;
	readonly reason: string;
	readonly at_ms: number;
}

interface ReadingRow {
	act_id: string;
	lot_id: number;
	method: ReadingMethod;
	pieces_json: string;
	happened_at_ms: number;
	person: string;
}

export const readPieces = jsonOf<PieceReading[]>(
	z.array(z.looseObject({ percent: z.number(), end: z.enum(['over', 'under']).optional() }))
);

function toReading(row: ReadingRow): Reading {
	const pieces = readPieces(row.pieces_json);
	return {
		actId: row.act_id,
		lotId: row.lot_id,
		at_ms: row.happened_at_ms,
		person: row.person,
		method: row.method,
		pieces,
		state: judgeMoisture({ method: row.method, pieces })
	};
}

const stackSql = `SELECT st.*, l.code, l.name, l.act_id, a.happened_at_ms, b.volume_ul, ${heldOf('wood')} / 1000.0 AS dry_g
	FROM stack st JOIN lot l ON l.id = st.lot_id JOIN standing_act a ON a.id = l.act_id JOIN balance b ON b.lot_id = l.id`;
const readingSql = `SELECT r.*, a.happened_at_ms, a.person FROM moisture_reading r JOIN standing_act a ON a.id = r.act_id`;
const holdSql = `SELECT q.act_id AS actId, q.lot_id AS lotId, q.held, q.reason, a.happened_at_ms AS at_ms
	FROM quarantine q JOIN standing_act a ON a.id = q.act_id`;

export function woodyardStore(db: Db) {
	const inStock = db.prepare<[], StackRow>(
		`${stackSql} WHERE l.id IN ${inStockLots} ORDER BY l.id DESC`
	);
	// Newest first: whoever reads them stops when there are enough.
	const emptied = db.prepare<[], { id: number }>(
		`SELECT m.lot_id AS id FROM movement m INDEXED BY movement_by_taking CROSS JOIN stack s ON s.lot_id = m.lot_id
		 CROSS JOIN balance b ON b.lot_id = m.lot_id
		 WHERE m.direction = 'out' AND m.lot_id IS NOT NULL AND b.volume_ul = 0 ORDER BY m.happened_at_ms DESC`
	);
	const byId = db.prepare<{ id: number }, StackRow>(`${stackSql} WHERE l.id = @id`);
	const anyStack = db.prepare<[], { n: number }>(
		'SELECT EXISTS (SELECT 1 FROM stack st JOIN lot l ON l.id = st.lot_id JOIN standing_act a ON a.id = l.act_id) AS n'
	);
	const byCode = db.prepare<{ code: string }, StackRow>(`${stackSql} WHERE l.code = @code`);
	const insert = writing(
		db,
		`INSERT INTO stack (lot_id, act_id, form, wood, seasoned, outline, length_m, width_m, height_m, filled_l, filled_as, suspicion, is_brands, dry_kg, dry_low_kg, dry_high_kg, dry_json, sample_json, standing_dead, walnut)
		 VALUES (@lotId, @actId, @form, @wood, @seasoned, @outline, @length, @width, @height, @filled, @filledAs, @suspicion, @isBrands, @dry, @dryLow, @dryHigh, @told, @sample, @standingDead, @walnut)`
	);
	const readings = db.prepare<{ lotId: number }, ReadingRow>(
		`${readingSql} WHERE r.lot_id = @lotId ORDER BY a.happened_at_ms DESC, a.seq DESC`
	);
	const newest = db.prepare<[], ReadingRow>(
		`SELECT * FROM (
			SELECT r.*, a.happened_at_ms, a.person, row_number() OVER (PARTITION BY r.lot_id ORDER BY a.happened_at_ms DESC, a.seq DESC) AS age
			FROM moisture_reading r JOIN standing_act a ON a.id = r.act_id WHERE r.lot_id IN ${inStockLots}
		) WHERE age = 1`
	);
	const insertReading = writing(
		db,
		'INSERT INTO moisture_reading (act_id, lot_id, method, pieces_json) VALUES (@actId, @lotId, @method, @pieces)'
	);
	const holds = db.prepare<{ lotId: number }, Omit<Hold, 'held'> & { held: number }>(
		`${holdSql} WHERE q.lot_id = @lotId ORDER BY a.seq`
	);
	const heldNow = db.prepare<[], { lot_id: number; reason: string }>(
		`SELECT lot_id, reason FROM (SELECT q.lot_id, q.held, q.reason, max(a.seq) FROM quarantine q JOIN standing_act a ON a.id = q.act_id GROUP BY q.lot_id) WHERE held = 1`
	);
	const insertHold = writing(
		db,
		'INSERT INTO quarantine (act_id, lot_id, held, reason) VALUES (@actId, @lotId, @held, @reason)'
	);

	return {
		inStock: (): Stack[] => inStock.all().map(toStack),
		/** The stacks that were used up last. */
		usedUp: (most: number): Stack[] => {
			const found = new Map<number, Stack>();
			for (const { id } of emptied.iterate()) {
				if (found.size === most) break;
				const row = found.has(id) ? undefined : byId.get({ id });
				if (row) found.set(id, toStack(row));
			}
			return [...found.values()];
		},
		any: (): boolean => anyStack.get()?.n === 1,
		maybeOne: (code: string): Stack | null => {
			const row = byCode.get({ code });
			return row ? toStack(row) : null;
		},
		insert: (
			lotId: number,
			measure: StackMeasure,
			rest: {
				actId: string;
				suspicion: SuspicionId;
				isBrands: boolean;
				walnut?: boolean;
				dry: Estimate<KgDry>;
			}
		): void => {
			const size = measure.size;
			insert.run({
				lotId,
				actId: rest.actId,
				form: measure.form,
				wood: measure.wood,
				seasoned: measure.seasoned ? 1 : 0,
				outline: size.by === 'outline' ? size.outline : null,
				length: size.by === 'outline' ? size.length : null,
				width: size.by === 'outline' ? (size.width ?? null) : null,
				height: size.by === 'outline' ? size.height : null,
				filled: size.by === 'measures' ? size.litres : null,
				filledAs: size.by === 'measures' ? size.typed : null,
				suspicion: rest.suspicion,
				isBrands: rest.isBrands ? 1 : 0,
				dry: rest.dry.value,
				dryLow: rest.dry.low,
				dryHigh: rest.dry.high,
				told: keptColumns(rest.dry),
				sample: size.by === 'weighed' ? sampleOf(size) : null,
				standingDead: measure.standingDead ? 1 : 0,
				walnut: rest.walnut ? 1 : 0
			});
		},
		readings: (lotId: number): Reading[] => readings.all({ lotId }).map(toReading),
		/** The newest reading of each stack in stock. */
		newestReadings: (): Reading[] => newest.all().map(toReading),
		insertReading: (reading: {
			actId: string;
			lotId: number;
			method: ReadingMethod;
			pieces: readonly PieceReading[];
		}): void => {
			insertReading.run({ ...reading, pieces: toJson(reading.pieces, readPieces) });
		},
		holds: (lotId: number): Hold[] =>
			holds.all({ lotId }).map((row) => ({ ...row, held: row.held === 1 })),
		/** Lots held now, by lot id. */
		held: (): Map<number, string> => new Map(heldNow.all().map((row) => [row.lot_id, row.reason])),
		insertHold: (hold: { actId: string; lotId: number; held: boolean; reason: string }): void => {
			insertHold.run({ ...hold, held: hold.held ? 1 : 0 });
		}
	};
}
