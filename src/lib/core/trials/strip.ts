import { chanceOf } from './random';

/** A strip of so much, and so far from the ends: what stands at an edge grows otherwise. */
export const stripLength_m = 1;
export const edge_m = 0.3;
/** Of pots one in so many. */
export const onePotIn = 6;

export type StripPlace =
	| { readonly along_m: number; readonly length_m: number }
	| { readonly piecesBefore: number; readonly pieces: number };

/**
 * Where a strip is left untreated: across the bed, drawn from a seed, away from its ends.
 * @param bed its length in m, or so many pots
 * @returns undefined where it is too short to leave one
 */
export function stripPlace(
	bed: { readonly length_m: number } | { readonly pieces: number },
	seed: number
): StripPlace | undefined {
	const { share } = chanceOf(seed);
	if ('pieces' in bed) {
		const pieces = Math.floor(bed.pieces / onePotIn);
		if (pieces < 1) return undefined;
		return { piecesBefore: Math.floor(share() * (bed.pieces - pieces + 1)), pieces };
	}
	const room = bed.length_m - 2 * edge_m - stripLength_m;
	if (room < 0) return undefined;
	// To the hand's breadth: nobody paces off less.
	return {
		along_m: edge_m + Math.floor((share() * room) / 0.1 + 1e-9) * 0.1,
		length_m: stripLength_m
	};
}
