import { judge, type Caution, type Rule } from '../cautions';
import { bedRules } from './bed-rules';
import { lotRules } from './lot-rules';
import { pouredRules } from './poured-rules';
import type { Putting } from './putting';

/** All that is held against something on a target, by whatever door it goes there. */
export const applyingRules: readonly Rule<Putting>[] = Object.freeze([
	...lotRules,
	...pouredRules,
	...bedRules
]);

/** What speaks against a lot, wherever it is put. */
export const judgeThing = (thing: Putting['thing']): readonly Caution[] =>
	judge(lotRules, { thing });

/** What speaks against putting so much of a lot on a target, judged after it was worked out. */
export const judgeApplying = (of: Putting): readonly Caution[] => judge(applyingRules, of);

export { apart_days, around, year_ms } from './given';
export type { Around, Given } from './given';
export { lotless, pouring } from './pouring';
export { nitrogenCaps } from './bed-rules';
export type {
	CharTried,
	Poured,
	Putting,
	PutThing,
	Ripeness,
	TargetStands,
	Unproven
} from './putting';
