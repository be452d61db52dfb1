import type { MeasuredBed } from '../../input/beds';
import { factNames } from '../../core/beds';
import { atLast, toBed, type Bed, type BedRow, type CharOfLot, type Within } from './bed-row';
import type { Db } from './open';
import { inUse, mergedInto, type Things } from './things';
import { writing } from './writing';

export { atLast, type Bed, type Within } from './bed-row';

/** A measuring of a target; of a part, where it lies in its whole. */
export type NewBed = Pick<
	MeasuredBed,
	'name' | 'target' | 'pieces' | 'length_m' | 'width_m' | 'depth_m'
> &
	Partial<Pick<MeasuredBed, 'texture' | 'drainage' | 'humus'>> & {
		readonly actId: string;
		readonly within?: Pick<Within, 'bedId' | 'place'>;
	};

const placed = (place?: Within['place']) => ({
	along_m: place && 'along' in place ? place.along : null,
	across_m: place && 'across' in place ? place.across : null,
	piecesBefore: place && 'piecesBefore' in place ? place.piecesBefore : null
});

const newestVersion = (bed: string) =>
	`(SELECT max(n.id) FROM bed_version n JOIN standing_act s ON s.id = n.act_id WHERE n.bed_id = ${bed})`;

/**
 * A target and all whose history counts to it: what was merged into it, and its parts.
 * @param beds a SELECT of ids
 */
export const countedAt = (beds: string): string =>
	`counted(bed_id, part_id) AS (
		SELECT id, id FROM (${beds})
		UNION SELECT c.bed_id, coalesce(e.thing_id, v.bed_id) FROM counted c CROSS JOIN (VALUES ('merged'), ('part')) AS how
			LEFT JOIN thing_end e ON how.column1 = 'merged' AND e.into_id = c.part_id
			LEFT JOIN bed_version v ON how.column1 = 'part' AND v.within_id = c.part_id
			WHERE EXISTS (SELECT 1 FROM standing_act s WHERE s.id = coalesce(e.act_id, v.act_id))
	)`;

const untreatedOf = (bed: string) =>
	`(SELECT json_group_array(json_object('firstDay', f.first_day, 'lastDay', f.last_day)) FROM finding f
		JOIN standing_act fa ON fa.id = f.act_id WHERE f.thing_id = ${bed} AND f.what = 'untreated'
			-- Said again of the same first day, it ends otherwise: the newest word stands.
			AND NOT EXISTS (SELECT 1 FROM finding g JOIN standing_act ga ON ga.id = g.act_id
				WHERE g.thing_id = f.thing_id AND g.what = 'untreated' AND g.first_day = f.first_day AND g.id > f.id))`;

const partsOf = (bed: string) =>
	`(SELECT json_group_array(json_object('id', pv.bed_id, 'name', pc.name, 'target', pv.target, 'length', pv.length_m, 'width', pv.width_m,
			'depth', pv.depth_m, 'pieces', pv.pieces, 'untreated', json(${untreatedOf('pv.bed_id')})))
		FROM bed_version pv JOIN thing_called pc ON pc.id = pv.bed_id AND ${inUse('pc')}
		WHERE pv.within_id = ${bed} AND pv.id = ${newestVersion('pv.bed_id')})`;

const factsOf = (bed: string) =>
	`(SELECT json_group_array(json_object('what', f.what, 'found', f.found_json, 'firstDay', f.first_day, 'lastDay', f.last_day, 'way', f.way, 'seq', fa.seq))
		FROM finding f JOIN standing_act fa ON fa.id = f.act_id
		WHERE f.thing_id = ${bed} AND f.what IN (${factNames.map((name) => `'${name}'`).join(', ')}))`;

// What was taken of one lot is as wrong as its share is; lots are wrong each by itself.
const bedSql = (
	which: string
) => `WITH RECURSIVE ${countedAt(`SELECT b.id FROM bed b WHERE ${which}`)},
	by_lot AS (
		SELECT c.bed_id, sum(p.char_l) AS char_l, sum(p.char_l - p.char_low_l) AS down, sum(p.char_high_l - p.char_l) AS up,
			min(iif(p.char_l > 0, pa.happened_at_ms, NULL)) AS first_ms
		-- From the few beds asked for by index; the planner would go through every act.
		FROM counted c CROSS JOIN application p ON p.bed_id = c.part_id CROSS JOIN standing_act pa ON pa.id = p.act_id GROUP BY c.bed_id, p.lot_id),
	had AS (SELECT bed_id, sum(char_l) AS char_l, sum(down * down) AS down2, sum(up * up) AS up2, min(first_ms) AS first_char_ms FROM by_lot GROUP BY bed_id)
	SELECT b.id, b.name, v.act_id, v.target, v.pieces, v.length_m, v.width_m, v.depth_m, v.texture, v.drainage, v.humus,
		v.within_id, v.along_m, v.across_m, v.pieces_before, a.happened_at_ms, ${factsOf('b.id')} AS facts_json, ${partsOf('b.id')} AS parts_json,
		coalesce(h.char_l, 0) AS char_l, coalesce(h.down2, 0) AS down2, coalesce(h.up2, 0) AS up2, h.first_char_ms
	FROM bed_called b JOIN bed_version v ON v.bed_id = b.id JOIN standing_act a ON a.id = v.act_id LEFT JOIN had h ON h.bed_id = b.id
	WHERE v.id = ${newestVersion('b.id')} AND ${which}`;

/** Targets: beds, pots, trees, paths and parts of them. */
export function bedStore(db: Db, things: Things) {
	const all = db.prepare<[], BedRow>(`${bedSql(inUse('b'))} ORDER BY b.name`);
	const some = db.prepare<{ ids: string }, BedRow>(
		bedSql('b.id IN (SELECT value FROM json_each(@ids))')
	);
	const byId = db.prepare<{ id: number }, BedRow>(bedSql('b.id = @id'));
	const ids = db
		.prepare<[], number>(`SELECT b.id FROM bed_called b WHERE ${inUse('b')} ORDER BY b.name`)
		.pluck();
	const partsEver = db.prepare<[], { id: number; to: number }>(
		'SELECT DISTINCT v.bed_id AS id, v.within_id AS "to" FROM bed_version v WHERE v.within_id IS NOT NULL'
	);
	const mergedEver = db.prepare<[], { id: number; to: number }>(
		'SELECT e.thing_id AS id, e.into_id AS "to" FROM thing_end e CROSS JOIN bed b ON b.id = e.thing_id WHERE e.into_id IS NOT NULL'
	);
	// As they stand: what was marked out or merged by an act that was taken back counts to nothing.
	const partsNow = db.prepare<[], { id: number; to: number }>(
		`SELECT v.bed_id AS id, v.within_id AS "to" FROM bed_version v WHERE v.within_id IS NOT NULL AND v.id = ${newestVersion('v.bed_id')}`
	);
	const mergedNow = db.prepare<[], { id: number; to: number }>(
		'SELECT e.thing_id AS id, e.into_id AS "to" FROM thing_end e CROSS JOIN bed b ON b.id = e.thing_id JOIN standing_act s ON s.id = e.act_id WHERE e.into_id IS NOT NULL'
	);
	const names = db
		.prepare<[], string>(`SELECT b.name FROM bed_called b WHERE ${inUse('b')} ORDER BY b.name`)
		.pluck();
	const hadByLot = db.prepare<{ id: number }, CharOfLot>(
		`SELECT p.lot_id AS lotId, strftime('%Y-%m-%d', a.happened_at_ms / 1000, 'unixepoch') AS day, a.happened_at_ms AS at_ms,
			p.char_l, p.char_l - p.char_low_l AS down, p.char_high_l - p.char_l AS up
		 FROM application p JOIN standing_act a ON a.id = p.act_id WHERE p.char_l > 0 AND p.bed_id IN ${mergedInto('@id')}`
	);
	const insert = writing(db, 'INSERT INTO bed (id, act_id) VALUES (@id, @actId)');
	const insertVersion = writing(
		db,
		`INSERT INTO bed_version (bed_id, act_id, target, pieces, length_m, width_m, depth_m, texture, drainage, humus, within_id, along_m, across_m, pieces_before)
		 VALUES (@bedId, @actId, @target, @pieces, @length_m, @width_m, @depth_m, @texture, @drainage, @humus, @withinId, @along_m, @across_m, @piecesBefore)`
	);
	/** A part takes from its whole what it lacks, and what fell to it of what the whole had. */
	const whole = (row: BedRow, day: string): Bed => {
		const of = row.within_id === null ? undefined : byId.get({ id: row.within_id });
		return of
			? toBed(row, day, { bed: whole(of, day), had: hadByLot.all({ id: of.id }) })
			: toBed(row, day);
	};
	const maybeId = (id: number, day: string): Bed | null => {
		const row = byId.get({ id });
		return row ? whole(row, day) : null;
	};
	const insertBed = (actId: string, name: string): number => {
		const id = things.insert(actId, 'bed', name);
		insert.run({ id, actId });
		return id;
	};
	return {
		/** Of every bed in use, without what it had. */
		names: (): string[] => names.all(),
		/** Ids of those in use, parts among them, by name. */
		ids: (): number[] => ids.all(),
		/** Some of them as they stand on a local day, by their ids. */
		some: (wanted: readonly number[], day = atLast): ReadonlyMap<number, Bed> =>
			new Map(some.all({ ids: JSON.stringify(wanted) }).map((row) => [row.id, whole(row, day)])),
		/** What each part is of, and into what each was merged, as it stands. */
		wholes: (): { id: number; to: number }[] => [...partsNow.all(), ...mergedNow.all()],
		/** Which was ever part of which, or merged into which. */
		bonds: (): { id: number; to: number }[] => [...partsEver.all(), ...mergedEver.all()],
		/** Those in use, parts among them, as they stand on a local day. */
		all: (day = atLast): Bed[] => all.all().map((row) => whole(row, day)),
		maybeOne: (name: string, day = atLast): Bed | null => {
			const thing = things.maybeOne('bed', name);
			return thing && maybeId(thing.id, day);
		},
		byId: (id: number, day = atLast): Bed | null => maybeId(id, day),
		/** Measured, or measured again. @returns its id */
		insertVersion: (bed: NewBed): number => {
			const { within, actId, name, target, pieces, length_m, width_m, depth_m } = bed;
			const bedId = things.inUse('bed', name)?.id ?? insertBed(actId, name);
			insertVersion.run({
				...{ bedId, actId, target, pieces, length_m, width_m, depth_m },
				texture: bed.texture ?? null,
				drainage: bed.drainage ?? null,
				humus: bed.humus ?? null,
				withinId: within?.bedId ?? null,
				...placed(within?.place)
			});
			return bedId;
		}
	};
}
