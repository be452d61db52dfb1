import type { Ranged, SeasonAccount } from '$lib/core/accounts';
import { known, over, reckon, type Estimate, type System, type Unit } from '$lib/core/units';
import { joined } from '$lib/format/figure';
import { said, slipped, type Sentence } from '$lib/format/sentence';
import { slip, type Slip } from '$lib/format/slip';

/** Two digits: what is brought and taken is known no better. */
const two = (value: number) => Number(value.toPrecision(2));
const inTwo = ({ value, low, high }: Ranged): Ranged => ({
	value: two(value),
	low: two(low),
	high: two(high)
});

const summed = (name: string, amount: Ranged, unit: Unit) =>
	known(name, amount, unit, 'computed', 'Σ of what stands in its books');
const exact = (value: number): Ranged => ({ value, low: value, high: value });

/** The figures the answer turns on, of the newest season. */
export function accountSlips(
	{ nitrogen_g, available_g, harvest_kg }: SeasonAccount,
	area_m2: number,
	system: System | undefined
): readonly Slip[] {
	const scaled =
		(by: number) =>
		({ value, low, high }: Ranged): Ranged => ({
			value: value * by,
			low: low * by,
			high: high * by
		});
	const [ofArea, onArea] = [scaled(1 / area_m2), scaled(area_m2)];
	const each = (name: string, grams: Ranged): Estimate =>
		reckon<number>(
			(value) => value,
			over(
				summed(name, onArea(inTwo(ofArea(grams))), 'g'),
				known('area', area_m2, 'm²', 'measured', 'of this bed')
			),
			{ unit: 'g/m²', basis: 'within a season' }
		);
	const harvest = reckon<number>((value) => value, summed('harvest', inTwo(harvest_kg), 'kg'), {
		unit: 'kg',
		basis: 'as harvested'
	});
	return [
		slip('Nitrogen in all', each('nitrogen put on', exact(nitrogen_g)), system),
		slip('Likely there for the crop', each('likely there', available_g), system),
		...(harvest_kg.value > 0 ? [slip('Harvest', harvest, system)] : [])
	];
}

/** What has it had, what did it give? */
export function accountsAnswer(
	name: string,
	season: string | undefined,
	slips: readonly Slip[]
): Sentence | string {
	const [all, likely, harvest] = slips;
	if (!season || !all || !likely)
		return `${name} has had nothing yet, and gave nothing that was written down`;
	const told = (one: Slip) => slipped(joined(one), one.label);
	const gave = harvest ? said` and gave ${told(harvest)}` : ' and gave nothing that was told';
	return said`${name} had ${told(all)} of nitrogen in ${season}, about ${told(likely)} of it likely there for the crop,${gave}`;
}

/** Is nitrogen short, about right or over, where harvests are known? */
export function balanceWords({ available_g, taken, harvest_kg }: SeasonAccount): string {
	if (harvest_kg.value === 0) return 'No harvest was told, so nothing can be set against it.';
	if (available_g.low > taken.nitrogen.high)
		return 'More nitrogen was likely there than the harvest took: the rest leaches, or waits in the soil.';
	if (available_g.high < taken.nitrogen.low)
		return 'The harvest took more nitrogen than was likely there of what went on: the soil gave the rest.';
	return 'What was likely there and what the harvest took are about the same.';
}
