import { kilograms, metres, type Kilograms } from '../../core/units';
import { capacity, type Shape, type VesselUse } from '../../core/vessels';
import type { Db } from './open';

export interface Vessel {
	readonly id: number;
	readonly versionId: number;
	readonly name: string;
	readonly usedFor: VesselUse;
	readonly shape: Shape;
	readonly emptyMass?: Kilograms;
	readonly measuredAt_ms: number;
	readonly actId: string;
	readonly capacity_l: number;
}

interface VesselRow {
	id: number;
	version_id: number;
	name: string;
	used_for: VesselUse;
	shape: Shape['kind'];
	rim_width_m: number;
	floor_width_m: number;
	rim_length_m: number | null;
	floor_length_m: number | null;
	depth_m: number;
	empty_mass_kg: number | null;
	happened_at_ms: number;
	act_id: string;
}

function toVessel(row: VesselRow): Vessel {
	const flat = {
		rimWidth: metres(row.rim_width_m),
		floorWidth: metres(row.floor_width_m),
		depth: metres(row.depth_m)
	};
	const shape: Shape =
		row.shape !== 'trench'
			? { kind: row.shape, ...flat }
			: {
					kind: 'trench',
					...flat,
					rimLength: metres(row.rim_length_m ?? 0),
					floorLength: metres(row.floor_length_m ?? 0)
				};
	return {
		id: row.id,
		versionId: row.version_id,
		name: row.name,
		usedFor: row.used_for,
		shape,
		...(row.empty_mass_kg === null ? {} : { emptyMass: kilograms(row.empty_mass_kg) }),
		measuredAt_ms: row.happened_at_ms,
		actId: row.act_id,
		capacity_l: capacity(shape)
	};
}

const versionSql = `SELECT v.id, vv.id AS version_id, v.name, vv.used_for, vv.shape, vv.rim_width_m, vv.floor_width_m,
	vv.rim_length_m, vv.floor_length_m, vv.depth_m, vv.empty_mass_kg, a.happened_at_ms, vv.act_id
	FROM vessel v JOIN vessel_version vv ON vv.vessel_id = v.id JOIN standing_act a ON a.id = vv.act_id`;
const newestOnly = `vv.id = (SELECT max(n.id) FROM vessel_version n JOIN standing_act s ON s.id = n.act_id WHERE n.vessel_id = v.id)`;

export function vesselStore(db: Db) {
	const all = db.prepare<[], VesselRow>(`${versionSql} WHERE ${newestOnly} ORDER BY v.name`);
	const byName = db.prepare<{ name: string }, VesselRow>(
		`${versionSql} WHERE v.name = @name AND ${newestOnly}`
	);
	const everyVersion = db.prepare<[], VesselRow>(versionSql.replace('standing_act a', 'act a'));
	const byVersion = db.prepare<{ versionId: number }, VesselRow>(
		`${versionSql.replace('standing_act a', 'act a')} WHERE vv.id = @versionId`
	);
	const idOf = db.prepare<{ name: string }, { id: number }>(
		'SELECT v.id FROM vessel v JOIN standing_act a ON a.id = v.act_id WHERE v.name = @name'
	);
	const insert = db.prepare('INSERT INTO vessel (name, act_id) VALUES (@name, @actId)');
	const insertVersion = db.prepare(
		`INSERT INTO vessel_version (vessel_id, act_id, used_for, shape, rim_width_m, floor_width_m, rim_length_m, floor_length_m, depth_m, empty_mass_kg)
		 VALUES (@vesselId, @actId, @usedFor, @shape, @rimWidth, @floorWidth, @rimLength, @floorLength, @depth, @emptyMass)`
	);
	return {
		all: (): Vessel[] => all.all().map(toVessel),
		maybeOne: (name: string): Vessel | null => {
			const row = byName.get({ name });
			return row ? toVessel(row) : null;
		},
		/** Every version ever measured, by its id: burns keep the one they were made with. */
		versions: (): Map<number, Vessel> =>
			new Map(everyVersion.all().map((row) => [row.version_id, toVessel(row)])),
		version: (versionId: number): Vessel | null => {
			const row = byVersion.get({ versionId });
			return row ? toVessel(row) : null;
		},
		insertVersion: (vessel: {
			name: string;
			actId: string;
			usedFor: VesselUse;
			shape: Shape;
			emptyMass?: Kilograms | undefined;
		}): void => {
			const { shape } = vessel;
			const vesselId =
				idOf.get({ name: vessel.name })?.id ??
				Number(insert.run({ name: vessel.name, actId: vessel.actId }).lastInsertRowid);
			insertVersion.run({
				vesselId,
				actId: vessel.actId,
				usedFor: vessel.usedFor,
				shape: shape.kind,
				rimWidth: shape.rimWidth,
				floorWidth: shape.floorWidth,
				depth: shape.depth,
				rimLength: shape.kind === 'trench' ? shape.rimLength : null,
				floorLength: shape.kind === 'trench' ? shape.floorLength : null,
				emptyMass: vessel.emptyMass ?? null
			});
		}
	};
}
