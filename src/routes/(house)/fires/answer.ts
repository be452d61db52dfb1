import { mean, sampleStandardDeviation } from 'simple-statistics';
import type { WayId } from '$lib/core/fires';
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
import { useWords } from '$lib/format/vessel-words';
import { capital, count, list } from '$lib/format/words';

/** What one burn gave. */
export interface Given {
	readonly code: string;
	readonly way: WayId;
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

/** Burns of one way, and what one of them gives. */
export interface OfWay {
	readonly way: WayId;
	readonly means: NonNullable<ReturnType<typeof ownMeans>>;
}

/** A pail of embers and a kiln have no mean: each way by itself, the one that gave most char first. */
export function meansByWay(burnt: readonly Given[]): readonly OfWay[] {
	const all = (rows: readonly Given[]) => rows.reduce((sum, { litres }) => sum + litres, 0);
	return [...new Set(burnt.map(({ way }) => way))]
		.map((way) => ({ way, rows: burnt.filter((one) => one.way === way) }))
		.sort((some, other) => all(other.rows) - all(some.rows))
		.flatMap(({ way, rows }) => {
			const means = ownMeans(rows);
			return means ? [{ way, means }] : [];
		});
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

/** "barrel" of a barrel that is lit from the top. */
const shortWay = (way: WayId): string => useWords[way].split(',')[0]!;

export const charLabel = (way: WayId): string => `Char a burn, ${shortWay(way)}`;
export const yieldLabel = (way: WayId): string => `Yield, ${shortWay(way)}`;

export interface FiresFacts {
	readonly given: readonly Given[];
	/** Codes of fires not proven out. */
	readonly hot: readonly string[];
	readonly planned: number;
	readonly burning?: readonly { readonly code: string }[];
}

/** Which fires need me; what do mine give? */
export function firesAnswer(
	{ given, hot, planned, burning = [] }: FiresFacts,
	system: System | undefined
): Sentence | string {
	if (burning.length > 0)
		return `${list(burning.map(({ code }) => code))} ${burning.length === 1 ? 'burns' : 'burn'} now`;
	const [most] = meansByWay(given);
	if (!most)
		return planned > 0
			? `${capital(count(planned, 'burn is', 'burns are'))} planned`
			: 'No fire yet: plan the first and see what it gives';
	const { way, means } = most;
	const char = slipped(joined(show(means.volume, system)), charLabel(way));
	const part = slipped(joined(show(means.massYield, system)), yieldLabel(way));
	const kind = shortWay(way);
	const gives = said`${/^[aeio]/.test(kind) ? 'An' : 'A'} ${kind} of yours gives ${char} a burn, ${part} of the dry wood`;
	if (hot.length === 0) return said`All fires are proven out. ${gives}`;
	return said`${list(hot)} ${hot.length === 1 ? 'is' : 'are'} not proven out. ${gives}`;
}
