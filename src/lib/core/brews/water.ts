import type { Litres } from '../units';

/** Where the water of a brew is from. */
export type WaterSource = 'rain' | 'well' | 'tap-chlorine' | 'tap-chloramine' | 'tap-unknown';

/** What was done with it before anything alive went in. */
export interface WaterTold {
	readonly source: WaterSource;
	/** Hours it stood open in a wide vessel, and hours it was bubbled. */
	readonly stood_h?: number | undefined;
	readonly bubbled_h?: number | undefined;
	/** Of chlorine or chloramine, mg/L, where the supplier states it. */
	readonly strength?: number | undefined;
	/** Ascorbic acid was stirred in. */
	readonly ascorbic?: boolean | undefined;
}

export type WaterVerdict =
	| { readonly is: 'fit' }
	| { readonly is: 'wait'; readonly stand_h: number; readonly bubble_h: number }
	| { readonly is: 'treat'; readonly ascorbic_mg: number; readonly strength: number };

/** Source: practice; chlorine leaves open water, chloramine does not. */
export const waterLimits = Object.freeze({
	stand_h: 24,
	bubble_h: 2,
	/** mg of ascorbic acid to one of chlorine. */
	ascorbicPerChlorine: 2.5,
	/** mg/L where nobody knows it, and the most a supply holds. */
	usualStrength: 2,
	mostStrength: 4
});

/**
 * Whether water may meet something alive, and what it wants first. Chlorine leaves water that stands open for a
 * day or is bubbled for two hours, each hour counting for its share; chloramine stays until ascorbic acid takes
 * it; where the supplier is not known, the worse is taken.
 * @example judgeWater({ source: 'tap-chloramine' }, litres(18)) // treat: 90 mg
 */
export function judgeWater(told: WaterTold, volume: Litres): WaterVerdict {
	const { source, ascorbic = false } = told;
	if (source === 'rain' || source === 'well' || ascorbic) return { is: 'fit' };
	if (source === 'tap-chlorine') {
		const { stand_h, bubble_h } = waterLimits;
		const left = 1 - (told.stood_h ?? 0) / stand_h - (told.bubbled_h ?? 0) / bubble_h;
		return left <= 1e-9
			? { is: 'fit' }
			: { is: 'wait', stand_h: left * stand_h, bubble_h: left * bubble_h };
	}
	const strength = Math.min(told.strength ?? waterLimits.usualStrength, waterLimits.mostStrength);
	return {
		is: 'treat',
		strength,
		ascorbic_mg: waterLimits.ascorbicPerChlorine * strength * volume
	};
}
