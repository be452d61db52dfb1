import { cultures } from './cultures';
import { ferments } from './ferments';
import type { Recipe, RecipeId, SmellVerdict, Smell } from './recipe';
import { teas } from './teas';

/** Every recipe, the commonest first. */
export const recipes: readonly Recipe[] = Object.freeze([...teas, ...cultures, ...ferments]);

/** @throws RangeError for a recipe that is in no table */
export function recipeOf(id: string): Recipe {
	const known = recipes.find((recipe) => recipe.id === id);
	if (!known) throw new RangeError(`recipeOf: "${id}" is no recipe`);
	return known;
}

/** Leaves lie in it until it is strained. */
export const isLeafy = ({ base, parts }: Recipe): boolean =>
	[...(base.of === 'water' ? [] : base.of), ...parts.flatMap(({ from }) => from)].includes(
		'fresh-leaves'
	);

/** What one plans with where nothing was chosen: a tea for a day, and for rounds one that is multiplied. */
export const firstRecipes = Object.freeze({
	brew: 'aerated-tea',
	rounds: 'microbe-tea',
	drained: 'drained-liquor'
} as const satisfies Record<string, RecipeId>);

export const isRecipe = (id: string): id is RecipeId => recipes.some((recipe) => recipe.id === id);

/** What a smell means in a recipe; one its check does not ask for says nothing. */
export const verdictOf = (id: RecipeId, smell: Smell): SmellVerdict =>
	recipeOf(id).senses.find(([one]) => one === smell)?.[1] ?? 'not-yet';
