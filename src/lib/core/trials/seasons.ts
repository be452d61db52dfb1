import type { MeasureId } from './data/measures';
import { outcomeOf, type Outcome, type TrialBehind } from './outcome';

interface ReadOf {
	readonly n: number;
	readonly value: number;
}

/**
 * All seasons of one trial together: of each pot or plot that was read in every season the mean of what it gave as
 * a percentage of its season's mean. A pot counts once, however many seasons it stood: its seasons are no
 * replicates. What differs from season to season alike for all falls out.
 * @param seasons what was read in each, in the measure's own unit
 * @returns undefined of fewer than two seasons, or where a season's mean is not above nought
 */
export function acrossSeasons(
	behind: TrialBehind,
	measure: MeasureId,
	seasons: readonly (readonly ReadOf[])[]
): Outcome | undefined {
	if (seasons.length < 2) return undefined;
	const inEach = (seasons[0] ?? [])
		.map(({ n }) => n)
		.filter((n) => seasons.every((season) => season.some((one) => one.n === n)));
	const means = seasons.map((season) => meanOfUnits(season, inEach));
	if (inEach.length < 2 || means.some((mean) => !(mean > 0))) return undefined;
	const looks = inEach.map((n) => {
		const percents = seasons.map((season, i) => {
			const own = season.find((one) => one.n === n);
			return (100 * (own?.value ?? 0)) / (means[i] ?? 1);
		});
		return { n, at_ms: 0, value: percents.reduce((sum, one) => sum + one, 0) / percents.length };
	});
	return outcomeOf(behind, measure, looks);
}

function meanOfUnits(season: readonly ReadOf[], units: readonly number[]): number {
	const own = season.filter(({ n }) => units.includes(n));
	return own.reduce((sum, { value }) => sum + value, 0) / own.length;
}
