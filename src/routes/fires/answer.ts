import { mean, sampleStandardDeviation } from 'simple-statistics';
import type { ProofState, BurnOutcome } from '$lib/core/fires';
import {
	estimate,
	litres,
	share,
	type Estimate,
	type Litres,
	type Range,
	type Share,
	type System
} from '$lib/core/units';
import { joined, show } from '$lib/format/figure';
import { capital, count, list } from '$lib/format/words';

interface Line {
	readonly burn: { readonly code: string; readonly record?: { readonly charLitres: number } };
	readonly proof?: ProofState;
	readonly outcome?: BurnOutcome;
}

interface Burnt {
	readonly code: string;
	readonly litres: number;
	readonly massYield: number;
}

const burntOf = (lines: readonly Line[]): Burnt[] =>
	lines.flatMap(({ burn, outcome }) =>
		burn.record && outcome
			? [{ code: burn.code, litres: burn.record.charLitres, massYield: outcome.massYield }]
			: []
	);

const z80 = 1.2815515655446004;

/** Mean of own burns; the range is where eight of ten single burns fall, mean ± 1.28 s. */
function spreadOf(values: readonly number[], most: number): Range {
	const value = mean([...values]);
	const reach = values.length > 1 ? z80 * sampleStandardDeviation([...values]) : 0;
	return { value, low: Math.max(0, value - reach), high: Math.min(most, value + reach) };
}

/** What a burn gives here: char and yield, over all finished burns; undefined before the first. */
export function ownMeans(
	lines: readonly Line[]
): { volume: Estimate<Litres>; massYield: Estimate<Share> } | undefined {
	const burnt = burntOf(lines);
	if (burnt.length === 0) return undefined;
	const facts = (unit: 'L' | 'share', pick: (row: Burnt) => number) => ({
		unit,
		formula: `mean of ${burnt.length} own burns ± 1.28 standard deviations`,
		from: burnt.map((row) => ({
			name: row.code,
			value: pick(row),
			unit,
			origin: 'own' as const,
			source: 'as recorded'
		}))
	});
	return {
		volume: estimate(
			litres,
			spreadOf(
				burnt.map((row) => row.litres),
				1e7
			),
			{
				basis: 'char whole, loose, per burn',
				...facts('L', (row) => row.litres)
			}
		),
		massYield: estimate(
			share,
			spreadOf(
				burnt.map((row) => row.massYield),
				1
			),
			{
				basis: 'dry char per dry wood burned, by mass',
				...facts('share', (row) => row.massYield)
			}
		)
	};
}

/** Which fires need me; what do mine give? */
export function firesAnswer(lines: readonly Line[], system: System | undefined): string {
	if (lines.length === 0) return 'No fire yet: plan the first and see what it gives';
	const means = ownMeans(lines);
	const hot = lines.filter((line) => line.proof?.proven === false).map((line) => line.burn.code);
	if (!means) return `${capital(count(lines.length, 'burn is', 'burns are'))} planned`;
	const gives = `Yours give ${joined(show(means.volume, system))} a burn, ${joined(show(means.massYield, system))} of the dry wood`;
	if (hot.length === 0) return `All fires are proven out. ${gives}`;
	return `${list(hot)} ${hot.length === 1 ? 'is' : 'are'} not proven out. ${gives}`;
}
