import { z } from 'zod';
import {
	withMeasured,
	type Composition,
	type MaterialId,
	type Measured,
	type OwnAnalysis
} from '../../core/materials';
import type { Contents } from '../../core/ledger';
import { inStockLots } from './lot-row';
import { toContents } from './movements';
import { jsonOf, toJson } from './json';
import type { Db } from './open';
import { writing } from './writing';

/** Something brought in and held, with what it brings as it was known then. */
export interface StockLot {
	readonly lotId: number;
	readonly code: string;
	readonly name: string;
	readonly actId: string;
	readonly material: MaterialId;
	readonly composition: Composition;
	readonly volume_ul: number;
	readonly mass_mg: number;
	readonly contents: Contents;
	readonly broughtAt_ms: number;
}

interface StockRow {
	lot_id: number;
	code: string;
	name: string;
	act_id: string;
	material: MaterialId;
	composition_json: string;
	/** Analyses of this very lot, the oldest first. */
	analyses_json: string | null;
	volume_ul: number;
	mass_mg: number;
	held: string | null;
	happened_at_ms: number;
}

export const readComposition = jsonOf<Composition>(
	z.looseObject({ material: z.string(), basis: z.string(), germs: z.string() })
);
export const readMeasured = jsonOf<Measured>(
	z.record(z.string(), z.looseObject({ value: z.number(), low: z.number(), high: z.number() }))
);

const readOwn = jsonOf<{ found: { measured: Measured }; person: string; at_ms: number }[]>(
	z.array(z.looseObject({ person: z.string(), at_ms: z.number() }))
);

const measuredBy = (person: string, at_ms: number) =>
	`measured by ${person} on ${new Date(at_ms).toISOString().slice(0, 10)}`;

const measuredOver = ({ composition_json, analyses_json }: StockRow): Composition =>
	readOwn(analyses_json ?? '[]').reduce(
		(known, { found, person, at_ms }) =>
			withMeasured(known, found.measured, measuredBy(person, at_ms)),
		readComposition(composition_json)
	);

const toStock = (row: StockRow): StockLot => ({
	lotId: row.lot_id,
	code: row.code,
	name: row.name,
	actId: row.act_id,
	material: row.material,
	composition: measuredOver(row),
	volume_ul: row.volume_ul,
	mass_mg: row.mass_mg,
	contents: toContents(row.held),
	broughtAt_ms: row.happened_at_ms
});

const stockSql = `SELECT s.lot_id, l.code, l.name, l.act_id, s.material, s.composition_json, b.volume_ul, b.mass_mg, a.happened_at_ms,
	(SELECT json_group_object(h.substance, h.amount_mg) FROM held_in_lot h WHERE h.lot_id = l.id AND h.amount_mg > 0) AS held,
	(SELECT json_group_array(json_object('found', json(f.found_json), 'person', f.person, 'at_ms', f.at_ms)) FROM (
		SELECT n.found_json, fa.person, fa.happened_at_ms AS at_ms FROM finding n JOIN standing_act fa ON fa.id = n.act_id
		WHERE n.thing_id = l.id AND n.what = 'analysed' ORDER BY fa.happened_at_ms, fa.seq) f) AS analyses_json
	FROM stock s JOIN lot l ON l.id = s.lot_id JOIN standing_act a ON a.id = l.act_id JOIN balance b ON b.lot_id = l.id`;

/** Materials in stock, and what the grower measured of them. */
export function stockStore(db: Db) {
	const inStock = db.prepare<[], StockRow>(
		`${stockSql} WHERE l.id IN ${inStockLots} ORDER BY l.id DESC`
	);
	const byCode = db.prepare<{ code: string }, StockRow>(`${stockSql} WHERE l.code = @code`);
	const insert = writing(
		db,
		'INSERT INTO stock (lot_id, act_id, material, composition_json) VALUES (@lotId, @actId, @material, @composition)'
	);
	const analysed = db.prepare<[], string>('SELECT DISTINCT material FROM analysis').pluck();
	const analyses = db.prepare<
		{ material: MaterialId },
		{ measured_json: string; person: string; happened_at_ms: number }
	>(
		`SELECT n.measured_json, a.person, a.happened_at_ms FROM analysis n JOIN standing_act a ON a.id = n.act_id
		 WHERE n.material = @material ORDER BY a.happened_at_ms DESC, a.seq DESC`
	);
	const insertAnalysis = writing(
		db,
		'INSERT INTO analysis (act_id, material, measured_json) VALUES (@actId, @material, @measured)'
	);
	return {
		/** Those with anything left, newest first. */
		inStock: (): StockLot[] => inStock.all().map(toStock),
		maybeOne: (code: string): StockLot | null => {
			const row = byCode.get({ code });
			return row ? toStock(row) : null;
		},
		insert: (stock: {
			lotId: number;
			actId: string;
			material: MaterialId;
			composition: Composition;
		}): void => {
			insert.run({ ...stock, composition: toJson(stock.composition, readComposition) });
		},
		/** What was measured of a material, newest first. */
		/** Materials of which there is an own analysis. */
		analysed: (): string[] => analysed.all(),
		analyses: (material: MaterialId): OwnAnalysis[] =>
			analyses.all({ material }).map((row) => ({
				measured: readMeasured(row.measured_json),
				source: measuredBy(row.person, row.happened_at_ms)
			})),
		insertAnalysis: (actId: string, material: MaterialId, measured: Measured): void => {
			insertAnalysis.run({ actId, material, measured: toJson(measured, readMeasured) });
		}
	};
}
