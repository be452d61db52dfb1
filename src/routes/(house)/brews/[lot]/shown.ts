import type { BrewStuff } from '$lib/core/brews';

/** Something that went into a brew, as its page shows it. */
export interface BrewIngredientShown {
	readonly material: BrewStuff | 'batch' | 'char';
	readonly fromCode: string | null;
	readonly volume_ul: number;
	readonly planned_ul: number | null;
}
