import type { Contents } from '../ledger';
import { litres, type Litres } from '../units';
import type { Dissolving, RecipeId, RecipePart } from './data/recipe';
import { recipeOf } from './data/recipes';

/** What a part comes to, in its own unit: what the recipe takes at least, in the middle and at most. */
export interface PartAsked {
	readonly part: RecipePart;
	readonly low: number;
	readonly usual: number;
	readonly high: number;
}

/**
 * The parts of a recipe for so much of what it is counted by.
 * @param base litres or kilograms, as the recipe counts
 * @example partsFor('microbe-tea', 12)[0] // starter: 0.024 to 0.06 L
 */
export const partsFor = (id: RecipeId, base: number): readonly PartAsked[] =>
	recipeOf(id).parts.map((part) => {
		const [low, high] = part.per10;
		const of = (per10: number) => (base / 10) * per10;
		return { part, low: of(low), usual: of((low + high) / 2), high: of(high) };
	});

/** Whether so much of a part is more than three times the most the recipe takes, or less than a third of the least. */
export const isFarFromAsked = ({ low, high }: PartAsked, amount: number): boolean =>
	amount > 3 * high || amount < low / 3;

/** What of one part really goes in. */
export interface PartIn {
	readonly part: RecipePart;
	readonly litres: number;
	readonly kg: number;
}

/** Stuffs that lie dry on each other fill the vessel by their own bulk. */
const isDry = (id: RecipeId) => recipeOf(id).base.of !== 'water' && recipeOf(id).base.by === 'kg';

/** Litres of the brew itself: liquids, or of dry stuffs their bulk; what hangs in a bag is lifted out again. */
export const madeOf = (id: RecipeId, base: number, parts: readonly PartIn[]): Litres =>
	litres(
		parts.reduce<number>(
			(sum, { part, litres: volume }) =>
				part.inBag || (part.by === 'kg' && !isDry(id)) ? sum : sum + volume,
			base
		)
	);

/** How high it stands: what is sunk in it displaces a litre to the kilogram. */
export const levelOf = (id: RecipeId, base: number, parts: readonly PartIn[]): Litres =>
	litres(
		parts.reduce<number>(
			(sum, { part, kg }) => (part.by === 'kg' && !part.inBag && !isDry(id) ? sum + kg : sum),
			madeOf(id, base, parts)
		)
	);

/** What a vessel takes of a recipe up to where froth leaves room, L. */
export const roomIn = (id: RecipeId, capacity: Litres): Litres =>
	litres(capacity * recipeOf(id).fill);

/** Whether so many litres leave froth its room. */
export const leavesRoom = (id: RecipeId, volume: Litres, capacity: Litres): boolean =>
	volume <= roomIn(id, capacity) * 1.005;

/** Grams of calcium carbonate that the potassium of one gram neutralises, dissolved as its carbonate: 50.04 / 39.10. */
const limePerPotassium = 50.04 / 39.1;
/** Grams of potassium carbonate to one of its potassium. */
const carbonatePerPotassium = 138.2 / (2 * 39.1);

/**
 * What the liquid takes out of what steeps in it; the rest stays in the bag or on the cloth. Of ash it is
 * the potash with its bite; the chalk stays behind.
 */
export function dissolvedOf(contents: Contents, shares: Dissolving): Contents {
	const mineral = contents['mineral-nitrogen'] ?? 0;
	const bound = (contents.nitrogen ?? 0) - mineral;
	const potassium = Math.round((contents.potassium ?? 0) * shares.potassium);
	const isAsh = (contents.ash ?? 0) > 0;
	const taken: Contents = {
		nitrogen: Math.round(mineral * shares.mineralNitrogen + bound * shares.boundNitrogen),
		'mineral-nitrogen': Math.round(mineral * shares.mineralNitrogen),
		phosphorus: Math.round((contents.phosphorus ?? 0) * shares.phosphorus),
		potassium,
		...(isAsh
			? {
					lime: Math.min(contents.lime ?? 0, Math.round(potassium * limePerPotassium)),
					ash: Math.min(contents.ash ?? 0, Math.round(potassium * carbonatePerPotassium))
				}
			: {})
	};
	return Object.fromEntries(Object.entries(taken).filter(([, mg]) => mg > 0));
}
