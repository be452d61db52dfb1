/** A stuff that brings nitrogen: grams of C to one of N in it. */
export interface NitrogenAsked {
	readonly carbon_g: number;
	readonly nitrogen_g: number;
	/** C : N that is wanted. */
	readonly target: number;
	/** C : N of what is added. */
	readonly ofAdded: number;
}

export type NitrogenToAdd =
	| { readonly status: 'add'; readonly nitrogen_g: number; readonly isNear: boolean }
	/** It has as much already. */
	| { readonly status: 'enough' }
	/** What is added has no lower a C : N than is wanted: no amount of it comes there. */
	| { readonly status: 'never' };

/** Nearer to its own C : N than so, and small errors decide how much. */
const near = 3;

/**
 * Nitrogen that brings leaves to a wanted C : N, counting the carbon that comes along: (C − t·N) ÷ (t − CN of what is
 * added). Of manure about twice as much as of urine.
 * @returns g of N
 */
export function nitrogenToAdd({
	carbon_g,
	nitrogen_g,
	target,
	ofAdded
}: NitrogenAsked): NitrogenToAdd {
	const short = carbon_g - target * nitrogen_g;
	if (short <= 0) return { status: 'enough' };
	if (target <= ofAdded) return { status: 'never' };
	return {
		status: 'add',
		nitrogen_g: short / (target - ofAdded),
		isNear: target < ofAdded + near
	};
}
