import type { Db } from './open';
import { kinds, namedKinds, type Place } from '../../core/kinds';
import { inUse } from './things';

/** Something with a page of its own, found by its code or name. */
export interface Hit {
	readonly kind: Place;
	/** Its code, or the name it goes by. */
	readonly code: string;
	readonly name: string;
	/** What is left of a lot, in microlitres. */
	readonly volume_ul: number | null;
}

/** What goes by a code and is no lot has a table of its name. */
const coded = kinds.flatMap((kind) => ('letter' in kind && kind.of !== 'lot' ? [kind.id] : []));

/** Search over everything that has a code or a name. */
export function searchStore(db: Db) {
	const stands = (id: string) => `EXISTS (SELECT 1 FROM standing_act s WHERE s.id = ${id})`;
	const named = `(${namedKinds.map(({ id }) => `'${id}'`).join(', ')})`;
	const exactly = [
		`SELECT l.kind, l.code, l.name, b.volume_ul FROM lot l LEFT JOIN balance b ON b.lot_id = l.id WHERE l.code = upper(@word)`,
		...coded.map(
			(kind) =>
				`SELECT '${kind}' AS kind, code, '' AS name, NULL AS volume_ul FROM ${kind} WHERE code = upper(@word)`
		),
		`SELECT c.kind, c.name AS code, '' AS name, NULL AS volume_ul FROM thing_name n CROSS JOIN thing_called c ON c.id = n.thing_id
		 WHERE n.name = @word AND c.name = @word COLLATE NOCASE AND c.kind IN ${named} AND ${stands('c.act_id')} GROUP BY c.id ORDER BY ${inUse('c')} DESC`
	].map((sql) => db.prepare<{ word: string }, Hit>(sql));
	const isLike = "(l.code LIKE @begun ESCAPE '\\' OR l.name LIKE @within ESCAPE '\\')";
	// What is in stock is little, and is asked by itself; of the rest the newest end the search.
	const likely = [
		// People choose few names: beds first, then the rest in the order of their kinds.
		`SELECT c.kind, c.name AS code, '' AS name, NULL AS volume_ul FROM thing_called c
		 WHERE c.kind IN ${named} AND c.name LIKE @within ESCAPE '\\' AND ${inUse('c')} ORDER BY c.kind, c.name LIMIT @most`,
		`SELECT l.kind, l.code, l.name, b.volume_ul FROM balance b INDEXED BY balance_in_stock CROSS JOIN lot l ON l.id = b.lot_id
			WHERE b.volume_ul > 0 AND ${isLike} ORDER BY l.id DESC LIMIT @most`,
		`SELECT l.kind, l.code, l.name, 0 AS volume_ul FROM lot l
			WHERE ${isLike} AND NOT EXISTS (SELECT 1 FROM balance b WHERE b.lot_id = l.id AND b.volume_ul > 0)
			ORDER BY l.id DESC LIMIT @most`,
		...coded.map(
			(kind) =>
				`SELECT '${kind}' AS kind, code, '' AS name, NULL AS volume_ul FROM ${kind} WHERE code LIKE @begun ESCAPE '\\' ORDER BY id DESC LIMIT @most`
		)
	].map((sql) => db.prepare<{ begun?: string; within?: string; most: number }, Hit>(sql));
	const saidOf = "json_extract(f.found_json, '$.words')";
	const remarked = [
		`SELECT c.kind, c.name AS code, ${saidOf} AS name, NULL AS volume_ul FROM finding f JOIN standing_act a ON a.id = f.act_id
		 CROSS JOIN thing_called c ON c.id = f.thing_id AND c.kind IN ${named} WHERE f.what = 'remark' AND ${saidOf} LIKE @within ESCAPE '\\' ORDER BY f.id DESC LIMIT @most`,
		`SELECT l.kind, l.code, ${saidOf} AS name, b.volume_ul FROM finding f JOIN standing_act a ON a.id = f.act_id
		 CROSS JOIN lot l ON l.id = f.thing_id LEFT JOIN balance b ON b.lot_id = l.id WHERE f.what = 'remark' AND ${saidOf} LIKE @within ESCAPE '\\' ORDER BY f.id DESC LIMIT @most`
	].map((sql) => db.prepare<{ within: string; most: number }, Hit>(sql));
	const names = [
		`SELECT c.name FROM thing_called c WHERE c.kind IN ${named} AND ${inUse('c')}`,
		`SELECT l.name FROM balance b INDEXED BY balance_in_stock CROSS JOIN lot l ON l.id = b.lot_id WHERE b.volume_ul > 0`
	].map((sql) => db.prepare<[], { name: string }>(sql));
	const safely = (word: string) => word.replace(/[\\%_]/g, '\\$&');
	return {
		/** Names of what is in use or in stock, some of them more than once. */
		names: (): string[] => names.flatMap((asked) => asked.all().map(({ name }) => name)),
		/** What goes by exactly this code or name. */
		exact: (word: string): Hit[] => exactly.flatMap((asked) => asked.all({ word })),
		/** What begins with it or has it in its name; beds and what is in stock first. */
		like: (word: string, most: number): Hit[] => {
			const safe = safely(word);
			const found: Hit[] = [];
			for (const asked of likely) {
				if (found.length >= most) break;
				found.push(...asked.all({ begun: `${safe}%`, within: `%${safe}%`, most }));
			}
			return found.slice(0, most);
		},
		/** Beds, vessels and lots of which somebody wrote it, the newest first, with what was written. */
		remarked: (word: string, most: number): Hit[] =>
			remarked.flatMap((asked) => asked.all({ within: `%${safely(word)}%`, most }))
	};
}
