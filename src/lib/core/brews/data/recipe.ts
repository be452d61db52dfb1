import type { MaterialId } from '../../materials';

export type RecipeId =
	| 'grain-culture'
	| 'kept-culture'
	| 'microbe-tea'
	| 'aerated-tea'
	| 'steeped-liquor'
	| 'sugar-ferment'
	| 'submerged-ferment'
	| 'grain-wash'
	| 'milk-culture'
	| 'starch-brew'
	| 'ash-tea'
	| 'drained-liquor';

/** What may go into a brew: a material, or another brew. */
export type BrewStuff = MaterialId | RecipeId;

/** What a nose or an eye says of a brew. A stink is one thing in an aired brew and another in a shut one. */
export const smells = [
	'earthy',
	'sweet',
	'sour',
	'stink',
	'bread-like',
	'dough-and-fruit',
	'sweet-sour',
	'strong',
	'green',
	'rotten',
	'mouldy',
	'pale-threads',
	'yellow-growth',
	'black-or-green',
	'slimy',
	'bare',
	'froth-ring',
	'no-froth',
	'ring-collapsed',
	'clear-whey',
	'milky',
	'amber',
	'pale',
	'as-drained'
] as const;
export type Smell = (typeof smells)[number];

/** What a smell means in one recipe. */
export type SmellVerdict = 'as-it-should' | 'not-yet' | 'doubtful' | 'failed';

/** How it gets its air, and what stands over it. */
export type Air = 'open-box' | 'breathing' | 'pump' | 'stirred' | 'vented';

/** What is put in besides what the recipe is counted by. */
export interface RecipePart {
	readonly id: string;
	/** What may stand for it, the likeliest first. */
	readonly from: readonly BrewStuff[];
	readonly by: 'L' | 'kg';
	/** Litres or kilograms to ten of what the recipe is counted by. */
	readonly per10: readonly [low: number, high: number];
	/** Left out unless it is measured in. */
	readonly isOption?: boolean;
	/** Hangs in a bag: what does not dissolve is lifted out again. */
	readonly inBag?: boolean;
}

/** Parts of water to one of brew. */
export interface Thinning {
	readonly strongest: number;
	readonly usual: number;
	readonly finest: number;
}

export interface Recipe {
	readonly id: RecipeId;
	readonly name: string;
	/** What the recipe is counted by: litres of water, or so much of a stuff. */
	readonly base: { readonly of: 'water' | readonly BrewStuff[]; readonly by: 'L' | 'kg' };
	readonly parts: readonly RecipePart[];
	readonly air: Air;
	/** Hours at 20 °C. */
	readonly hours: readonly [low: number, high: number];
	/** Of the vessel, so that froth stays inside. */
	readonly fill: number;
	/** Hours it keeps: at 20 °C once the pump stops, or at up to 15 °C once it is ripe. */
	readonly keeps?: {
		readonly from: 'pump' | 'ripe';
		readonly hours: readonly [low: number, high: number];
	};
	readonly soil?: Thinning;
	readonly leaves?: Thinning;
	readonly senses: readonly (readonly [Smell, SmellVerdict])[];
	/** The material it stands for where another room wants a liquid: char soaks in it. */
	readonly as?: MaterialId;
	/** Something loose steeps in it: it is drawn off that in the end. */
	readonly strained?: boolean;
	/** Stinks as it should: it wants a place of its own. */
	readonly stinks?: boolean;
	/** Makes gas: its lid must let it out. */
	readonly gas?: boolean;
	/** Litres of the vessel it is usually made in. Working assumption. */
	readonly usualSize_l: number;
	/** Kilograms to the litre of its room, where what it is made from is weighed into a vessel. */
	readonly fillBy_kg_l?: number;
	/** It stands in no vessel that is measured: a box, or the can it was caught in. */
	readonly standsAnywhere?: boolean;
	/** Lye: it bites metal, leaves and ground that is sweet enough. */
	readonly isLye?: boolean;
	/** Alive, so that chlorine harms it. */
	readonly alive: boolean;
	/** Of each element that goes in loose or in the bag, the share that the liquid takes. */
	readonly dissolves: Dissolving;
	/** What to do with it at the end of its time. */
	readonly end: 're-aerate' | 'heap' | 'keep' | 'thin' | 'unopened';
	readonly source: string;
}

/** Shares of mineral nitrogen, of the rest of it, of phosphorus and potassium that go into the liquid. */
export interface Dissolving {
	readonly mineralNitrogen: number;
	readonly boundNitrogen: number;
	readonly phosphorus: number;
	readonly potassium: number;
}

/**
 * A day or so in a bag: all mineral nitrogen, and most potassium, which no organic matter binds. An
 * assumption: nobody measures it at home; a conductivity meter tells more.
 */
export const steptShortly: Dissolving = Object.freeze({
	mineralNitrogen: 1,
	boundNitrogen: 0,
	phosphorus: 0,
	potassium: 0.7
});

/**
 * Weeks under water, the leaves gone: as much as brings fresh leaves into the range that plant liquors are
 * told to hold (0.2–0.8 g N, 0.05–0.15 g P, 0.3–1.2 g K per litre). A working assumption.
 */
export const rottedDown: Dissolving = Object.freeze({
	mineralNitrogen: 1,
	boundNitrogen: 0.6,
	phosphorus: 0.6,
	potassium: 0.9
});
