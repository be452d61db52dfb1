import { pOfSigns, pOfT, sureness, tWithin } from './distributions';

/** What a treated and an untreated strip of one bed and season gave, in the same measure. */
export interface StripPair {
	readonly treated: number;
	readonly untreated: number;
}

export interface PairsJudged {
	readonly n: number;
	/** Treated gave more in so many of those that differ. */
	readonly ups: number;
	readonly differing: number;
	/** Two-sided sign test. */
	readonly signs: number;
	/** Treated over untreated, 1 where they are alike; undefined where none is above nought in both. */
	readonly ratio?: number;
	/** From two pairs on. */
	readonly low?: number;
	readonly high?: number;
	readonly p?: number;
}

/**
 * Mean of differences with the interval of t.
 * @returns undefined below two; `p` 1 where all are nought
 */
export function meanOf(differences: readonly number[]) {
	const n = differences.length;
	if (n < 2) return undefined;
	const mean = differences.reduce((sum, one) => sum + one, 0) / n;
	const variance = differences.reduce((sum, one) => sum + (one - mean) ** 2, 0) / (n - 1);
	const error = Math.sqrt(variance / n);
	const half = tWithin(sureness, n - 1) * error;
	const t = mean / error;
	return {
		mean,
		low: mean - half,
		high: mean + half,
		t,
		p: error > 0 ? pOfT(t, n - 1) : mean === 0 ? 1 : 0
	};
}

/** Pairs over beds and years, as ratios: one grower's, not blind. */
export function judgePairs(pairs: readonly StripPair[]): PairsJudged {
	const ups = pairs.filter(({ treated, untreated }) => treated > untreated).length;
	const differing = pairs.filter(({ treated, untreated }) => treated !== untreated).length;
	const logs = pairs.flatMap(({ treated, untreated }) =>
		treated > 0 && untreated > 0 ? [Math.log(treated / untreated)] : []
	);
	const told = { n: pairs.length, ups, differing, signs: pOfSigns(ups, differing) };
	const mean = meanOf(logs);
	if (mean)
		return {
			...told,
			ratio: Math.exp(mean.mean),
			low: Math.exp(mean.low),
			high: Math.exp(mean.high),
			p: mean.p
		};
	return logs.length === 1 ? { ...told, ratio: Math.exp(logs[0] ?? 0) } : told;
}
