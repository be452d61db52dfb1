import type { SeasonAccount } from '$lib/core/accounts';
import type { System } from '$lib/core/units';
import { say, saySpan } from '$lib/format/figure';

/** What has it had, what did it give? */
export function accountsAnswer(
	name: string,
	newest: SeasonAccount | undefined,
	area_m2: number,
	system: System | undefined
): string {
	if (!newest) return `${name} has had nothing yet, and gave nothing that was written down`;
	const { season, available_g, nitrogen_g, harvest_kg } = newest;
	const gave =
		harvest_kg.value > 0
			? ` and gave ${say(harvest_kg.value, 'kg', system)}`
			: ' and gave nothing that was written down';
	if (nitrogen_g < 0.5) return `${name} had no nitrogen in ${season}${gave}`;
	const { low, high, value } = available_g;
	const two = (grams: number) => Number((grams / area_m2).toPrecision(2));
	const likely =
		high - low < value / 50
			? say(two(value), 'g/m²', system)
			: saySpan(two(low), two(high), 'g/m²', system);
	return `${name} had ${say(two(nitrogen_g), 'g/m²', system)} of nitrogen in ${season}, ${likely} of it likely there for the crop,${gave}`;
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
