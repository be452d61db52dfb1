import { z } from 'zod';
import type { Facts } from '../../core/cautions';
import { jsonOf, toJson } from './json';
import type { Db } from './open';
import { writing } from './writing';

/** What spoke against an act and was answered, with the figures it rested on then. */
export interface Answered {
	readonly code: string;
	readonly facts: Facts;
	readonly reason: string;
}

const readFacts = jsonOf<Facts>(z.record(z.string(), z.union([z.string(), z.number()])));

export function answerStore(db: Db) {
	const ofAct = db.prepare<{ actId: string }, { code: string; facts: string; reason: string }>(
		'SELECT code, facts_json AS facts, reason FROM answered_caution WHERE act_id = @actId ORDER BY id'
	);
	const insert = writing(
		db,
		'INSERT INTO answered_caution (act_id, code, facts_json, reason) VALUES (@actId, @code, @facts, @reason)'
	);
	return {
		/** In the order in which they were asked. */
		of: (actId: string): Answered[] =>
			ofAct.all({ actId }).map(({ facts, ...row }) => ({ ...row, facts: readFacts(facts) })),
		insert: (actId: string, { code, facts, reason }: Answered): void => {
			insert.run({ actId, code, facts: toJson(facts, readFacts), reason });
		}
	};
}
