import { mean, sampleStandardDeviation } from 'simple-statistics';
import {
	found,
	known,
	litres,
	share,
	type Estimate,
	type Litres,
	type Range,
	type Share,
	type System
} from '$lib/core/units';
import { joined, show } from '$lib/format/figure';
import { said, slipped, type Sentence } from '$lib/format/sentence';
import { capital, count, list } from '$lib/format/words';

/** What one burn gave. */
export interface Given {
	readonly code: string;
	readonly litres: number;
	readonly massYield: number;
}

/** Burns that a figure names one by one; the formula tells how many there are in all. */
const mostNamed = 12;

const z80 = 1.2815515655446004;

/** Mean of own burns; the range is where eight of ten single burns fall, mean ± 1.28 s. */
function spreadOf(values: readonly number[], most: number): Range {
	const value = mean([...values]);
	const reach = values.length > 1 ? z80 * sampleStandardDeviation([...values]) : 0;
	return { value, low: Math.max(0, value - reach), high: Math.min(most, value + reach) };
}

/** What a burn gives here: char and yield, over the newest finished burns; undefined before the first. */
export function ownMeans(
	burnt: readonly Given[]
): { volume: Estimate<Litres>; massYield: Estimate<Share> } | undefined {
	if (burnt.length === 0) return undefined;
	const meanOf = <Q extends number>(
		brand: (value: number) => Q,
		[unit, most, basis]: readonly [unit: 'L' | 'share', most: number, basis: string],
		pick: (row: Given) => number
	) =>
		found(
			brand,
			known(
				'mean of own burns',
				spreadOf(burnt.map(pick), most),
				unit,
				'own',
				`mean of ${burnt.length} own burns ± 1.28 standard deviations`
			),
			burnt
				.slice(0, mostNamed)
				.map((row) => known(row.code, pick(row), unit, 'own', 'as recorded')),
			{ unit, basis }
		);
	return {
		volume: meanOf(litres, ['L', 1e7, 'char whole, loose, per burn'], (row) => row.litres),
		massYield: meanOf(
			share,
			['share', 1, 'dry char per dry wood burned, by mass'],
			(row) => row.massYield
		)
	};
}

export interface FiresFacts {
	readonly given: readonly Given[];
	/** Codes of fires not proven out. */
	readonly hot: readonly string[];
	readonly planned: number;
}

/** Which fires need me; what do mine give? */
export function firesAnswer(
	{ given, hot, planned }: FiresFacts,
	system: System | undefined
): Sentence | string {
	const means = ownMeans(given);
	if (!means)
		return planned > 0
			? `${capital(count(planned, 'burn is', 'burns are'))} planned`
			: 'No fire yet: plan the first and see what it gives';
	const char = slipped(joined(show(means.volume, system)), 'Char a burn');
	const part = slipped(joined(show(means.massYield, system)), 'Yield');
	const gives = said`Yours give ${char} a burn, ${part} of the dry wood`;
	if (hot.length === 0) return said`All fires are proven out. ${gives}`;
	return said`${list(hot)} ${hot.length === 1 ? 'is' : 'are'} not proven out. ${gives}`;
}
