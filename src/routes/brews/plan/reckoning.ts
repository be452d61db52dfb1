import {
	brewWindow,
	hoursToUse,
	leavesRoom,
	recipeOf,
	scaledTo,
	warmthOf,
	type BrewPlan,
	type RecipeId
} from '$lib/core/brews';
import type { Window } from '$lib/core/time';
import {
	celsius,
	litres,
	parseTemperature,
	parseVolume,
	type Estimate,
	type ParseContext
} from '$lib/core/units';

export interface Typed {
	readonly recipe: RecipeId;
	readonly water: string;
	readonly temperature: string;
}

export interface Reckoned {
	readonly asked: BrewPlan;
	readonly fits: boolean;
	readonly window?: Window;
	readonly hours?: Estimate;
}

/** What so much water wants in its bag, and when it is ripe; undefined until the water can be read. */
export function reckonBrew(
	{ recipe, water, temperature }: Typed,
	capacity_l: number,
	now_ms: number,
	context: ParseContext
): Reckoned | undefined {
	const read = parseVolume(water, context);
	if (read.status !== 'ok' || read.value <= 0) return undefined;
	const liquid = litres(read.value);
	const warm = parseTemperature(temperature, context);
	const asked = scaledTo(recipe, liquid);
	const fits = leavesRoom(recipe, liquid, litres(capacity_l));
	if (warm.status !== 'ok') return { asked, fits };
	const hours = hoursToUse(recipe, celsius(warm.value));
	return {
		asked,
		fits,
		window: brewWindow(recipe, warmthOf(now_ms, celsius(warm.value), [])),
		...(hours ? { hours } : {})
	};
}

/** What to begin with: as much water as leaves the froth its room, in whole litres. */
export const usualWater = (recipe: RecipeId, capacity_l: number): number =>
	Math.floor(capacity_l * recipeOf(recipe).fill);
