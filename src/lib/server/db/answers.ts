import { z } from 'zod';
import type { Facts } from '../../core/cautions';
import { groupBy } from './group';
import { jsonOf, toJson } from './json';
import type { Db } from './open';
import { writing } from './writing';

/** What spoke against an act and was answered, with the figures it rested on then. */
export interface Answered {
	readonly code: string;
	readonly facts: Facts;
	readonly reason: string;
}

export const readFacts = jsonOf<Facts>(z.record(z.string(), z.union([z.string(), z.number()])));

export function answerStore(db: Db) {
	const ofAct = db.prepare<{ actId: string }, { code: string; facts: string; reason: string }>(
		'SELECT code, facts_json AS facts, reason FROM answered_caution WHERE act_id = @actId ORDER BY id'
	);
	const ofActs = db.prepare<
		{ actIds: string },
		{ actId: string; code: string; facts: string; reason: string }
	>(
		`SELECT c.act_id AS actId, c.code, c.facts_json AS facts, c.reason
		 FROM json_each(@actIds) i CROSS JOIN answered_caution c ON c.act_id = i.value ORDER BY c.id`
	);
	const insert = writing(
		db,
		'INSERT INTO answered_caution (act_id, code, facts_json, reason) VALUES (@actId, @code, @facts, @reason)'
	);
	return {
		/** In the order in which they were asked. */
		of: (actId: string): Answered[] =>
			ofAct.all({ actId }).map(({ facts, ...row }) => ({ ...row, facts: readFacts(facts) })),
		/** The same of many acts, by their ids. */
		ofMany: (actIds: readonly string[]): ReadonlyMap<string, readonly Answered[]> =>
			groupBy(
				ofActs.all({ actIds: JSON.stringify(actIds) }),
				({ actId }) => actId,
				({ code, facts, reason }) => ({ code, facts: readFacts(facts), reason })
			),
		insert: (actId: string, { code, facts, reason }: Answered): void => {
			insert.run({ actId, code, facts: toJson(facts, readFacts), reason });
		}
	};
}
