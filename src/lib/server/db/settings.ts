import type { Settings } from '../../input/settings';
import type { OwnMeasure, System } from '../../core/units';
import type { Db } from './open';

interface SettingsRow {
	place: string;
	latitude_deg: number | null;
	longitude_deg: number | null;
	time_zone: string;
	system: System | null;
	people_json: string;
}

/** Before anybody said anything: this machine's own zone, since it mostly stands on the holding. */
export const untouchedSettings: Settings = Object.freeze({
	place: '',
	latitude: null,
	longitude: null,
	timeZone: new Intl.DateTimeFormat().resolvedOptions().timeZone,
	people: []
});

export function settingsStore(db: Db) {
	const newest = db.prepare<[], SettingsRow>(
		'SELECT v.* FROM settings_version v JOIN standing_act a ON a.id = v.act_id ORDER BY v.id DESC LIMIT 1'
	);
	const insert = db.prepare(
		'INSERT INTO settings_version (act_id, place, latitude_deg, longitude_deg, time_zone, system, people_json) VALUES (@actId, @place, @latitude, @longitude, @timeZone, @system, @people)'
	);
	const measures = db.prepare<[], { name: string; litres: number }>(
		`SELECT m.name, v.volume_l AS litres FROM measure m JOIN measure_version v ON v.measure_id = m.id
		 WHERE v.id = (SELECT max(n.id) FROM measure_version n JOIN standing_act s ON s.id = n.act_id WHERE n.measure_id = m.id)
		 ORDER BY v.volume_l DESC`
	);
	const measureId = db.prepare<{ name: string }, { id: number }>(
		'SELECT id FROM measure WHERE name = @name'
	);
	const insertMeasure = db.prepare('INSERT INTO measure (name) VALUES (@name)');
	const insertVersion = db.prepare(
		'INSERT INTO measure_version (measure_id, act_id, volume_l) VALUES (@measureId, @actId, @litres)'
	);
	return {
		current: (): Settings => {
			const row = newest.get();
			if (!row) return untouchedSettings;
			return {
				place: row.place,
				latitude: row.latitude_deg,
				longitude: row.longitude_deg,
				timeZone: row.time_zone,
				...(row.system === null ? {} : { system: row.system }),
				people: JSON.parse(row.people_json) as string[]
			};
		},
		insert: (actId: string, s: Settings): void => {
			insert.run({
				actId,
				place: s.place,
				latitude: s.latitude,
				longitude: s.longitude,
				timeZone: s.timeZone,
				system: s.system ?? null,
				people: JSON.stringify(s.people)
			});
		},
		measures: (): OwnMeasure[] => measures.all(),
		insertMeasure: (actId: string, measure: OwnMeasure): void => {
			const id =
				measureId.get({ name: measure.name })?.id ??
				Number(insertMeasure.run({ name: measure.name }).lastInsertRowid);
			insertVersion.run({ measureId: id, actId, litres: measure.litres });
		}
	};
}
