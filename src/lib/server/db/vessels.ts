import { kilograms, metres, type Kilograms } from '../../core/units';
import {
	capacity,
	type Fittings,
	type KitEvent,
	type Shape,
	type VesselUse
} from '../../core/vessels';
import type { Db } from './open';

export interface Vessel {
	readonly id: number;
	readonly versionId: number;
	readonly name: string;
	readonly usedFor: VesselUse;
	readonly shape: Shape;
	readonly fittings: Fittings;
	readonly emptyMass?: Kilograms;
	readonly measuredAt_ms: number;
	readonly actId: string;
	readonly capacity_l: number;
}

/** Something that became of a vessel. */
export interface KitRow {
	readonly actId: string;
	readonly what: KitEvent;
	readonly words: string;
	readonly at_ms: number;
	readonly person: string;
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
	fittings_json: string;
	happened_at_ms: number;
	act_id: string;
}

function shapeOf(row: VesselRow): Shape {
	const rimWidth = metres(row.rim_width_m);
	const depth = metres(row.depth_m);
	const rimLength = metres(row.rim_length_m ?? row.rim_width_m);
	const floorWidth = metres(row.floor_width_m);
	switch (row.shape) {
		case 'trench': {
			const floorLength = metres(row.floor_length_m ?? row.floor_width_m);
			return { kind: row.shape, rimWidth, floorWidth, depth, rimLength, floorLength };
		}
		case 'lying':
		case 'pile':
			return { kind: row.shape, rimWidth, rimLength, depth };
		case 'bowl':
			return { kind: row.shape, rimWidth, depth };
		default:
			return { kind: row.shape, rimWidth, floorWidth, depth };
	}
}

function toVessel(row: VesselRow): Vessel {
	const shape = shapeOf(row);
	return {
		id: row.id,
		versionId: row.version_id,
		name: row.name,
		usedFor: row.used_for,
		shape,
		fittings: JSON.parse(row.fittings_json) as Fittings,
		...(row.empty_mass_kg === null ? {} : { emptyMass: kilograms(row.empty_mass_kg) }),
		measuredAt_ms: row.happened_at_ms,
		actId: row.act_id,
		capacity_l: capacity(shape)
	};
}

const versionSql = `SELECT v.id, vv.id AS version_id, v.name, vv.used_for, vv.shape, vv.rim_width_m, vv.floor_width_m,
	vv.rim_length_m, vv.floor_length_m, vv.depth_m, vv.empty_mass_kg, vv.fittings_json, a.happened_at_ms, vv.act_id
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
		`INSERT INTO vessel_version (vessel_id, act_id, used_for, shape, rim_width_m, floor_width_m, rim_length_m, floor_length_m, depth_m, empty_mass_kg, fittings_json)
		 VALUES (@vesselId, @actId, @usedFor, @shape, @rimWidth, @floorWidth, @rimLength, @floorLength, @depth, @emptyMass, @fittings)`
	);
	const kit = db.prepare<{ vesselId: number }, KitRow>(
		`SELECT k.act_id AS actId, k.what, k.words, a.happened_at_ms AS at_ms, a.person FROM kit_event k
		 JOIN standing_act a ON a.id = k.act_id WHERE k.vessel_id = @vesselId ORDER BY a.happened_at_ms DESC, a.seq DESC`
	);
	const ailing = db.prepare<[], { vesselId: number; words: string; what: KitEvent }>(
		`SELECT k.vessel_id AS vesselId, k.words, k.what FROM kit_event k JOIN standing_act a ON a.id = k.act_id
		 WHERE k.what <> 'changed' ORDER BY a.happened_at_ms, a.seq`
	);
	const insertKit = db.prepare(
		'INSERT INTO kit_event (act_id, vessel_id, what, words) VALUES (@actId, @vesselId, @what, @words)'
	);
	return {
		/** What became of a vessel, the newest first. */
		kit: (vesselId: number): KitRow[] => kit.all({ vesselId }),
		/** Vessels whose last word was that they failed or are worn. */
		ailing: (): Map<number, { what: KitEvent; words: string }> => {
			const last = new Map(ailing.all().map(({ vesselId, ...said }) => [vesselId, said]));
			return new Map([...last].filter(([, { what }]) => what === 'failed' || what === 'wear'));
		},
		insertKit: (event: { actId: string; vesselId: number; what: KitEvent; words: string }): void =>
			void insertKit.run(event),
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
			fittings?: Fittings | undefined;
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
				// A shape without a floor of its own keeps its rim's measures there.
				floorWidth: 'floorWidth' in shape ? shape.floorWidth : shape.rimWidth,
				depth: shape.depth,
				rimLength: 'rimLength' in shape ? shape.rimLength : null,
				floorLength:
					'floorLength' in shape
						? shape.floorLength
						: 'rimLength' in shape
							? shape.rimLength
							: null,
				fittings: JSON.stringify(vessel.fittings ?? {}),
				emptyMass: vessel.emptyMass ?? null
			});
		}
	};
}
