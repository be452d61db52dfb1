import type { BrewStuff, Recipe, RecipeId } from './data/recipe';
import { recipes } from './data/recipes';

/**
 * The recipe that takes all of so many stuffs and lacks the fewest of its own parts; undefined where none takes
 * them, or where there is nothing to go by.
 * @example recipeFor(['castings'], true)?.id // 'aerated-tea'
 */
export function recipeFor(stuffs: readonly BrewStuff[], hasWater: boolean): Recipe | undefined {
	if (stuffs.length === 0) return undefined;
	return recipes
		.filter((recipe) => (recipe.base.of === 'water') === hasWater && takesAll(recipe, stuffs))
		.map((recipe) => ({ recipe, lacks: lackOf(recipe, stuffs) }))
		.sort((a, b) => a.lacks - b.lacks)[0]?.recipe;
}

const takesAll = ({ base, parts }: Recipe, stuffs: readonly BrewStuff[]) =>
	stuffs.every(
		(stuff) =>
			(base.of !== 'water' && base.of.includes(stuff)) ||
			parts.some(({ from }) => from.includes(stuff))
	);

const lackOf = ({ parts }: Recipe, stuffs: readonly BrewStuff[]) =>
	parts.filter(({ from, isOption }) => !isOption && !from.some((one) => stuffs.includes(one)))
		.length;

/** The kind that a culture is kept for: the first other that takes it; undefined for what goes on beds. */
export const feeds = (id: RecipeId): RecipeId | undefined =>
	recipes.find(
		(recipe) =>
			recipe.id !== id &&
			((recipe.base.of !== 'water' && recipe.base.of.includes(id)) ||
				recipe.parts.some(({ from }) => from.includes(id)))
	)?.id;
