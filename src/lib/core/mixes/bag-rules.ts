import type { Rule } from '../cautions';

/** A bag as it is brought in. */
export interface BagCase {
	readonly material: string;
	/** The nutrient whose figure was told as the element and fits the oxide only. */
	readonly likelyOxide?: 'phosphorus' | 'potassium' | undefined;
	/** As it was told, percent. */
	readonly told?: number | undefined;
}

/** What speaks against what is said of a bag. */
export const bagRules: readonly Rule<BagCase>[] = Object.freeze([
	{
		code: 'bag-oxide',
		weight: 'ask',
		when: 'A figure of a bag told as the element that is more than the stuff ever holds, and fits as the oxide',
		lifted: 'It is told as the oxide, or is so of a truth',
		source: 'P₂O₅ is 2.29 times P, K₂O 1.20 times K; bags say the oxides',
		finds: ({ material, likelyOxide, told }) =>
			likelyOxide !== undefined && {
				of: likelyOxide,
				facts: { material, nutrient: likelyOxide, told: told ?? 0 }
			}
	}
]);
