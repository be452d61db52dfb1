import type { Matrix } from 'ml-matrix';
import {
	leastTukeyDf,
	pOfF,
	pOfT,
	pOfTukey,
	sureness,
	tukeyWithin,
	tWithin
} from './distributions';
import { arrange, fitArms, type Fit, type Given, type Layout, type Unfit } from './fit';
import { shuffleAll, shufflePair, type Shuffled } from './shuffling';

/** One arm, adjusted to an average block. */
export interface ArmMean {
	readonly arm: number;
	readonly n: number;
	readonly mean: number;
	readonly low: number;
	readonly high: number;
}

/** One arm beside another; `tukey` is told from two degrees of freedom of the error on. */
export interface Comparison {
	readonly arm: number;
	readonly beside: number;
	readonly difference: number;
	readonly low: number;
	readonly high: number;
	readonly tukey?: number;
	readonly shuffled: Shuffled;
}

/** Whether more of it gives more, in a straight line. */
export interface Trend {
	/** For one percent more. */
	readonly slope: number;
	readonly low: number;
	readonly high: number;
	readonly p: number;
}

export interface Judged {
	readonly status: 'judged';
	readonly means: readonly ArmMean[];
	readonly f: number;
	readonly df1: number;
	readonly df2: number;
	readonly p: number;
	readonly shuffled: Shuffled;
	readonly comparisons: readonly Comparison[];
	readonly trend?: Trend;
	/** Standard deviation of one pot or plot about its arm and block. */
	readonly sd: number;
	/** In the order given. */
	readonly residuals: readonly number[];
}

/** Nothing can be judged: one arm, no second of any, blocks without an arm in common. The means of what there is all the same. */
export interface Unjudged extends Unfit {
	readonly means: readonly { readonly arm: number; readonly n: number; readonly mean: number }[];
}

const countOf = (given: readonly Given[], arm: number) =>
	given.filter((one) => one.arm === arm).length;

/** Var(a − b) in units of the error variance. */
const between = (unscaled: Matrix, a: number, b: number): number =>
	unscaled.get(a, a) + unscaled.get(b, b) - 2 * unscaled.get(a, b);

function meansOf(fit: Fit, given: readonly Given[]): readonly ArmMean[] {
	const t = tWithin(sureness, fit.df);
	return fit.arms.map((arm, i) => {
		const mean = fit.means[i] ?? 0;
		const half = t * Math.sqrt(fit.mse * fit.unscaled.get(i, i));
		return { arm, n: countOf(given, arm), mean, low: mean - half, high: mean + half };
	});
}

/** The pair of these two, by their order among the arms. */
function shuffledPair(
	{ arms, weights }: Layout,
	given: readonly Given[],
	[i, j]: readonly [number, number],
	seed: number
): Shuffled {
	const difference = given.map((_, k) => weights.get(i, k) - weights.get(j, k));
	const [arm = 0, beside = 0] = [arms[i], arms[j]];
	return shufflePair(given, [arm, beside], difference, seed + i * arms.length + j);
}

function comparisonsOf(fit: Fit, given: readonly Given[], seed: number): readonly Comparison[] {
	const groups = fit.arms.length;
	const isTold = fit.df >= leastTukeyDf;
	// One figure for all pairs: the library takes its time to find it.
	const reach = isTold ? tukeyWithin(sureness, groups, fit.df) : undefined;
	return fit.arms.flatMap((arm, i) =>
		fit.arms.slice(0, i).map((beside, j) => {
			const difference = (fit.means[i] ?? 0) - (fit.means[j] ?? 0);
			const error = Math.sqrt(fit.mse * between(fit.unscaled, i, j));
			const half = reach === undefined ? Infinity : (reach * error) / Math.SQRT2;
			return {
				arm,
				beside,
				difference,
				low: difference - half,
				high: difference + half,
				...(isTold
					? { tukey: pOfTukey((Math.abs(difference) * Math.SQRT2) / error, groups, fit.df) }
					: {}),
				shuffled: shuffledPair(fit, given, [i, j], seed)
			};
		})
	);
}

/** @param shares of each arm by its place, percent; undefined for one that is no dose */
function trendOf(fit: Fit, shares: readonly (number | undefined)[]): Trend | undefined {
	const doses = fit.arms.map((arm) => shares[arm]);
	const told = doses.flatMap((dose) => dose ?? []);
	if (told.length < 3 || new Set(told).size < 3) return undefined;
	const middle = told.reduce((sum, dose) => sum + dose, 0) / told.length;
	const away = doses.map((dose) => (dose === undefined ? 0 : dose - middle));
	const square = away.reduce((sum, one) => sum + one * one, 0);
	const slope = away.reduce((sum, one, i) => sum + one * (fit.means[i] ?? 0), 0) / square;
	let unscaled = 0;
	away.forEach((a, i) => away.forEach((b, j) => (unscaled += a * b * fit.unscaled.get(i, j))));
	const error = Math.sqrt(fit.mse * unscaled) / square;
	const half = tWithin(sureness, fit.df) * error;
	return { slope, low: slope - half, high: slope + half, p: pOfT(slope / error, fit.df) };
}

/**
 * What arms gave, judged within their blocks: analysis of variance, Tukey and Kramer on adjusted means, orders shuffled
 * beside it.
 * @param shares percent of each arm, where arms are doses
 * @param seed of the shuffling, where not every order can be tried
 */
export function judgeArms(
	given: readonly Given[],
	shares: readonly (number | undefined)[] = [],
	seed = 1
): Judged | Unjudged {
	const fit = fitArms(given);
	if (fit.status !== 'fitted') return { status: fit.status, means: plainMeans(given) };
	const df1 = fit.arms.length - 1;
	const trend = trendOf(fit, shares);
	return {
		status: 'judged',
		means: meansOf(fit, given),
		f: fit.f,
		df1,
		df2: fit.df,
		p: pOfF(fit.f, df1, fit.df),
		shuffled: shuffleAll(given, fit.base, seed),
		comparisons: comparisonsOf(fit, given, seed),
		...(trend ? { trend } : {}),
		sd: Math.sqrt(fit.mse),
		residuals: fit.residuals
	};
}

function plainMeans(given: readonly Given[]): Unjudged['means'] {
	const arms = [...new Set(given.map(({ arm }) => arm))].sort((a, b) => a - b);
	return arms.map((arm) => {
		const values = given.flatMap((one) => (one.arm === arm ? one.value : []));
		return {
			arm,
			n: values.length,
			mean: values.reduce((sum, value) => sum + value, 0) / values.length
		};
	});
}

/** What shuffling alone says; also where each arm always came out the same and nothing is left over. */
export interface Ranking {
	readonly status: 'ranked';
	readonly shuffled: Shuffled;
	readonly pairs: readonly {
		readonly arm: number;
		readonly beside: number;
		readonly shuffled: Shuffled;
	}[];
}

/** Scores and counts: their ranks within blocks, shuffled. */
export function judgeRanks(given: readonly Given[], seed = 1): Ranking | Unfit {
	const ranks = ranked(given);
	const layout = arrange(ranks);
	if (layout.status !== 'arranged') return { status: layout.status };
	const { arms } = layout;
	return {
		status: 'ranked',
		shuffled: shuffleAll(ranks, layout.base, seed),
		pairs: arms.flatMap((arm, i) =>
			arms.slice(0, i).map((beside, j) => ({
				arm,
				beside,
				shuffled: shuffledPair(layout, ranks, [i, j], seed)
			}))
		)
	};
}

/** Scores and counts are judged by their rank within the block; equal ones share theirs. */
export function ranked(given: readonly Given[]): readonly Given[] {
	return given.map((one) => {
		const beside = given.filter(({ block }) => block === one.block);
		const below = beside.filter(({ value }) => value < one.value).length;
		const alike = beside.filter(({ value }) => value === one.value).length;
		return { ...one, value: below + (alike + 1) / 2 };
	});
}
