import { limits } from '$lib/input/limits';
import { amountIn } from '$lib/input/read-field';
import {
	brewWindow,
	isAsleep,
	faultsOfPlace,
	goesTo,
	hoursToUse,
	isRecipe,
	judgeWater,
	levelOf,
	leavesRoom,
	madeOf,
	partsFor,
	recipeOf,
	roomIn,
	wateringRates,
	type BrewStuff,
	type PartAsked,
	type PlaceFault,
	type PlaceTold,
	type RecipeId,
	type RecipePart,
	type WaterTold,
	type WaterVerdict
} from '$lib/core/brews';
import { readMeasure, type Measure } from '$lib/core/materials';
import { warmthOf, type Window } from '$lib/core/time';
import { celsius, litres, type Estimate, type Litres, type ParseContext } from '$lib/core/units';

/** Something in the books that may go in. */
export interface BrewStock {
	readonly code: string;
	readonly name: string;
	readonly stuff: BrewStuff;
	readonly left_l: number;
	/** kg to the litre, as it lies. */
	readonly density: number;
	/** Of a brew: not ripe, or of a doubtful line. */
	readonly doubt?: string;
}

/** What there is to plan with. */
export interface BrewYard extends ParseContext {
	readonly stock: readonly BrewStock[];
	/** kg to the litre of what is brought in now. */
	readonly densities: Readonly<Partial<Record<BrewStuff, number>>>;
}

export interface BrewEntry {
	recipe: RecipeId;
	vessel: string;
	base: string;
	withBase: string;
	/** By the id of the part: how much, and which. */
	parts: Record<string, { amount: string; with: string }>;
	temperature: string;
	water: string;
	stood: string;
	bubbled: string;
	strength: string;
	ascorbic: boolean;
	place: PlaceTold;
}

export interface PartReckoned extends PartAsked {
	readonly stuff: BrewStuff;
	readonly choice: string;
	readonly litres: number;
	readonly kg: number;
	/** More than its lot holds, L. */
	readonly short?: number;
}

export interface Reckoned {
	readonly base_l: number;
	readonly parts: readonly PartReckoned[];
	/** What stands in the vessel when it is set going, and the brew of it. */
	readonly level: Litres;
	readonly made: Litres;
	readonly fits: boolean;
	readonly room: Litres;
	readonly water: WaterVerdict;
	readonly faults: readonly PlaceFault[];
	readonly window?: Window;
	/** Too cold for it to work. */
	readonly asleep?: boolean;
	readonly hours?: Estimate;
	/** How far it goes at its usual thinning, L diluted and m² of bed. */
	readonly goes?: { readonly parts: number; readonly total: Litres; readonly area_m2: number };
}

/** What stands for a stuff that is chosen: as chosen, else its first sound lot, else the usual brought in. */
export function choiceFor(
	from: readonly BrewStuff[],
	chosen: string,
	stock: readonly BrewStock[]
): string {
	if (from.some((one) => one === chosen.split(':').at(-1))) return chosen;
	const inTurn = from.flatMap((one) => stock.filter(({ stuff }) => stuff === one));
	const lot = inTurn.find(({ doubt }) => doubt === undefined) ?? inTurn[0];
	if (lot) return `lot:${lot.code}:${lot.stuff}`;
	return from.find((stuff) => !isRecipe(stuff)) ?? '';
}

const lotOf = (choice: string, stock: readonly BrewStock[]) => {
	const code = /^lot:([MB]\d+):/.exec(choice)?.[1];
	return code === undefined ? undefined : stock.find((one) => one.code === code);
};

/** Litres and kilograms of so much of what was chosen. */
function amountOf(choice: string, measure: Measure, yard: BrewYard) {
	const stuff = (choice.split(':').at(-1) ?? '') as BrewStuff;
	const lot = lotOf(choice, yard.stock);
	const density = lot?.density ?? yard.densities[stuff] ?? 1;
	const volume = 'litres' in measure ? measure.litres : measure.kg / density;
	return {
		stuff,
		litres: volume as number,
		kg: 'kg' in measure ? (measure.kg as number) : volume * density,
		...(lot && volume > lot.left_l + 1e-6 ? { short: volume - lot.left_l } : {})
	};
}

const waterOf = (entry: BrewEntry, context: ParseContext): WaterTold => ({
	source: entry.water as WaterTold['source'],
	stood_h: amountIn(entry.stood, limits.brew.stood, context),
	bubbled_h: amountIn(entry.bubbled, limits.brew.bubbled, context),
	strength: amountIn(entry.strength, limits.brew.strength, context),
	ascorbic: entry.ascorbic
});

/** What a brew wants, whether it fits and when it is ripe; undefined until how much of it can be read. */
export function reckonBrew(
	entry: BrewEntry,
	capacity_l: number | undefined,
	now_ms: number,
	yard: BrewYard
): Reckoned | undefined {
	const recipe = recipeOf(entry.recipe);
	const base = baseOf(entry, yard);
	if (!base) return undefined;
	const counted = recipe.base.by === 'kg' ? base.kg : base.litres;
	const parts = partsFor(entry.recipe, counted).flatMap((asked) => partOf(entry, asked, yard));
	const level = levelOf(entry.recipe, base.litres, parts);
	const made = madeOf(entry.recipe, base.litres, parts);
	const capacity = litres(capacity_l ?? level / recipe.fill);
	const warm = amountIn(entry.temperature, limits.brew.temperature, yard);
	const hours = warm === undefined ? undefined : hoursToUse(entry.recipe, celsius(warm));
	return {
		base_l: base.litres,
		parts,
		level,
		made,
		room: roomIn(entry.recipe, capacity),
		fits: leavesRoom(entry.recipe, level, capacity),
		water:
			recipe.base.of === 'water' && recipe.alive
				? judgeWater(waterOf(entry, yard), litres(base.litres))
				: { is: 'fit' },
		faults: faultsOfPlace(recipe, entry.place),
		...(warm === undefined
			? {}
			: {
					window: brewWindow(entry.recipe, warmthOf(now_ms, celsius(warm), [])),
					asleep: isAsleep(warmthOf(now_ms, celsius(warm), []))
				}),
		...(hours ? { hours } : {}),
		...(recipe.soil ? { goes: farOf(made, recipe.soil.usual) } : {})
	};
}

const farOf = (made: Litres, parts: number) => {
	const total = goesTo(made, parts);
	return { parts, total, area_m2: total / wateringRates.area.usual };
};

function baseOf(entry: BrewEntry, yard: BrewYard) {
	const { of } = recipeOf(entry.recipe).base;
	if (of === 'water') {
		const read = amountIn(entry.base, limits.brew.base, yard);
		return read === undefined ? undefined : { litres: read, kg: read };
	}
	const read = readMeasure(entry.base, yard);
	if (read.status !== 'ok') return undefined;
	return amountOf(choiceFor(of, entry.withBase, yard.stock), read.measure, yard);
}

/** A part as typed, else as the recipe usually takes it; options only when they are asked for. */
function partOf(entry: BrewEntry, asked: PartAsked, yard: BrewYard): PartReckoned[] {
	const { id, from, by, isOption } = asked.part;
	const typed = entry.parts[id]?.amount.trim() ?? '';
	if (/^0+([.,]0*)?$/.test(typed) || (typed === '' && isOption)) return [];
	const read = typed === '' ? undefined : readMeasure(typed, yard);
	const measure: Measure = read?.status === 'ok' ? read.measure : usual(by, asked.usual);
	const choice = choiceFor(from, entry.parts[id]?.with ?? '', yard.stock);
	return [{ ...asked, choice, ...amountOf(choice, measure, yard) }];
}

const usual = (by: RecipePart['by'], amount: number): Measure =>
	by === 'L'
		? { litres: litres(amount) }
		: { kg: amount as Extract<Measure, { kg: unknown }>['kg'] };

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
