import {
	areaOf,
	charShareOf,
	type BedTraits,
	type CropKind,
	type Drainage,
	type Ground,
	type Humus,
	type Texture
} from '../../core/beds';
import { metres } from '../../core/units';
import type { Db } from './open';

export interface Bed extends BedTraits {
	readonly id: number;
	readonly name: string;
	readonly actId: string;
	readonly length_m: number;
	readonly width_m: number;
	readonly ground: Ground;
	readonly crop: string;
	readonly eatenRaw: boolean;
	/** Litres of char put on so far, at each lot's own share when spread. */
	readonly char_l: number;
	/** When its first char went on; null before any. */
	readonly firstChar_ms: number | null;
	readonly measuredAt_ms: number;
}

export interface Spread {
	readonly actId: string;
	readonly bedId: number;
	readonly bedName: string;
	readonly lotCode: string;
	readonly char_l: number;
	readonly mix_l: number;
	readonly char_kg: number;
	readonly density_kg_per_l: number;
	readonly reason: string;
	readonly at_ms: number;
	readonly person: string;
}

export interface NewBed {
	readonly name: string;
	readonly actId: string;
	readonly length_m: number;
	readonly width_m: number;
	readonly depth_m: number;
	readonly texture: Texture;
	readonly drainage: Drainage;
	readonly humus: Humus;
	readonly cropKind: CropKind;
	readonly ph: number | null;
	readonly acidLover: boolean;
	readonly eatenRaw: boolean;
	readonly crop: string;
}

interface BedRow {
	id: number;
	name: string;
	act_id: string;
	length_m: number;
	width_m: number;
	depth_m: number;
	texture: Texture;
	drainage: Drainage;
	humus: Humus;
	crop_kind: CropKind;
	ph: number | null;
	acid_lover: number;
	eaten_raw: number;
	crop: string;
	char_l: number;
	first_char_ms: number | null;
	happened_at_ms: number;
}

function toBed(row: BedRow): Bed {
	const ground: Ground = {
		area: areaOf(metres(row.length_m), metres(row.width_m)),
		depth: metres(row.depth_m)
	};
	return {
		id: row.id,
		name: row.name,
		actId: row.act_id,
		length_m: row.length_m,
		width_m: row.width_m,
		ground,
		texture: row.texture,
		drainage: row.drainage,
		humus: row.humus,
		cropKind: row.crop_kind,
		...(row.ph === null ? {} : { ph: row.ph }),
		acidLover: row.acid_lover === 1,
		eatenRaw: row.eaten_raw === 1,
		crop: row.crop,
		char_l: row.char_l,
		firstChar_ms: row.first_char_ms,
		share: charShareOf(row.char_l, ground),
		measuredAt_ms: row.happened_at_ms
	};
}

const bedSql = `SELECT b.id, b.name, v.act_id, v.length_m, v.width_m, v.depth_m, v.texture, v.drainage, v.humus, v.crop_kind, v.ph, v.acid_lover, v.eaten_raw, v.crop, a.happened_at_ms,
	coalesce((SELECT sum(m.volume_ml) FROM movement m WHERE m.bed_id = b.id), 0) / 1000.0 AS char_l,
	(SELECT m.happened_at_ms FROM movement m INDEXED BY movement_by_bed_and_time WHERE m.bed_id = b.id AND m.volume_ml > 0
		AND EXISTS (SELECT 1 FROM standing_act s WHERE s.id = m.act_id) ORDER BY m.happened_at_ms LIMIT 1) AS first_char_ms
	FROM bed b JOIN bed_version v ON v.bed_id = b.id JOIN standing_act a ON a.id = v.act_id
	WHERE v.id = (SELECT max(n.id) FROM bed_version n JOIN standing_act s ON s.id = n.act_id WHERE n.bed_id = b.id)`;

const spreadSql = `SELECT s.act_id AS actId, s.bed_id AS bedId, b.name AS bedName, l.code AS lotCode, s.char_l,
	-ml.volume_ml / 1000.0 AS mix_l, -ml.dry_g / 1000.0 AS char_kg, s.density_kg_per_l, s.reason, a.happened_at_ms AS at_ms, a.person
	FROM spread s JOIN standing_act a ON a.id = s.act_id JOIN bed b ON b.id = s.bed_id JOIN lot l ON l.id = s.lot_id
	JOIN movement ml ON ml.act_id = s.act_id AND ml.lot_id = s.lot_id`;

export function bedStore(db: Db) {
	const all = db.prepare<[], BedRow>(`${bedSql} ORDER BY b.name`);
	const byName = db.prepare<{ name: string }, BedRow>(`${bedSql} AND b.name = @name`);
	const idOf = db.prepare<{ name: string }, { id: number }>(
		'SELECT id FROM bed WHERE name = @name'
	);
	const insert = db.prepare('INSERT INTO bed (name) VALUES (@name)');
	const insertVersion = db.prepare(
		`INSERT INTO bed_version (bed_id, act_id, length_m, width_m, depth_m, texture, drainage, humus, crop_kind, ph, acid_lover, eaten_raw, crop)
		 VALUES (@bedId, @actId, @length_m, @width_m, @depth_m, @texture, @drainage, @humus, @cropKind, @ph, @acidLover, @eatenRaw, @crop)`
	);
	const spreads = db.prepare<{ bedId: number; most: number; skip: number }, Spread>(
		`${spreadSql} WHERE s.bed_id = @bedId ORDER BY a.happened_at_ms DESC, a.seq DESC LIMIT @most OFFSET @skip`
	);
	const spreadByAct = db.prepare<{ actId: string }, Spread>(`${spreadSql} WHERE s.act_id = @actId`);
	const spreadCount = db.prepare<{ bedId: number }, { n: number }>(
		'SELECT count(*) AS n FROM spread s JOIN standing_act a ON a.id = s.act_id WHERE s.bed_id = @bedId'
	);
	const insertSpread = db.prepare(
		'INSERT INTO spread (act_id, bed_id, lot_id, char_l, density_kg_per_l, reason) VALUES (@actId, @bedId, @lotId, @char_l, @density, @reason)'
	);
	return {
		all: (): Bed[] => all.all().map(toBed),
		maybeOne: (name: string): Bed | null => {
			const row = byName.get({ name });
			return row ? toBed(row) : null;
		},
		insertVersion: (bed: NewBed): void => {
			const bedId =
				idOf.get({ name: bed.name })?.id ?? Number(insert.run({ name: bed.name }).lastInsertRowid);
			insertVersion.run({
				...bed,
				bedId,
				acidLover: bed.acidLover ? 1 : 0,
				eatenRaw: bed.eatenRaw ? 1 : 0
			});
		},
		/** Newest first, a page of them. */
		spreads: (bedId: number, most: number, skip = 0): Spread[] =>
			spreads.all({ bedId, most, skip }),
		maybeSpread: (actId: string): Spread | null => spreadByAct.get({ actId }) ?? null,
		spreadCount: (bedId: number): number => spreadCount.get({ bedId })?.n ?? 0,
		insertSpread: (spread: {
			actId: string;
			bedId: number;
			lotId: number;
			char_l: number;
			density: number;
			reason: string;
		}): void => {
			insertSpread.run(spread);
		}
	};
}
