/**
 * Student's t, two-sided 95 %, by degrees of freedom from 1 to 30.
 * Source: NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.6.7.2.
 */
const upTo30 = [
	12.706, 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228, 2.201, 2.179, 2.16, 2.145,
	2.131, 2.12, 2.11, 2.101, 2.093, 2.086, 2.08, 2.074, 2.069, 2.064, 2.06, 2.056, 2.052, 2.048,
	2.045, 2.042
] as const;
/** Beyond, by one over the degrees of freedom. */
const beyond = [
	[30, 2.042],
	[40, 2.021],
	[60, 2],
	[120, 1.98],
	[Infinity, 1.96]
] as const;

/**
 * t(0.975) for so many degrees of freedom; between rows beyond 30 it is drawn straight over 1/df.
 * @throws RangeError below one
 * @example student(4) // 2.776
 */
export function student(df: number): number {
	if (!(df >= 1)) throw new RangeError(`student: ${df} degrees of freedom`);
	const exact = upTo30[Math.floor(df) - 1];
	if (exact !== undefined) return exact;
	const above = beyond.findIndex(([at]) => at >= df);
	const [[from, high], [to, low]] = [beyond[above - 1] ?? beyond[0], beyond[above] ?? beyond[4]];
	const share = (1 / from - 1 / df) / (1 / from - 1 / to);
	return high + share * (low - high);
}
