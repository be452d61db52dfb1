import type { NitrogenVerdict } from '$lib/core/charging';
import { materialOf } from '$lib/core/materials';
import { inLitres, type System } from '$lib/core/units';
import { say, sayRange } from '$lib/format/figure';
import { sayDay, type Almanac } from '$lib/format/dates';
import { figured, said, slipped, type Sentence } from '$lib/format/sentence';
import { capital, list } from '$lib/format/words';
import { onTheSpot } from '$lib/input/spot';
import type { ReckonedPlan } from './reckoning';

const fed: Readonly<Record<NitrogenVerdict, string>> = {
	'too-little': 'it would stay hungry',
	partial: 'it will be partly fed',
	full: 'it will be fed',
	wasteful: 'more nitrogen than it can hold',
	'fed-by-curing': 'it will be fed by curing'
};

/** Its litres: those of a lot lead to its books, where all of it is taken; a part, or what is in no books, is as typed. */
export function charTold(
	{ char, volume }: Pick<ReckonedPlan, 'char' | 'volume'>,
	system: System | undefined
): Sentence {
	const words = say(volume, 'L', system);
	const isWhole = char.code !== onTheSpot && Math.abs(volume - inLitres(char.volume_ul)) < 1e-6;
	return isWhole ? [figured(words, 'lot', char.code, 'litres')] : [words];
}

/** What do I add to this char, how much, and will it be fed? */
export function chargePlanAnswer(
	plan: ReckonedPlan | undefined,
	isExample: boolean,
	system: System | undefined,
	almanac: Almanac
): Sentence | string {
	if (!plan) return 'Choose the char, how much of it and a school';
	const { charge, window, char } = plan;
	const partner = materialOf(plan.partner);
	const ready =
		window.usable_ms === null
			? 'too cold to cure'
			: said`ready ${slipped(sayDay(window.usable_ms, almanac), 'Earliest')} at the earliest`;
	const water =
		charge.water.value >= 0.5
			? said` and ${slipped(sayRange(charge.water, system), capital(plan.wetWith))} of ${plan.wetWith}`
			: '';
	const added = slipped(say(charge.partner.value, 'L', system), capital(partner.name));
	const isTyped = char.code === onTheSpot;
	const part = charTold(plan, system);
	const of = isTyped ? `${char.state} char` : char.code;
	const besides = charge.extras.reduce<Sentence | string>((sentence, { composition, litres }) => {
		const { name } = materialOf(composition.material);
		return said`${sentence}, ${slipped(say(litres, 'L', system), capital(name))} of ${name}`;
	}, '');
	if (plan.school.kind === 'bed')
		return said`Spread ${part} of ${of} raw and thin, under manure or chips: nothing sensitive there for a season`;
	return said`${isExample ? 'For example: add' : 'Add'} ${added} of ${partner.name}${besides}${water} to ${part} of ${of}: ${fed[charge.nitrogen.verdict]}, ${ready}`;
}

const fedBest: readonly NitrogenVerdict[] = [
	'full',
	'fed-by-curing',
	'partial',
	'wasteful',
	'too-little'
];

/** Which schools are ready by the day it is wanted, and the best fed of them. */
export function inTimeWords(
	plans: ReadonlyMap<string, ReckonedPlan | undefined>,
	needed_ms: number,
	almanac: Almanac
): string {
	const inTime = [...plans.values()].filter(
		(plan): plan is ReckonedPlan =>
			plan !== undefined &&
			plan.school.kind !== 'bed' &&
			plan.window.usable_ms !== null &&
			plan.window.usable_ms <= needed_ms
	);
	const by = sayDay(needed_ms, almanac);
	if (inTime.length === 0) return `None of them is ready by ${by} at this warmth.`;
	const rank = ({ charge }: ReckonedPlan) => fedBest.indexOf(charge.nitrogen.verdict);
	const best = [...inTime].sort(
		(a, b) => rank(a) - rank(b) || (b.window.best_ms ?? Infinity) - (a.window.best_ms ?? Infinity)
	)[0]!;
	return `Ready by ${by}: ${list(inTime.map(({ school }) => school.name))}; of these the ${best.school.name} feeds it best.`;
}
