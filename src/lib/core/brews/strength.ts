import { mostSalt } from './data/rates';

/** Who it is for: roots in the ground, or seedlings. */
export type SaltBearer = keyof typeof mostSalt;

/** What a reading of the diluted liquid says, dS/m. */
export function judgeSalt(
	read: number,
	bearer: SaltBearer
): 'mild' | 'as-much-as-goes' | 'too-strong' {
	const [low, high] = mostSalt[bearer];
	if (read > high) return 'too-strong';
	return read > low * 0.8 ? 'as-much-as-goes' : 'mild';
}

/**
 * Parts of water to one of brew that bring it down to what roots bear; salt adds up as litres do.
 * @param brew conductivity of the brew itself, dS/m
 * @param water of the water it is thinned with, dS/m
 * @returns 0 where it needs none; undefined where the water alone is too salty
 * @example thinnedFor(12, 0.3, 'soil') // 5.9 parts
 */
export function thinnedFor(brew: number, water: number, bearer: SaltBearer): number | undefined {
	const [limit] = mostSalt[bearer];
	if (brew <= limit) return 0;
	return water < limit ? (brew - limit) / (limit - water) : undefined;
}
