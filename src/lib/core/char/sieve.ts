import type { SieveShares } from './finding';

export type GrainUse = 'pots' | 'beds' | 'heaps';

/** Grain by use, mm. Source: seed and pot mixes under 5, beds under 10–15, heaps and tree pits anything. */
export const grainFor = Object.freeze({
	pots: 5,
	beds: 12,
	heaps: Infinity,
	source: 'Finishing practice: pots under 5 mm, beds under 10–15 mm'
});

/** Weighed fractions as shares. @throws RangeError where nothing was weighed */
export function sharesOf(kg: SieveShares): SieveShares {
	const sum = kg.over20 + kg.to20 + kg.to10 + kg.under2;
	if (!(sum > 0) || !Number.isFinite(sum)) throw new RangeError(`sharesOf: ${sum} kg sieved`);
	return {
		over20: kg.over20 / sum,
		to20: kg.to20 / sum,
		to10: kg.to10 / sum,
		under2: kg.under2 / sum
	};
}

/** Cumulative share finer than each sieve, mm. */
const finer = ({
	under2,
	to10,
	to20
}: SieveShares): readonly (readonly [mm: number, share: number])[] => [
	[2, under2],
	[10, under2 + to10],
	[20, under2 + to10 + to20]
];

/**
 * Grain that half of the dry mass is finer than, mm: cumulative, linear in log size between sieves; outside
 * them only a bound.
 */
export function d50(shares: SieveShares): {
	readonly mm: number;
	readonly bound?: 'under' | 'over';
} {
	const [two, ten, twenty] = finer(shares) as [
		readonly [2, number],
		readonly [10, number],
		readonly [20, number]
	];
	if (two[1] >= 0.5) return { mm: 2, bound: 'under' };
	if (twenty[1] < 0.5) return { mm: 20, bound: 'over' };
	const [low, high] = ten[1] >= 0.5 ? [two, ten] : [ten, twenty];
	return { mm: between(low, high, 0.5) };
}

/** Share of the dry mass that is fine enough for a use. */
export function fineEnough(shares: SieveShares, use: GrainUse): number {
	const mm = grainFor[use];
	if (mm === Infinity) return 1;
	const points = finer(shares);
	const above = points.findIndex(([size]) => size >= mm);
	const [low, high] = [points[above - 1], points[above]];
	if (!low || !high) return high?.[1] ?? 1;
	const at = Math.log(mm / low[0]) / Math.log(high[0] / low[0]);
	return low[1] + at * (high[1] - low[1]);
}

const between = (
	[small, less]: readonly [number, number],
	[large, more]: readonly [number, number],
	share: number
): number => (more > less ? small * (large / small) ** ((share - less) / (more - less)) : small);
