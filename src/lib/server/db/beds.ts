import {
	groundOf,
	charShareOf,
	type BedTraits,
	type CropKind,
	type Drainage,
	type Ground,
	type Humus,
	type Target,
	type Texture,
	type WayOfPutting
} from '../../core/beds';
import { metres, type Range } from '../../core/units';
import type { Contents, LotKind } from '../../core/ledger';
import { contentsSql, toContents } from './movements';
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

/** Anything put on a bed. */

export interface Application {
	readonly actId: string;
	readonly bedId: number;
	readonly bedName: string;
	readonly lotCode: string;
	readonly lotKind: LotKind;
	readonly lotName: string;
	/** How it was put there; a row of the table of ways. */
	readonly way: WayOfPutting;
	readonly depth_m: number | null;
	/** Litres of it that were char before they were mixed. */
	readonly char_l: number;
	readonly charLow_l: number;
	readonly charHigh_l: number;
	/** Litres taken, as it lay. */
	readonly mix_l: number;
	readonly mass_g: number;
	readonly contents: Contents;
	readonly char_kg: number;
	readonly density_kg_per_l: number;
	readonly reason: string;
	readonly at_ms: number;
	readonly person: string;
}

type ApplicationRow = Omit<Application, 'contents' | 'char_kg'> & {
	readonly contents: string | null;
};

function toApplication(row: ApplicationRow): Application {
	const contents = toContents(row.contents);
	return { ...row, contents, char_kg: (contents.char ?? 0) / 1e6 };
}

export interface NewBed {
	readonly name: string;
	readonly actId: string;
	readonly target: Target;
	readonly pieces: number;
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
const doubtByLot = (width: string) =>
	`SELECT sum(${width}) AS low FROM application p JOIN standing_act pa ON pa.id = p.act_id WHERE p.bed_id = b.id GROUP BY p.lot_id`;

const bedSql = `SELECT b.id, b.name, v.act_id, v.target, v.pieces, v.length_m, v.width_m, v.depth_m, v.texture, v.drainage, v.humus, v.crop_kind, v.ph, v.acid_lover, v.eaten_raw, v.crop, a.happened_at_ms,
	coalesce((SELECT sum(p.char_l) FROM application p JOIN standing_act pa ON pa.id = p.act_id WHERE p.bed_id = b.id), 0) AS char_l,
	coalesce((SELECT sum(low * low) FROM (${doubtByLot('p.char_l - p.char_low_l')} )), 0) AS down2,
	coalesce((SELECT sum(low * low) FROM (${doubtByLot('p.char_high_l - p.char_l')} )), 0) AS up2,
	(SELECT min(pa.happened_at_ms) FROM application p JOIN standing_act pa ON pa.id = p.act_id WHERE p.bed_id = b.id AND p.char_l > 0) AS first_char_ms
	FROM bed b JOIN bed_version v ON v.bed_id = b.id JOIN standing_act a ON a.id = v.act_id
	WHERE v.id = (SELECT max(n.id) FROM bed_version n JOIN standing_act s ON s.id = n.act_id WHERE n.bed_id = b.id)`;

const applicationSql = `SELECT s.act_id AS actId, s.bed_id AS bedId, b.name AS bedName, l.code AS lotCode, l.kind AS lotKind, l.name AS lotName, s.way, s.depth_m,
	s.char_l, s.char_low_l AS charLow_l, s.char_high_l AS charHigh_l,
	m.volume_ml / 1000.0 AS mix_l, m.mass_g, ${contentsSql} AS contents, s.density_kg_per_l, s.reason, a.happened_at_ms AS at_ms, a.person
	FROM application s JOIN standing_act a ON a.id = s.act_id JOIN bed b ON b.id = s.bed_id JOIN lot l ON l.id = s.lot_id
	JOIN movement m ON m.act_id = s.act_id AND m.bed_id = s.bed_id`;

export function bedStore(db: Db) {
	const all = db.prepare<[], BedRow>(`${bedSql} ORDER BY b.name`);
	const byName = db.prepare<{ name: string }, BedRow>(`${bedSql} AND b.name = @name`);
	const idOf = db.prepare<{ name: string }, { id: number }>(
		'SELECT b.id FROM bed b JOIN standing_act a ON a.id = b.act_id WHERE b.name = @name'
	);
	const insert = db.prepare('INSERT INTO bed (name, act_id) VALUES (@name, @actId)');
	const insertVersion = db.prepare(
		`INSERT INTO bed_version (bed_id, act_id, target, pieces, length_m, width_m, depth_m, texture, drainage, humus, crop_kind, ph, acid_lover, eaten_raw, crop)
		 VALUES (@bedId, @actId, @target, @pieces, @length_m, @width_m, @depth_m, @texture, @drainage, @humus, @cropKind, @ph, @acidLover, @eatenRaw, @crop)`
	);
	const applications = db.prepare<{ bedId: number; most: number; skip: number }, ApplicationRow>(
		`${applicationSql} WHERE s.bed_id = @bedId ORDER BY a.happened_at_ms DESC, a.seq DESC LIMIT @most OFFSET @skip`
	);
	const byAct = db.prepare<{ actId: string }, ApplicationRow>(
		`${applicationSql} WHERE s.act_id = @actId`
	);
	const count = db.prepare<{ bedId: number }, { n: number }>(
		'SELECT count(*) AS n FROM application s JOIN standing_act a ON a.id = s.act_id WHERE s.bed_id = @bedId'
	);
	const had = db.prepare<{ bedId: number }, { held: string | null }>(
		`SELECT json_group_object(p.substance, p.amount_mg) AS held FROM put_on_bed p WHERE p.bed_id = @bedId AND p.amount_mg > 0`
	);
	const hadSince = db.prepare<{ bedId: number; since_ms: number }, { held: string | null }>(
		`SELECT json_group_object(substance, mg) AS held FROM (SELECT c.substance, sum(c.amount_mg) AS mg
		 FROM movement m JOIN standing_act a ON a.id = m.act_id JOIN content c ON c.movement_id = m.id
		 WHERE m.bed_id = @bedId AND m.happened_at_ms >= @since_ms GROUP BY c.substance)`
	);
	const insertApplication = db.prepare(
		`INSERT INTO application (act_id, bed_id, lot_id, way, depth_m, char_l, char_low_l, char_high_l, density_kg_per_l, reason)
		 VALUES (@actId, @bedId, @lotId, @way, @depth_m, @char_l, @charLow_l, @charHigh_l, @density, @reason)`
	);
	return {
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
		},
		/** Newest first, a page of them. */
		applications: (bedId: number, most: number, skip = 0): Application[] =>
			applications.all({ bedId, most, skip }).map(toApplication),
		maybeApplication: (actId: string): Application | null => {
			const row = byAct.get({ actId });
			return row ? toApplication(row) : null;
		},
		applicationCount: (bedId: number): number => count.get({ bedId })?.n ?? 0,
		/** All that a bed was ever given, mg. */
		had: (bedId: number): Contents => toContents(had.get({ bedId })?.held ?? null),
		/** What it was given since a moment, mg. */
		hadSince: (bedId: number, since_ms: number): Contents =>
			toContents(hadSince.get({ bedId, since_ms })?.held ?? null),
		insertApplication: (application: {
			actId: string;
			bedId: number;
			lotId: number;
			way: WayOfPutting;
			depth_m: number | null;
			char_l: number;
			charLow_l: number;
			charHigh_l: number;
			density: number;
			reason: string;
		}): void => {
			insertApplication.run(application);
		}
	};
}
