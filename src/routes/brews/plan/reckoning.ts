import { limits } from '$lib/input/limits';
import { amountIn } from '$lib/input/read-field';
import {
	brewWindow,
	hoursToUse,
	leavesRoom,
	recipeOf,
	scaledTo,
	type BrewPlan,
	type RecipeId
} from '$lib/core/brews';
import { warmthOf, type Window } from '$lib/core/time';
import { celsius, litres, type Estimate, type ParseContext } from '$lib/core/units';

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
	const read = amountIn(water, limits.brew.water, context);
	if (read === undefined) return undefined;
	const liquid = litres(read);
	const warm = amountIn(temperature, limits.brew.temperature, context);
	const asked = scaledTo(recipe, liquid);
	const fits = leavesRoom(recipe, liquid, litres(capacity_l));
	if (warm === undefined) return { asked, fits };
	const hours = hoursToUse(recipe, celsius(warm));
	return {
		asked,
		fits,
		window: brewWindow(recipe, warmthOf(now_ms, celsius(warm), [])),
		...(hours ? { hours } : {})
	};
}

/** What to begin with: as much water as leaves the froth its room, in whole litres. */
export const usualWater = (recipe: RecipeId, capacity_l: number): number =>
	Math.floor(capacity_l * recipeOf(recipe).fill);
