import type { Rule } from '../cautions';
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
