import { isRound } from '../beds';
import { unitOn, type GroundOfTrial } from './ground';

/** What a layout is drawn by: the whole from above, and one pot or plot of it, in m. */
export interface GroundDrawn {
	readonly name: string;
	readonly isRound: boolean;
	readonly length_m: number;
	readonly width_m: number;
	readonly each: { readonly length_m: number; readonly width_m: number };
}

/** A target with one pot or plot of a trial that stands all over it; undefined where it has no room for it. */
export function groundDrawn(
	bed: GroundOfTrial & { readonly name: string },
	units: number
): GroundDrawn | undefined {
	const each = unitOn(bed, units);
	if (each.status !== 'fits') return undefined;
	const { name, target, length_m, width_m } = bed;
	return {
		...{ name, isRound: isRound(target), length_m, width_m },
		each: { length_m: each.length_m, width_m: each.width_m }
	};
}
