import { judge, type Caution } from '../cautions';
import { isMaterial, materialOf, type Measure } from '../materials';
import { warmthOf, type Window } from '../time';
import { litres, type Celsius, type Estimate, type Kilograms, type Litres } from '../units';
import { isAsleep } from './clock';
import { wateringRates } from './data/rates';
import type { BrewStuff, Recipe, RecipeId, RecipePart } from './data/recipe';
import { isRecipe, recipeOf } from './data/recipes';
import { hoursToUse } from './figures';
import { goingRules, type Going, type Starter } from './going';
import type { PlaceTold } from './place';
import { levelOf, madeOf, partsFor, roomIn, type PartAsked } from './plan';
import { goesTo } from './share-out';
import { judgeWater, type WaterTold, type WaterVerdict } from './water';
import { brewWindow } from './window';

/** A stuff brought in now, or a lot in the books: material of stock, or another brew. */
export interface StuffIn {
	readonly stuff: BrewStuff;
	readonly lot?: string | undefined;
}

export interface PartChosen extends StuffIn {
	/** Which part of the recipe it stands for. */
	readonly id: string;
	/** None: as much as the recipe usually takes. */
	readonly measure?: Measure | undefined;
}

/** A brew as it was asked for. */
export interface BrewAsked {
	readonly recipe: RecipeId;
	/** What the recipe is counted by: litres of water, or so much of a stuff. */
	readonly base: Measure;
	readonly baseStuff?: StuffIn | undefined;
	readonly parts: readonly PartChosen[];
	readonly temperature?: Celsius | undefined;
	readonly water?: WaterTold | undefined;
	readonly place?: PlaceTold | undefined;
}

/** A lot that may go in. */
export interface StuffThere {
	readonly code: string;
	readonly stuff: BrewStuff;
	readonly left_l: number;
	/** kg to the litre, as it lies. */
	readonly density: number;
	/** Of a brew: how it stands, and what its line is doubted for. */
	readonly starter?: Omit<Starter, 'code'>;
}

/** What there is to make it of and in, at the moment it is set going. */
export interface BrewYard {
	readonly stock: readonly StuffThere[];
	/** kg to the litre of what is brought in now. */
	readonly densities: Readonly<Partial<Record<BrewStuff, number>>>;
	readonly vessel?:
		| { readonly name: string; readonly capacity_l: number; readonly holds?: string | undefined }
		| undefined;
	readonly start_ms: number;
}

/** So much of what was chosen. */
export interface StuffWorked extends StuffIn {
	readonly measure: Measure;
	readonly litres: number;
	readonly kg: number;
	/** More than its lot holds, L. */
	readonly short?: number;
}

export interface PartWorked extends PartAsked, StuffWorked {}

/** What setting it going comes to. */
export interface BrewWorked {
	readonly recipe: Recipe;
	readonly base: StuffWorked | undefined;
	readonly base_l: number;
	readonly parts: readonly PartWorked[];
	/** What stands in the vessel when it is set going, and the brew of it. */
	readonly level: Litres;
	readonly made: Litres;
	/** As much as leaves froth its place. */
	readonly room: Litres;
	readonly water: WaterVerdict;
	readonly cautions: readonly Caution[];
	readonly window?: Window;
	/** Too cold for it to work. */
	readonly asleep?: boolean;
	readonly hours?: Estimate;
	/** How far it goes at its usual thinning, L diluted and m² of bed. */
	readonly goes?: { readonly parts: number; readonly total: Litres; readonly area_m2: number };
}

/**
 * What a brew wants, what stands in its vessel, what speaks against it and when it is ripe: for the page as one
 * types, the preview of a line and the act.
 * @param nameOf what a stuff is called, for what is told of it
 */
export function workOutBrew(
	asked: BrewAsked,
	yard: BrewYard,
	nameOf: (stuff: BrewStuff) => string
): BrewWorked {
	const recipe = recipeOf(asked.recipe);
	const base = asked.baseStuff && worked(asked.baseStuff, asked.base, yard);
	const base_l = base?.litres ?? ('litres' in asked.base ? asked.base.litres : 0);
	const counted = recipe.base.by === 'kg' ? (base?.kg ?? 0) : base_l;
	const parts = partsFor(recipe.id, counted).flatMap((one) => partWorked(one, asked, yard));
	const level = levelOf(recipe.id, base_l, parts);
	const made = madeOf(recipe.id, base_l, parts);
	const capacity = litres(yard.vessel?.capacity_l ?? level / recipe.fill);
	const warmth =
		asked.temperature === undefined ? undefined : warmthOf(yard.start_ms, asked.temperature, []);
	const hours =
		asked.temperature === undefined ? undefined : hoursToUse(recipe.id, asked.temperature);
	const going = goingOf(asked, yard, { recipe, base, base_l, parts, level }, nameOf);
	return {
		recipe,
		base,
		base_l,
		parts,
		level,
		made,
		room: roomIn(recipe.id, capacity),
		water:
			recipe.base.of === 'water' && recipe.alive && asked.water
				? judgeWater(asked.water, litres(base_l))
				: { is: 'fit' },
		cautions: judge(goingRules, going),
		...(warmth ? { window: brewWindow(recipe.id, warmth), asleep: isAsleep(warmth) } : {}),
		...(hours ? { hours } : {}),
		...(recipe.soil ? { goes: farOf(made, recipe.soil.usual) } : {})
	};
}

function goingOf(
	asked: BrewAsked,
	{ vessel, stock }: BrewYard,
	{
		recipe,
		base,
		base_l,
		parts,
		level
	}: Pick<BrewWorked, 'recipe' | 'base' | 'base_l' | 'parts' | 'level'>,
	nameOf: (stuff: BrewStuff) => string
): Going {
	const used = [...(base ? [base] : []), ...parts];
	return {
		recipe,
		...(vessel
			? {
					vessel: {
						name: vessel.name,
						capacity: litres(vessel.capacity_l),
						holds: vessel.holds
					}
				}
			: {}),
		level,
		base: litres(base_l),
		water: asked.water,
		place: asked.place ?? {},
		parts: parts.map((one) => ({
			asked: one,
			stuff: nameOf(one.stuff),
			amount: one.part.by === 'kg' ? one.kg : one.litres
		})),
		starters: used.flatMap(({ lot }) => {
			const starter = stock.find(({ code }) => code === lot)?.starter;
			return starter && lot !== undefined ? [{ code: lot, ...starter }] : [];
		}),
		hasSugar: used.some(({ stuff }) => isMaterial(stuff) && materialOf(stuff).germs === 'sugar-fed')
	};
}

const farOf = (made: Litres, parts: number) => {
	const total = goesTo(made, parts);
	return { parts, total, area_m2: total / wateringRates.area.usual };
};

/** A part as measured, else as the recipe usually takes it; an option only where it is asked for. */
function partWorked(one: PartAsked, { parts }: BrewAsked, yard: BrewYard): readonly PartWorked[] {
	const { id, from, by, isOption } = one.part;
	const given = parts.find((part) => part.id === id);
	if (!given && isOption) return [];
	const chosen: StuffIn = given ?? { stuff: from[0]! };
	return [{ ...one, ...worked(chosen, given?.measure ?? usualMeasure(by, one.usual), yard) }];
}

/** Litres and kilograms of so much of what was chosen. */
function worked(chosen: StuffIn, measure: Measure, yard: BrewYard): StuffWorked {
	const { stuff, lot: code } = chosen;
	const lot = code === undefined ? undefined : yard.stock.find((one) => one.code === code);
	const density = lot?.density ?? yard.densities[stuff] ?? 1;
	const volume = 'litres' in measure ? measure.litres : measure.kg / density;
	return {
		...chosen,
		measure,
		litres: volume,
		kg: 'kg' in measure ? measure.kg : volume * density,
		...(lot && volume > lot.left_l + 1e-6 ? { short: volume - lot.left_l } : {})
	};
}

/** As much of a part as its recipe usually takes. */
const usualMeasure = (by: RecipePart['by'], amount: number): Measure =>
	by === 'L' ? { litres: litres(amount) } : { kg: amount as Kilograms };

/** What stands for a stuff where nobody chose: its first sound lot, else the usual brought in; undefined where there is none. */
export function choiceOf(
	from: readonly BrewStuff[],
	stock: readonly StuffThere[]
): StuffIn | undefined {
	const inTurn = from.flatMap((one) => stock.filter(({ stuff }) => stuff === one));
	const isSound = ({ starter }: StuffThere) =>
		starter === undefined || (starter.isRipe && starter.doubted === '');
	const lot = inTurn.find(isSound) ?? inTurn[0];
	if (lot) return { stuff: lot.stuff, lot: lot.code };
	const stuff = from.find((one) => !isRecipe(one));
	return stuff === undefined ? undefined : { stuff };
}

/** Kilograms to the litre of room, where a recipe does not say. */
export const usualFill_kg_l = 0.4;

/** What to begin with: as much water as leaves the froth its room, in whole litres; of a stuff, what fits. */
export function usualBase(id: RecipeId, capacity_l: number): number {
	const room = roomIn(id, litres(capacity_l));
	const { base, parts } = recipeOf(id);
	if (base.by === 'kg') return room;
	// What is loose in it wants its room too.
	const loose = parts.filter(({ inBag, isOption }) => !inBag && !isOption);
	const most = room / loose.reduce((sum, { per10: [low, high] }) => sum + (low + high) / 20, 1);
	return base.of === 'water' && most >= 2 ? Math.floor(most) : most;
}

/** The free vessel nearest in size to what a recipe is made in. */
export function vesselFor<
	One extends { readonly capacity_l: number; readonly holds?: string | undefined }
>(id: RecipeId, vessels: readonly One[]): One | undefined {
	const size = recipeOf(id).usualSize_l;
	const off = ({ capacity_l }: One) => Math.abs(Math.log(capacity_l / size));
	return vessels.filter(({ holds }) => holds === undefined).sort((a, b) => off(a) - off(b))[0];
}
