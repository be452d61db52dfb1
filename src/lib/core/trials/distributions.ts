import jstat from 'jstat';

/**
 * The distributions trials are judged by, from a kept library; never on a page's first script. All probabilities are
 * of what is at least as far out as was seen.
 */
interface Library {
	readonly centralF: {
		cdf: (x: number, df1: number, df2: number) => number;
		inv: (p: number, df1: number, df2: number) => number;
	};
	readonly studentt: {
		cdf: (x: number, df: number) => number;
		inv: (p: number, df: number) => number;
	};
	readonly tukey: {
		cdf: (q: number, groups: number, df: number) => number;
		inv: (p: number, groups: number, df: number) => number;
	};
	readonly binomial: { cdf: (k: number, n: number, p: number) => number };
}
const { jStat } = jstat as unknown as { readonly jStat: Library };

/** How sure an interval is told to be: nineteen times in twenty. */
export const sureness = 0.95;

/** p of an F at least so large. @param df1 of the arms, at least 1 @param df2 of the error, at least 1 */
export const pOfF = (f: number, df1: number, df2: number): number =>
	Math.max(0, 1 - jStat.centralF.cdf(f, df1, df2));

/** The F that is reached or passed by chance so seldom. */
export const fAt = (p: number, df1: number, df2: number): number =>
	jStat.centralF.inv(1 - p, df1, df2);

/** Two-sided p of a t. */
export const pOfT = (t: number, df: number): number =>
	Math.min(1, 2 * (1 - jStat.studentt.cdf(Math.abs(t), df)));

/** Between −t and t lie so many of all. */
export const tWithin = (share: number, df: number): number =>
	jStat.studentt.inv(0.5 + share / 2, df);

/** Below so many degrees of freedom the library's studentised range has no inverse. */
export const leastTukeyDf = 2;

/** p of a studentised range at least so large. @param df at least 2 */
export const pOfTukey = (q: number, groups: number, df: number): number =>
	Math.min(1, Math.max(0, 1 - jStat.tukey.cdf(q, groups, df)));

/** Below which so many studentised ranges lie. @param df at least 2 */
export const tukeyWithin = (share: number, groups: number, df: number): number =>
	jStat.tukey.inv(share, groups, df);

/** Two-sided sign test: as uneven as this or more, of `n` even throws. */
export function pOfSigns(ups: number, n: number): number {
	if (n === 0) return 1;
	const few = Math.min(ups, n - ups);
	return Math.min(1, 2 * jStat.binomial.cdf(few, n, 0.5));
}
