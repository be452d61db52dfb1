import { metres, squareMetres, type Metres } from '../units';
import type { Ground } from './room';

/** What a bed is: an area, a group of pots, trees, each by the ground under its crown, or a path. */
export type Target = 'area' | 'pots' | 'trees' | 'path';
export const targets: readonly Target[] = Object.freeze(['area', 'pots', 'trees', 'path']);

/** Pots and crowns are round: one measure is both sides. */
export const isRound = (target: Target): boolean => target === 'pots' || target === 'trees';

export interface TargetSize {
	readonly target: Target;
	/** How many beds, pots or trees alike. */
	readonly pieces: number;
	/** Of an area its two sides; of a pot or crown how wide one is, twice. */
	readonly length: Metres;
	readonly width: Metres;
	readonly depth: Metres;
}

/**
 * The ground that a dose goes on: area from above and working depth. Pots and crowns are round.
 * @example groundOf({ target: 'pots', pieces: 10, length: metres(0.3), width: metres(0.3), depth: metres(0.25) }).area // 0.71 m²
 */
export function groundOf({ target, pieces, length, width, depth }: TargetSize): Ground {
	const one = length * width * (isRound(target) ? Math.PI / 4 : 1);
	return { area: squareMetres(one * pieces), depth: metres(depth) };
}
