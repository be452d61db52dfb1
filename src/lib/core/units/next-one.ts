import type { Range } from './estimate';

const z80 = 1.2815515655446004;

/**
 * Quantiles of Student's t at 0.9, by degrees of freedom from 1 to 30: the reach of a central 80 %.
 * Source: NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.6.7.2.
 */
const t80: readonly number[] = Object.freeze([
	3.078, 1.886, 1.638, 1.533, 1.476, 1.44, 1.415, 1.397, 1.383, 1.372, 1.363, 1.356, 1.35, 1.345,
	1.341, 1.337, 1.333, 1.33, 1.328, 1.325, 1.323, 1.321, 1.319, 1.318, 1.316, 1.315, 1.314, 1.313,
	1.311, 1.31
]);

/** Reach of a central 80 % in standard deviations, where the deviation itself was estimated. */
export function reach80(degreesOfFreedom: number): number {
	if (!(degreesOfFreedom >= 1)) throw new RangeError(`reach80: ${degreesOfFreedom} is below 1`);
	// Past the table the first term of the Cornish–Fisher expansion is exact to 0.001.
	return t80[Math.floor(degreesOfFreedom) - 1] ?? z80 + (z80 ** 3 + z80) / (4 * degreesOfFreedom);
}

/** What is known of the spread before there are samples enough to tell it. */
export interface UsualSpread {
	/** Standard deviation of the log from one to the next. */
	readonly ofLogs: number;
	/** Half-width, on logs, of what one sample is good to: no forecast is narrower. */
	readonly ofOne: number;
}

/** Of ten and more, eight in ten leave one out at either end; fewer can't say which is the odd one. */
const fewSamples = 10;

/**
 * Where the next of a row of like measurements will fall: geometric mean, with the central 80 % of the
 * next one. From three up their own spread, with Student's t; fewer borrow the usual spread. Never
 * narrower than one sample's own doubt; while there are fewer than ten it leaves none of them out.
 * @param samples at least one, each above nought
 * @example nextOne([0.15], { ofLogs: 0.12, ofOne: 0.05 }) // 0.15, 0.121–0.186
 */
export function nextOne(samples: readonly number[], usual: UsualSpread): Range {
	if (samples.length === 0 || !samples.every((one) => one > 0 && Number.isFinite(one)))
		throw new RangeError(`nextOne: ${samples.join(', ') || 'nothing'} is no row of samples`);
	const logs = samples.map(Math.log);
	const n = logs.length;
	const mean = logs.reduce((sum, log) => sum + log, 0) / n;
	const isFew = n < 3;
	const spread = isFew
		? usual.ofLogs
		: Math.sqrt(logs.reduce((sum, log) => sum + (log - mean) ** 2, 0) / (n - 1));
	const reach = (isFew ? z80 : reach80(n - 1)) * spread * Math.sqrt(1 + 1 / n);
	const half = Math.max(reach, usual.ofOne);
	const kept = n < fewSamples ? samples : [];
	return {
		value: Math.exp(mean),
		low: Math.min(Math.exp(mean - half), ...kept),
		high: Math.max(Math.exp(mean + half), ...kept)
	};
}
