import type { System } from '$lib/core/units';
import { say, sayRange } from '$lib/format/figure';
import { said, slipped, type Sentence } from '$lib/format/sentence';
import type { ReckonedPlan } from './reckoning';

/** What will this load give, and what must be on site? */
export function planAnswer(
	plan: ReckonedPlan | undefined,
	has: { vessels: boolean; stacks: boolean },
	system: System | undefined
): Sentence | string {
	if (!has.stacks && !has.vessels) return 'A plan needs a vessel and a stack: measure both';
	if (!has.vessels) return 'A plan needs a vessel: measure your kiln or trench';
	if (!has.stacks) return 'A plan needs a stack that may burn: measure one';
	if (!plan) return 'Tick what you would load, and see what it gives';
	const { charLitres, water } = plan.forecast;
	const char = slipped(sayRange(charLitres, system), 'Char');
	const onSite = slipped(say(water.onSite.value, 'L', system), 'Water on site');
	return said`Expect ${char} of char; have ${onSite} of water on site`;
}
