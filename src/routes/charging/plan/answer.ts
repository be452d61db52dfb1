import type { NitrogenVerdict } from '$lib/core/charging';
import { materialOf } from '$lib/core/materials';
import type { System } from '$lib/core/units';
import { say, sayRange } from '$lib/format/figure';
import { sayDay, type Almanac } from '$lib/format/dates';
import { figured, said, slipped, type Sentence } from '$lib/format/sentence';
import { capital } from '$lib/format/words';
import type { ReckonedPlan } from './reckoning';

const fed: Readonly<Record<NitrogenVerdict, string>> = {
	'too-little': 'it would stay hungry',
	partial: 'it will be partly fed',
	full: 'it will be fed',
	wasteful: 'more nitrogen than it can hold',
	'fed-by-curing': 'it will be fed by curing'
};

/** What do I add to this char, how much, and will it be fed? */
export function chargePlanAnswer(
	plan: ReckonedPlan | undefined,
	hasChar: boolean,
	system: System | undefined,
	almanac: Almanac
): Sentence | string {
	if (!hasChar) return 'No char to charge yet: it comes from a proven fire';
	if (!plan) return 'Choose the char, how much of it and a school';
	const { charge, window, volume, char } = plan;
	const partner = materialOf(plan.partner);
	const ready =
		window.usable_ms === null
			? 'too cold to cure'
			: said`ready ${slipped(sayDay(window.usable_ms, almanac), 'Earliest')} at the earliest`;
	const water =
		charge.water.value >= 0.5
			? said` and ${slipped(sayRange(charge.water, system), 'Rain water')} of rain water`
			: '';
	const added = slipped(say(charge.partner.value, 'L', system), capital(partner.name));
	const part = figured(say(volume, 'L', system), 'lot', char.code, 'litres');
	return said`Add ${added} of ${partner.name}${water} to ${part} of ${char.code}: ${fed[charge.nitrogen.verdict]}, ${ready}`;
}
