import type { CharWetness } from './state';

/** How char was come by that no fire here made. */
export interface CharOrigin {
	readonly from?: 'bought' | 'given' | 'through-livestock' | 'sifted';
	/** Maker's batch, whose hand, what sort. */
	readonly words?: string;
	readonly price?: number;
	/** Largest grain, mm, as sold. */
	readonly grain_mm?: number;
	/** Of the maker's sheet: ash, share of the dry mass; pH. */
	readonly ash?: number;
	readonly ph?: number;
	/** Kilograms as sold. */
	readonly sold_kg?: number;
}

/** What one tries at home, each passed or not; what was not tried is left out. */
export const qualityTests = ['ring', 'washes', 'sinks', 'no-tar-smell'] as const;
export type QualityTest = (typeof qualityTests)[number];

/** Something found of a char. */
export type CharFinding =
	| {
			readonly kind: 'wetness';
			readonly wetness: CharWetness;
			/** Water over total mass, where it was weighed wet and dry. */
			readonly water?: number;
	  }
	| { readonly kind: 'rinsed' }
	| {
			readonly kind: 'quality';
			readonly passed: readonly QualityTest[];
			readonly failed: readonly QualityTest[];
			/** Of a slurry of one part dry char by weight in ten of rain water, after an hour. */
			readonly ph?: number;
			/** Ash left of a burnt-off sample, share of its dry mass. */
			readonly ash?: number;
			readonly hottest_c?: number;
	  }
	| { readonly kind: 'sieved'; readonly shares: SieveShares };

/** Shares of the dry mass by grain. */
export interface SieveShares {
	readonly over20: number;
	readonly to20: number;
	readonly to10: number;
	readonly under2: number;
}
