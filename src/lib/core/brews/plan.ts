import { part, type Contents } from '../ledger';
import { litres, type Litres } from '../units';
import { dissolves, recipeOf, type RecipeId } from './data/recipes';

/** What goes into a vessel, L. */
export interface BrewPlan {
	readonly water: Litres;
	readonly partner: Litres;
	/** What the recipe lets one take, fewer or more. */
	readonly partnerLow: Litres;
	readonly partnerHigh: Litres;
}

/** A recipe scaled to a vessel: water as high as froth leaves room for, castings in the middle of their range. */
export function planBrew(id: RecipeId, capacity: Litres): BrewPlan {
	const { per10L, fill } = recipeOf(id);
	return scaledTo(id, litres(capacity * fill), per10L);
}

/** The same for so much water. */
export function scaledTo(
	id: RecipeId,
	water: Litres,
	[low, high]: readonly [number, number] = recipeOf(id).per10L
): BrewPlan {
	const of = (per10L: number) => litres((water / 10) * per10L);
	return { water, partner: of((low + high) / 2), partnerLow: of(low), partnerHigh: of(high) };
}

/** Whether water in a vessel leaves froth its room. */
export const leavesRoom = (id: RecipeId, water: Litres, capacity: Litres): boolean =>
	water <= capacity * recipeOf(id).fill * 1.005;

/** What the water takes out of what hangs in it; the rest stays in the bag. */
export function dissolvedOf(contents: Contents): Contents {
	const mineral = part(
		{ 'mineral-nitrogen': contents['mineral-nitrogen'] ?? 0 },
		dissolves.mineralNitrogen
	)['mineral-nitrogen'];
	const potassium = part({ potassium: contents.potassium ?? 0 }, dissolves.potassium).potassium;
	return {
		...(mineral ? { nitrogen: mineral, 'mineral-nitrogen': mineral } : {}),
		...(potassium ? { potassium } : {})
	};
}
