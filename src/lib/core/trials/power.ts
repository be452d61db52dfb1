import { fAt } from './distributions';
import { chanceOf } from './random';

/** Of a trial not begun yet. */
export interface Asked {
	readonly arms: number;
	/** Of each arm one stands in each. */
	readonly blocks: number;
	readonly isBlocked: boolean;
	/** Of one pot from the next of its arm, share of the mean. */
	readonly spread: number;
	/** One arm differs from all others by this share of the mean. */
	readonly difference: number;
}

/** Below it a difference is said to be shown. */
export const level = 0.05;
/** A trial is worth its pots that shows what is there so often. */
export const wanted = 0.8;
export const drawsOfPower = 10_000;

/**
 * How often the trial would show the difference, by drawing it anew and judging each draw by the F of its very design.
 * With so many draws within one part in a hundred.
 * @throws RangeError without two arms, and two blocks
 */
export function powerOf(
	{ arms, blocks, isBlocked, spread, difference }: Asked,
	seed: number,
	count = drawsOfPower
): number {
	if (arms < 2 || blocks < 2) throw new RangeError(`powerOf: ${arms} arms in ${blocks} blocks`);
	const chance = chanceOf(seed);
	const df1 = arms - 1;
	const df2 = isBlocked ? df1 * (blocks - 1) : arms * (blocks - 1);
	const reach = fAt(level, df1, df2);
	let shown = 0;
	const ofArm = new Float64Array(arms);
	const ofBlock = new Float64Array(blocks);
	for (let draw = 0; draw < count; draw += 1) {
		ofArm.fill(0);
		ofBlock.fill(0);
		let squares = 0;
		for (let arm = 0; arm < arms; arm += 1)
			for (let block = 0; block < blocks; block += 1) {
				const value = spread * chance.normal() + (arm === 0 ? difference : 0);
				ofArm[arm] = (ofArm[arm] ?? 0) + value;
				ofBlock[block] = (ofBlock[block] ?? 0) + value;
				squares += value * value;
			}
		if (fOf({ ofArm, ofBlock, squares, isBlocked, df1, df2 }) >= reach) shown += 1;
	}
	return shown / count;
}

interface Sums {
	readonly ofArm: Float64Array;
	readonly ofBlock: Float64Array;
	readonly squares: number;
	readonly isBlocked: boolean;
	readonly df1: number;
	readonly df2: number;
}

/** All there: sums of squares close without a fit. What blocks differ by falls out of it, so none is drawn. */
function fOf({ ofArm, ofBlock, squares, isBlocked, df1, df2 }: Sums): number {
	const [arms, blocks] = [ofArm.length, ofBlock.length];
	const all = ofArm.reduce((sum, one) => sum + one, 0);
	const middle = (all * all) / (arms * blocks);
	const byArm = ofArm.reduce((sum, one) => sum + one * one, 0) / blocks - middle;
	const byBlock = isBlocked ? ofBlock.reduce((sum, one) => sum + one * one, 0) / arms - middle : 0;
	const left = squares - middle - byArm - byBlock;
	return byArm / df1 / (left / df2);
}

/** So many pots of each arm are looked at, one after another, for the curve. */
export const blocksTried = Object.freeze([2, 3, 4, 5, 6, 8, 10, 12, 16]);
