import { sampleCorrelation } from 'simple-statistics';
import { pOfT } from './distributions';

interface LeftOver {
	/** Where along its row it stands, by its place. */
	readonly at: number;
	readonly residual: number;
}

/** Below it what is left over is said to go along the row. */
const driftsBelow = 0.01;
const fewest = 8;

/**
 * Whether what arms and blocks leave over rises or falls along the rows: then light, slope or water goes along a
 * row, where it should go from one row to the next.
 * @param left of each pot or plot in any order
 */
export function driftsAlong(left: readonly LeftOver[]): boolean {
	if (left.length < fewest) return false;
	const at = left.map(({ at }) => at);
	const over = left.map(({ residual }) => residual);
	if (over.every((one) => Math.abs(one) < 1e-9)) return false;
	const r = sampleCorrelation(at, over);
	if (!Number.isFinite(r)) return false;
	const df = left.length - 2;
	const t = Math.abs(r) * Math.sqrt(df / Math.max(1e-12, 1 - r * r));
	return pOfT(t, df) < driftsBelow;
}
