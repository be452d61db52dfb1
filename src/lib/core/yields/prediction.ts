import { mean, sampleStandardDeviation } from 'simple-statistics';
import { student } from './data/student';

/** From so many earlier ones on, one's own spread says more than a book's. */
export const fewestEarlier = 5;

/** Where the next is expected, 95 of 100 times, by those before it. */
export interface Prediction {
	readonly n: number;
	readonly mean: number;
	readonly low: number;
	readonly high: number;
}

/**
 * Prediction limits from earlier ones alone: mean ± t(0.975, n−1)·s·√(1 + 1/n). With itself counted in, one could
 * never stand out.
 * @returns nothing below five
 * @example predict([0.2, 0.22, 0.18, 0.21, 0.19]) // 0.2 ± 0.048
 */
export function predict(earlier: readonly number[]): Prediction | undefined {
	const n = earlier.length;
	if (n < fewestEarlier) return undefined;
	const centre = mean([...earlier]);
	const off = student(n - 1) * sampleStandardDeviation([...earlier]) * Math.sqrt(1 + 1 / n);
	return { n, mean: centre, low: centre - off, high: centre + off };
}

export type Stands = 'as-usual' | 'above' | 'below';

/** @example standsTo(0.3, predict([0.2, 0.22, 0.18, 0.21, 0.19])!) // 'above' */
export const standsTo = (value: number, { low, high }: Prediction): Stands =>
	value < low ? 'below' : value > high ? 'above' : 'as-usual';

/** Each of a series, in the order of time, against those before it. */
export const control = <T>(
	series: readonly T[],
	valueOf: (one: T) => number
): readonly { readonly one: T; readonly limits?: Prediction; readonly stands?: Stands }[] => {
	const values = series.map(valueOf);
	return series.map((one, i) => {
		const limits = predict(values.slice(0, i));
		return limits ? { one, limits, stands: standsTo(values[i] ?? 0, limits) } : { one };
	});
};
