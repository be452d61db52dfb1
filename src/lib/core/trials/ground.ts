import { isRound, type Target } from '../beds';
import { isControl, type Arm } from './design';

/** Narrower than this nobody treats and picks a plot by itself. */
export const narrowest_m = 0.25;

export interface GroundOfTrial {
	readonly target: Target;
	readonly pieces: number;
	readonly length_m: number;
	readonly width_m: number;
}

export type UnitGround =
	| { readonly status: 'fits'; readonly length_m: number; readonly width_m: number }
	/** There is room for no more than `most`. */
	| { readonly status: 'too-many'; readonly most: number };

/**
 * One pot or plot of a trial that stands all over a target: a pot of its group, or a slice across the bed from
 * its near end to its far one, all alike, in walking order.
 * @param units a whole number, from 2
 * @returns its sides from above in m
 */
export function unitOn(ground: GroundOfTrial, units: number): UnitGround {
	const { target, pieces, length_m, width_m } = ground;
	if (isRound(target))
		return units <= pieces
			? { status: 'fits', length_m, width_m }
			: { status: 'too-many', most: pieces };
	const each = length_m / units;
	return each >= narrowest_m - 1e-9
		? { status: 'fits', length_m: each, width_m }
		: { status: 'too-many', most: Math.floor(length_m / narrowest_m + 1e-9) };
}

/** What an arm is given out of the books. */
export type Stuff = 'char' | 'compost' | 'water' | 'any';
const given: Readonly<Record<Arm['kind'], readonly Stuff[]>> = {
	nothing: [],
	'wet-only': ['water'],
	raw: ['char'],
	charged: ['char'],
	compost: ['compost'],
	'char-and-compost': ['char', 'compost'],
	'composted-together': ['any'],
	other: ['any']
};

/** One thing that an arm is to get. */
export interface Gift {
	readonly arm: number;
	readonly stuff: Stuff;
	/** Percent of the soil by volume that the plan says of it; of char its char alone. */
	readonly share?: number | undefined;
}

/** All that the arms of a trial are to get, in their order; what its plan gives no share of is asked. */
export const giftsOf = (arms: readonly Arm[]): readonly Gift[] =>
	arms.flatMap((arm, i) =>
		isControl(arm)
			? []
			: given[arm.kind].map((stuff) => ({
					arm: i,
					stuff,
					...(stuff === 'water' || arm.share === undefined ? {} : { share: arm.share })
				}))
	);

/** Arms that a plan does not tell apart: alike in kind, share and name. @returns places of the first two */
export function alikeArms(arms: readonly Arm[]): readonly [number, number] | undefined {
	const told = arms.map(({ kind, share, name }) => `${kind}·${share ?? ''}·${name ?? ''}`);
	const later = told.findIndex((one, i) => told.indexOf(one) < i);
	return later < 0 ? undefined : [told.indexOf(told[later] ?? ''), later];
}
