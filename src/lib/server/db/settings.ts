import { z } from 'zod';
import type { Settings } from '../../input/settings';
import type { OwnMeasure, System } from '../../core/units';
import { jsonOf } from './json';
import type { Db } from './open';
import { inUse, type Things } from './things';
import { writing } from './writing';

interface SettingsRow {
	place_id: number | null;
	place: string | null;
	told_json: string | null;
	time_zone: string | null;
	system: System | null;
	currency: string | null;
	first_weekday: number | null;
	people: string;
}

interface Situated {
	readonly latitude_deg: number | null;
	readonly longitude_deg: number | null;
}

const nowhere: Situated = { latitude_deg: null, longitude_deg: null };
export const readPlace = jsonOf<Situated>(
	z.looseObject({ latitude_deg: z.number().nullable(), longitude_deg: z.number().nullable() })
);
export const readMeasure = jsonOf<{ readonly volume_l: number }>(
	z.looseObject({ volume_l: z.number() })
);
const readNames = jsonOf<string[]>(z.array(z.string()));

/** Before anybody said anything: this machine's own zone, since it mostly stands on the holding. */
export const untouchedSettings: Settings = Object.freeze({
	place: '',
	latitude: null,
	longitude: null,
	timeZone: new Intl.DateTimeFormat().resolvedOptions().timeZone,
	people: []
});

/** Where the books are kept, who keeps them, and the measures they go by. */
export function settingsStore(db: Db, things: Things) {
	const newest = db.prepare<[], SettingsRow>(
		`SELECT c.id AS place_id, c.name AS place, p.told_json, v.time_zone, v.system, v.currency, v.first_weekday,
			(SELECT json_group_array(name) FROM (SELECT w.name FROM thing_called w WHERE w.kind = 'person' AND ${inUse('w')} ORDER BY w.id)) AS people
		 FROM (SELECT 1) LEFT JOIN settings_version v ON v.id = (SELECT max(n.id) FROM settings_version n JOIN standing_act a ON a.id = n.act_id)
		 LEFT JOIN thing_version p ON p.id = v.place_version_id LEFT JOIN thing_called c ON c.id = p.thing_id`
	);
	const insert = writing(
		db,
		'INSERT INTO settings_version (act_id, place_version_id, time_zone, system, currency, first_weekday) VALUES (@actId, @placeVersionId, @timeZone, @system, @currency, @firstWeekday)'
	);
	const current = (): Settings => {
		const row = newest.get()!;
		const { place, told_json, time_zone, system, currency, first_weekday, people } = row;
		const { latitude_deg, longitude_deg } = told_json === null ? nowhere : readPlace(told_json);
		return {
			place: place ?? '',
			latitude: latitude_deg,
			longitude: longitude_deg,
			timeZone: time_zone ?? untouchedSettings.timeZone,
			...(system === null ? {} : { system }),
			...(currency === null ? {} : { currency }),
			...(first_weekday === null ? {} : { firstWeekday: first_weekday }),
			people: readNames(people)
		};
	};
	/** Where the books are: the same place told better, by its name or another. */
	function insertPlace(actId: string, { place, latitude, longitude }: Settings): number | null {
		if (place === '' && latitude === null) return null;
		const known = things.inUse('place', place)?.id ?? newest.get()?.place_id;
		const id = known ?? things.insert(actId, 'place');
		if (place !== '' && things.byId(id)?.name !== place) things.insertName(actId, id, place);
		return things.insertVersion(actId, id, { latitude_deg: latitude, longitude_deg: longitude });
	}
	/** Who is not named any more keeps no books; what they wrote stays theirs. */
	function insertPeople(actId: string, named: readonly string[]): void {
		const known = things.all('person');
		const isNamed = (name: string) => (one: string) => one.toLowerCase() === name.toLowerCase();
		for (const { id, name } of known) if (!named.some(isNamed(name))) things.insertEnd(actId, id);
		for (const name of named)
			if (!known.some((one) => isNamed(name)(one.name))) things.insert(actId, 'person', name);
	}
	return {
		current,
		insert: (actId: string, settings: Settings): void => {
			const { timeZone, people, system = null, currency = null, firstWeekday = null } = settings;
			insertPeople(actId, people);
			const placeVersionId = insertPlace(actId, settings);
			insert.run({ actId, placeVersionId, timeZone, system, currency, firstWeekday });
		},
		/** The largest first. */
		measures: (): OwnMeasure[] =>
			things
				.versioned('measure', readMeasure)
				.map(({ name, told }) => ({ name, litres: told.volume_l }))
				.sort((a, b) => b.litres - a.litres),
		insertMeasure: (actId: string, { name, litres }: OwnMeasure): void => {
			const id = things.inUse('measure', name)?.id ?? things.insert(actId, 'measure', name);
			things.insertVersion(actId, id, { volume_l: litres });
		}
	};
}
