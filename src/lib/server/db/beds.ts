import type { MeasuredBed } from '../../input/beds';
import {
	groundOf,
	charShareOf,
	type BedTraits,
	type CropKind,
	type Drainage,
	type Ground,
	type Humus,
	type Target,
	type Texture
} from '../../core/beds';
import { metres, type Range } from '../../core/units';
import type { Db } from './open';

export interface Bed extends BedTraits {
	readonly id: number;
	readonly name: string;
	readonly actId: string;
	readonly length_m: number;
	readonly width_m: number;
	/** An area, pots or a tree, and how many of them. */
	readonly target: Target;
	readonly pieces: number;
	readonly ground: Ground;
	readonly crop: string;
	readonly eatenRaw: boolean;
	/** Litres of char put on so far, at each lot's own share when spread, with its doubt. */
	readonly char_l: number;
	readonly char: Range;
	/** When its first char went on; null before any. */
	readonly firstChar_ms: number | null;
	readonly measuredAt_ms: number;
}

export interface NewBed extends MeasuredBed {
	readonly actId: string;
}

interface BedRow {
	id: number;
	name: string;
	act_id: string;
	target: Target;
	pieces: number;
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
	down2: number;
	up2: number;
	first_char_ms: number | null;
	happened_at_ms: number;
}

function toBed(row: BedRow): Bed {
	const ground: Ground = groundOf({
		target: row.target,
		pieces: row.pieces,
		length: metres(row.length_m),
		width: metres(row.width_m),
		depth: metres(row.depth_m)
	});
	return {
		id: row.id,
		name: row.name,
		actId: row.act_id,
		length_m: row.length_m,
		width_m: row.width_m,
		target: row.target,
		pieces: row.pieces,
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
		char: {
			value: row.char_l,
			low: Math.max(0, row.char_l - Math.sqrt(row.down2)),
			high: row.char_l + Math.sqrt(row.up2)
		},
		firstChar_ms: row.first_char_ms,
		share: charShareOf(row.char_l, ground),
		measuredAt_ms: row.happened_at_ms
	};
}

// What was taken of one lot is as wrong as its share is; lots are wrong each by itself.
const bedSql = (which: string) => `WITH by_lot AS (
		SELECT p.bed_id, sum(p.char_l) AS char_l, sum(p.char_l - p.char_low_l) AS down, sum(p.char_high_l - p.char_l) AS up,
			min(iif(p.char_l > 0, pa.happened_at_ms, NULL)) AS first_ms
		FROM application p JOIN standing_act pa ON pa.id = p.act_id WHERE p.bed_id IN (SELECT b.id FROM bed b WHERE ${which}) GROUP BY p.bed_id, p.lot_id),
	had AS (SELECT bed_id, sum(char_l) AS char_l, sum(down * down) AS down2, sum(up * up) AS up2, min(first_ms) AS first_char_ms FROM by_lot GROUP BY bed_id)
	SELECT b.id, b.name, v.act_id, v.target, v.pieces, v.length_m, v.width_m, v.depth_m, v.texture, v.drainage, v.humus, v.crop_kind, v.ph, v.acid_lover, v.eaten_raw, v.crop, a.happened_at_ms,
		coalesce(h.char_l, 0) AS char_l, coalesce(h.down2, 0) AS down2, coalesce(h.up2, 0) AS up2, h.first_char_ms
	FROM bed b JOIN bed_version v ON v.bed_id = b.id JOIN standing_act a ON a.id = v.act_id LEFT JOIN had h ON h.bed_id = b.id
	WHERE v.id = (SELECT max(n.id) FROM bed_version n JOIN standing_act s ON s.id = n.act_id WHERE n.bed_id = b.id) AND ${which}`;

export function bedStore(db: Db) {
	const all = db.prepare<[], BedRow>(`${bedSql('true')} ORDER BY b.name`);
	const byName = db.prepare<{ name: string }, BedRow>(bedSql('b.name = @name'));
	const names = db.prepare<[], { name: string }>(
		'SELECT b.name FROM bed b JOIN standing_act a ON a.id = b.act_id ORDER BY b.name'
	);
	const idOf = db.prepare<{ name: string }, { id: number }>(
		'SELECT b.id FROM bed b JOIN standing_act a ON a.id = b.act_id WHERE b.name = @name'
	);
	const insert = db.prepare('INSERT INTO bed (name, act_id) VALUES (@name, @actId)');
	const insertVersion = db.prepare(
		`INSERT INTO bed_version (bed_id, act_id, target, pieces, length_m, width_m, depth_m, texture, drainage, humus, crop_kind, ph, acid_lover, eaten_raw, crop)
		 VALUES (@bedId, @actId, @target, @pieces, @length_m, @width_m, @depth_m, @texture, @drainage, @humus, @cropKind, @ph, @acidLover, @eatenRaw, @crop)`
	);
	return {
		/** Of every bed, without what it had. */
		names: (): string[] => names.all().map(({ name }) => name),
		all: (): Bed[] => all.all().map(toBed),
		maybeOne: (name: string): Bed | null => {
			const row = byName.get({ name });
			return row ? toBed(row) : null;
		},
		insertVersion: (bed: NewBed): void => {
			const bedId =
				idOf.get({ name: bed.name })?.id ??
				Number(insert.run({ name: bed.name, actId: bed.actId }).lastInsertRowid);
			insertVersion.run({
				...bed,
				bedId,
				acidLover: bed.acidLover ? 1 : 0,
				eatenRaw: bed.eatenRaw ? 1 : 0
			});
		}
	};
}
