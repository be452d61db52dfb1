import { z } from 'zod';
import { kilograms, metres, type Kilograms } from '../../core/units';
import {
	capacity,
	type Fittings,
	type KitEvent,
	type Shape,
	type VesselUse
} from '../../core/vessels';
import { jsonOf, toJson } from './json';
import type { Db } from './open';
import { idNamed, inUse, type Things } from './things';
import { writing } from './writing';

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

export const readFittings = jsonOf<Fittings>(z.looseObject({}));

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
		fittings: readFittings(row.fittings_json),
		...(row.empty_mass_kg === null ? {} : { emptyMass: kilograms(row.empty_mass_kg) }),
		measuredAt_ms: row.happened_at_ms,
		actId: row.act_id,
		capacity_l: capacity(shape)
	};
}

const versionSql = `SELECT v.id, vv.id AS version_id, v.name, vv.used_for, vv.shape, vv.rim_width_m, vv.floor_width_m,
	vv.rim_length_m, vv.floor_length_m, vv.depth_m, vv.empty_mass_kg, vv.fittings_json, a.happened_at_ms, vv.act_id
	FROM vessel_called v JOIN vessel_version vv ON vv.vessel_id = v.id JOIN standing_act a ON a.id = vv.act_id`;
const newestOnly = `vv.id = (SELECT max(n.id) FROM vessel_version n JOIN standing_act s ON s.id = n.act_id WHERE n.vessel_id = v.id)`;

export function vesselStore(db: Db, things: Things) {
	const all = db.prepare<[], VesselRow>(
		`${versionSql} WHERE ${newestOnly} AND ${inUse('v')} ORDER BY v.name`
	);
	const byName = db.prepare<{ name: string }, VesselRow>(
		`${versionSql} WHERE v.id = ${idNamed('vessel')} AND ${newestOnly}`
	);
	const everyVersion = db.prepare<[], VesselRow>(versionSql.replace('standing_act a', 'act a'));
	const byVersion = db.prepare<{ versionId: number }, VesselRow>(
		`${versionSql.replace('standing_act a', 'act a')} WHERE vv.id = @versionId`
	);
	const insert = writing(db, 'INSERT INTO vessel (id, act_id) VALUES (@id, @actId)');
	const insertVersion = writing(
		db,
		`INSERT INTO vessel_version (vessel_id, act_id, used_for, shape, rim_width_m, floor_width_m, rim_length_m, floor_length_m, depth_m, empty_mass_kg, fittings_json)
		 VALUES (@vesselId, @actId, @usedFor, @shape, @rimWidth, @floorWidth, @rimLength, @floorLength, @depth, @emptyMass, @fittings)`
	);
	const ailing = db.prepare<[], { vesselId: number; words: string; what: KitEvent }>(
		`SELECT k.thing_id AS vesselId, json_extract(k.found_json, '$.words') AS words, json_extract(k.found_json, '$.what') AS what
		 FROM finding k JOIN standing_act a ON a.id = k.act_id
		 WHERE k.what = 'kit' AND json_extract(k.found_json, '$.what') <> 'changed' ORDER BY a.happened_at_ms, a.seq`
	);
	const insertVessel = (actId: string, name: string): number => {
		const id = things.insert(actId, 'vessel', name);
		insert.run({ id, actId });
		return id;
	};
	return {
		/** Vessels whose last word was that they failed or are worn. */
		ailing: (): Map<number, { what: KitEvent; words: string }> => {
			const last = new Map(ailing.all().map(({ vesselId, ...said }) => [vesselId, said]));
			return new Map([...last].filter(([, { what }]) => what === 'failed' || what === 'wear'));
		},
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
				things.inUse('vessel', vessel.name)?.id ?? insertVessel(vessel.actId, vessel.name);
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
				fittings: toJson(vessel.fittings ?? {}, readFittings),
				emptyMass: vessel.emptyMass ?? null
			});
		}
	};
}
