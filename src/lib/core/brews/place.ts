import type { Recipe } from './data/recipe';

/** Where a brew that stinks or makes gas will stand, and under what. */
export interface PlaceTold {
	readonly downwind?: boolean | undefined;
	readonly shade?: boolean | undefined;
	readonly house_m?: number | undefined;
	readonly boundary_m?: number | undefined;
	readonly water_m?: number | undefined;
	readonly lid?: Lid | undefined;
	/** Of the vessel: lye eats metal. */
	readonly plastic?: boolean | undefined;
}
export type Lid = 'breathing' | 'vented' | 'shut';

export type PlaceFault =
	'upwind' | 'sunny' | 'near-house' | 'near-boundary' | 'near-water' | 'shut-lid' | 'metal';

/**
 * Metres to keep from a house, a boundary and open water. Water: 10 m or more, as local rules say; house and
 * boundary are working assumptions of what a nose bears.
 */
export const placeLimits = Object.freeze({ house_m: 15, boundary_m: 5, water_m: 10 });

/** What speaks against a place; what was not said is not held against it. */
export function faultsOfPlace(recipe: Recipe, told: PlaceTold): readonly PlaceFault[] {
	const near = (away: number | undefined, least: number) => away !== undefined && away < least;
	const faults: (PlaceFault | false)[] = [
		recipe.gas === true && told.lid === 'shut' && 'shut-lid',
		recipe.isLye === true && told.plastic !== true && 'metal'
	];
	if (recipe.stinks)
		faults.push(
			told.downwind === false && 'upwind',
			told.shade === false && 'sunny',
			near(told.house_m, placeLimits.house_m) && 'near-house',
			near(told.boundary_m, placeLimits.boundary_m) && 'near-boundary',
			near(told.water_m, placeLimits.water_m) && 'near-water'
		);
	return faults.filter((fault) => fault !== false);
}

/** What is asked of a recipe's place when it is set going. */
export const asksPlace = (recipe: Recipe) => ({
	stands: recipe.stinks === true,
	lid: recipe.gas === true,
	plastic: recipe.isLye === true
});
