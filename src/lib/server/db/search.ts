import type { Db } from './open';
import type { LotKind } from './ledger';

/** Something with a page of its own, found by its code or name. */
export interface Hit {
	readonly kind: LotKind | 'burn' | 'bed' | 'vessel';
	/** Its code, or the name it goes by. */
	readonly code: string;
	readonly name: string;
	/** What is left of a lot, in millilitres. */
	readonly volume_ml: number | null;
}

/** Search over everything that has a code or a name. */
export function searchStore(db: Db) {
	const exact = db.prepare<{ word: string }, Hit>(
		`SELECT l.kind, l.code, l.name, b.volume_ml FROM lot l LEFT JOIN balance b ON b.lot_id = l.id
			WHERE l.code = upper(@word)
		 UNION ALL SELECT 'burn', code, '', NULL FROM burn WHERE code = upper(@word)
		 UNION ALL SELECT 'bed', name, '', NULL FROM bed WHERE name = @word COLLATE NOCASE
		 UNION ALL SELECT 'vessel', name, '', NULL FROM vessel WHERE name = @word COLLATE NOCASE`
	);
	const isLike = "(l.code LIKE @begun ESCAPE '\\' OR l.name LIKE @within ESCAPE '\\')";
	const like = db.prepare<{ begun: string; within: string; most: number }, Hit>(
		`SELECT * FROM (
			SELECT 'bed' AS kind, name AS code, '' AS name, NULL AS volume_ml FROM bed WHERE name LIKE @within ESCAPE '\\'
			UNION ALL SELECT 'vessel', name, '', NULL FROM vessel WHERE name LIKE @within ESCAPE '\\'
			-- What is in stock is little, and is asked by itself; of the rest the newest end the search.
			UNION ALL SELECT * FROM (
				SELECT l.kind, l.code, l.name, b.volume_ml FROM balance b INDEXED BY balance_in_stock CROSS JOIN lot l ON l.id = b.lot_id
				WHERE b.volume_ml > 0 AND ${isLike} ORDER BY l.id DESC LIMIT @most)
			UNION ALL SELECT * FROM (
				SELECT l.kind, l.code, l.name, 0 FROM lot l
				WHERE ${isLike} AND NOT EXISTS (SELECT 1 FROM balance b WHERE b.lot_id = l.id AND b.volume_ml > 0)
				ORDER BY l.id DESC LIMIT @most)
			UNION ALL SELECT * FROM (
				SELECT 'burn', code, '', NULL FROM burn WHERE code LIKE @begun ESCAPE '\\' ORDER BY id DESC LIMIT @most)
		) LIMIT @most`
	);
	return {
		/** What goes by exactly this code or name. */
		exact: (word: string): Hit[] => exact.all({ word }),
		/** What begins with it or has it in its name; beds and what is in stock first. */
		like: (word: string, most: number): Hit[] => {
			const safe = word.replace(/[\\%_]/g, '\\$&');
			return like.all({ begun: `${safe}%`, within: `%${safe}%`, most });
		}
	};
}
