import type { System } from '$lib/core/units';
import { say, sayRange } from '$lib/format/figure';
import { said, slipped, type Sentence } from '$lib/format/sentence';
import type { ReckonedPlan } from './reckoning';

/** What will this load give, and what must be on site? */
export function planAnswer(
	plan: ReckonedPlan | undefined,
	{ isExample, system }: { readonly isExample: boolean; readonly system: System | undefined }
): Sentence | string {
	if (!plan) return 'Choose a vessel and tick what you would load, and see what it gives';
	const { charLitres, water } = plan.forecast;
	const char = slipped(sayRange(charLitres, system), 'Char');
	const onSite = slipped(say(water.onSite.value, 'L', system), 'Water on site');
	return said`${isExample ? 'For example: expect' : 'Expect'} ${char} of char; have ${onSite} of water on site`;
}
