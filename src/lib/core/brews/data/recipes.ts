import type { MaterialId } from '../../materials';

/** What a nose says of a brew. */
export type Smell = 'earthy' | 'sweet' | 'sour' | 'stink';

/** What a smell means in one recipe. */
export type SmellVerdict = 'as-it-should' | 'not-yet' | 'failed';

export interface Recipe {
	readonly id: RecipeId;
	readonly name: string;
	/** What it is made from, to be in a bag; the likeliest first. */
	readonly partners: readonly MaterialId[];
	/** Litres of it to 10 L of water. */
	readonly per10L: readonly [low: number, high: number];
	/** Hours at 20 °C. */
	readonly hours: readonly [low: number, high: number];
	/** Of the vessel, so that froth stays inside. */
	readonly fill: number;
	/** Hours at 20 °C that it keeps once the pump stops. */
	readonly keepsHours: readonly [low: number, high: number];
	/** Parts of water to one of brew: from undiluted to the finest. */
	readonly dilution: readonly [strongest: number, finest: number];
	readonly smells: Readonly<Record<Smell, SmellVerdict>>;
	readonly source: string;
}
export type RecipeId = 'aerated-tea';

export const recipes: readonly Recipe[] = Object.freeze([
	{
		id: 'aerated-tea',
		name: 'aerated tea',
		partners: ['castings', 'finished-compost'],
		per10L: [0.5, 1],
		hours: [18, 36],
		fill: 0.8,
		keepsHours: [4, 6],
		dilution: [0, 5],
		smells: { earthy: 'as-it-should', sweet: 'not-yet', sour: 'not-yet', stink: 'failed' },
		source:
			'Practice: 0.5–1 L of castings or compost to 10 L, bubbled 18–36 h at 20 °C; good for 4–6 h once the pump stops'
	}
]);

/** @throws RangeError for a recipe that is in no table */
export function recipeOf(id: string): Recipe {
	const known = recipes.find((recipe) => recipe.id === id);
	if (!known) throw new RangeError(`recipeOf: "${id}" is no recipe`);
	return known;
}

/** Diluted, in litres to the square metre of a bed. Source: practice, 2–5 L/m² of bed or furrow. */
export const drenchRate = Object.freeze({ low: 2, usual: 3, high: 5 });

/**
 * What the water takes out of the bag: all mineral nitrogen, and most potassium, which no organic matter
 * binds. An assumption: nobody measures it at home; a conductivity meter tells more.
 */
export const dissolves = Object.freeze({ mineralNitrogen: 1, potassium: 0.7 });
