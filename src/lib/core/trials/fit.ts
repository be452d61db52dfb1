import { inverse, Matrix, SingularValueDecomposition } from 'ml-matrix';

/** What one pot or plot gave. */
export interface Given {
	readonly arm: number;
	/** Undefined in all where nothing was blocked. */
	readonly block?: number | undefined;
	readonly value: number;
}

/** How arms and blocks can be told apart by what is there, whatever it gave. */
export interface Layout {
	/** Arms that gave anything, by their places; means and weights go by this order. */
	readonly arms: readonly number[];
	readonly blocks: readonly number[];
	readonly design: Matrix;
	/** Of the means, in units of the error variance. */
	readonly unscaled: Matrix;
	/** Each coefficient as a weighing of all values; arms come first. */
	readonly weights: Matrix;
	/** An orthonormal base of what arms and blocks can make of the values. */
	readonly base: Matrix;
	/** Degrees of freedom of what is left over. */
	readonly df: number;
}

/** A linear model of arms and blocks, fitted by least squares to what is there. */
export interface Fit extends Layout {
	/** Adjusted to the mean of all blocks. */
	readonly means: readonly number[];
	/** Error variance. */
	readonly mse: number;
	readonly f: number;
	readonly residuals: readonly number[];
}

/** One arm; nothing left over to tell chance by; blocks that have no arm in common with others. */
export interface Unfit {
	readonly status: 'one-arm' | 'no-spread' | 'not-connected';
}
export type Fitted = ({ readonly status: 'fitted' } & Fit) | Unfit;

const spreadOf = (values: readonly number[]): number => {
	const mean = values.reduce((sum, one) => sum + one, 0) / values.length;
	return values.reduce((sum, one) => sum + (one - mean) ** 2, 0);
};
const unique = (list: readonly number[]) => [...new Set(list)].sort((a, b) => a - b);

/** Arms as they are, blocks around their mean: the coefficient of an arm is its mean in an average block. */
function designOf(given: readonly Given[], arms: readonly number[], blocks: readonly number[]) {
	const last = blocks.at(-1);
	const free = blocks.slice(0, -1);
	return new Matrix(
		given.map(({ arm, block }) => [
			...arms.map((one) => (one === arm ? 1 : 0)),
			...free.map((one) => (block === last ? -1 : block === one ? 1 : 0))
		])
	);
}

/** Sum of squares of what the base makes of values. */
export function explained(base: Matrix, values: readonly number[]): number {
	let sum = 0;
	for (let row = 0; row < base.rows; row += 1) {
		let along = 0;
		for (let i = 0; i < values.length; i += 1) along += base.get(row, i) * (values[i] ?? 0);
		sum += along * along;
	}
	return sum;
}

/** What can be told of these pots, before what they gave is looked at. */
export function arrange(
	given: readonly Given[]
): ({ readonly status: 'arranged' } & Layout) | Unfit {
	const arms = unique(given.map(({ arm }) => arm));
	const blocks = unique(given.flatMap(({ block }) => block ?? []));
	if (arms.length < 2) return { status: 'one-arm' };
	const design = designOf(given, arms, blocks);
	const df = given.length - design.columns;
	if (df < 1) return { status: 'no-spread' };
	const parts = new SingularValueDecomposition(design);
	if (parts.rank < design.columns) return { status: 'not-connected' };
	const transposed = design.transpose();
	const unscaled = inverse(transposed.mmul(design));
	return {
		status: 'arranged',
		arms,
		blocks,
		design,
		unscaled,
		weights: unscaled.mmul(transposed),
		base: parts.leftSingularVectors.transpose(),
		df
	};
}

/** What is left over within blocks by itself, and by arms as well. */
function leftOver({ blocks, base }: Layout, given: readonly Given[]) {
	const values = given.map(({ value }) => value);
	const total = values.reduce((sum, value) => sum + value * value, 0);
	const left = Math.max(0, total - explained(base, values));
	const ofBlock = (one: number) => given.flatMap((g) => (g.block === one ? g.value : []));
	const within =
		blocks.length > 0
			? blocks.reduce((sum, one) => sum + spreadOf(ofBlock(one)), 0)
			: spreadOf(values);
	return { left, within, isNone: left <= total * 1e-14 };
}

/** Where one pot is missing its block counts with those that are there: nothing is averaged over the gap. */
export function fitArms(given: readonly Given[]): Fitted {
	const layout = arrange(given);
	if (layout.status !== 'arranged') return layout;
	const { left, within, isNone } = leftOver(layout, given);
	if (isNone) return { status: 'no-spread' };
	const { arms, design, weights, df } = layout;
	const values = given.map(({ value }) => value);
	const coefficients = weights.mmul(Matrix.columnVector(values));
	const predicted = design.mmul(coefficients).getColumn(0);
	const mse = left / df;
	return {
		...layout,
		status: 'fitted',
		means: coefficients.getColumn(0).slice(0, arms.length),
		mse,
		f: Math.max(0, within - left) / (arms.length - 1) / mse,
		residuals: values.map((value, i) => value - (predicted[i] ?? 0))
	};
}
