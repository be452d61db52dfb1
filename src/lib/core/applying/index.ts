import { judge, type Caution } from '../cautions';
import { lotRules } from './lot-rules';
import { applyingRules } from './every-rule';
import type { Putting } from './putting';

/** What speaks against a lot, wherever it is put. */
export const judgeThing = (thing: Putting['thing']): readonly Caution[] =>
	judge(lotRules, { thing });

/** What speaks against putting so much of a lot on a target, judged after it was worked out. */
export const judgeApplying = (of: Putting): readonly Caution[] => judge(applyingRules, of);

export { applyingRules } from './every-rule';
export { harvestRules } from './harvest-rules';
export type { Harvesting } from './harvest-rules';
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
export { limePh, ringRound } from './lime-rules';
export { potashTaken, stoneFor, verdictOf } from './verdict';
export type { AshAtHand, AshDose, BedVerdict, VerdictAsked } from './verdict';
