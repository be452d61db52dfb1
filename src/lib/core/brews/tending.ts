import { days, type BandState } from '../time';
import type { RecipeId } from './data/recipe';
import { recipeOf } from './data/recipes';
import type { BrewState } from './window';

/** Something a brew wants done. */
export interface BrewTask {
	readonly does: 'vent' | 'stir' | 'mend-lid';
	readonly due_ms: number;
}

/** How a brew stands, and what was done with it. */
export interface BrewTended {
	readonly recipe: RecipeId;
	readonly state: BrewState;
	readonly band: BandState;
	readonly started_ms: number;
	readonly isStrained: boolean;
	/** When each was last done; undefined where it never was. */
	readonly stirred_ms?: number | undefined;
	readonly vented_ms?: number | undefined;
	/** Since when its lid leaks; undefined where it is sound. */
	readonly leaks_ms?: number | undefined;
}

/** Days between. Source: practice; leaves float up within days, a shut barrel is looked at each week. */
const every = Object.freeze({ stir: days(3), vent: days(7) });

/** What it wants besides its smell: a lid mended, gas let out, leaves stirred under; nothing once it is off. */
export function brewTasks(brew: BrewTended): readonly BrewTask[] {
	const { air } = recipeOf(brew.recipe);
	if (brew.state === 'failed' || brew.state === 'past') return [];
	const { started_ms, stirred_ms, vented_ms, leaks_ms } = brew;
	return [
		...(leaks_ms === undefined ? [] : [{ does: 'mend-lid' as const, due_ms: leaks_ms }]),
		...(air === 'vented' && !brew.isStrained
			? [{ does: 'vent' as const, due_ms: (vented_ms ?? started_ms) + every.vent }]
			: []),
		...(air === 'stirred' && brew.band === 'working'
			? [{ does: 'stir' as const, due_ms: (stirred_ms ?? started_ms) + every.stir }]
			: [])
	];
}
