import type { Window } from '$lib/core/time';
import { limits } from '$lib/input/limits';
import { amountIn } from '$lib/input/read-field';
import {
	choiceOf,
	recipeOf,
	workOutBrew,
	type BrewStuff,
	type BrewWorked,
	type BrewYard as Yard,
	type PartChosen,
	type PlaceTold,
	type RecipeId,
	type RecipePart,
	type StuffIn,
	type StuffThere,
	type WaterTold
} from '$lib/core/brews';
import { readMeasure } from '$lib/core/materials';
import { celsius, litres, type ParseContext } from '$lib/core/units';
import { stuffName } from '$lib/format/brew-words';
import { choiceText, chosenStuffIn, isNone } from '$lib/input/chosen';

/** Something in the books that may go in. */
export interface BrewStock extends StuffThere {
	readonly name: string;
	/** Of a brew: not ripe, or of a doubtful line, in words. */
	readonly doubt?: string;
}

/** What there is to plan with. */
export interface BrewYard extends ParseContext, Pick<Yard, 'densities'> {
	readonly stock: readonly BrewStock[];
}

export interface BrewEntry {
	recipe: RecipeId;
	vessel: string;
	/** What a pail holds that is in no books. */
	spotVessel: string;
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

/** What stands for a stuff that is chosen: as chosen, else its first sound lot, else the usual brought in. */
export function choiceFor(
	from: readonly BrewStuff[],
	chosen: string,
	stock: readonly BrewStock[]
): string {
	const told = chosenStuffIn(chosen);
	if (told && from.includes(told.stuff)) return chosen;
	const usual = choiceOf(from, stock);
	return usual ? choiceText(usual) : '';
}

const waterOf = (entry: BrewEntry, context: ParseContext): WaterTold | undefined =>
	entry.water === ''
		? undefined
		: {
				source: entry.water as WaterTold['source'],
				stood_h: amountIn(entry.stood, limits.brew.stood, context),
				bubbled_h: amountIn(entry.bubbled, limits.brew.bubbled, context),
				strength: amountIn(entry.strength, limits.brew.strength, context),
				ascorbic: entry.ascorbic
			};

/** What a brew comes to as it is typed; undefined until how much of it can be read. */
export function reckonBrew(
	entry: BrewEntry,
	vessel: Yard['vessel'],
	start_ms: number,
	yard: BrewYard
): BrewWorked | undefined {
	const recipe = recipeOf(entry.recipe);
	const base = baseOf(entry, yard);
	if (!base) return undefined;
	const warm = amountIn(entry.temperature, limits.brew.temperature, yard);
	const asked = {
		recipe: recipe.id,
		...base,
		parts: recipe.parts.flatMap((part) => partOf(entry, part, yard)),
		...(warm === undefined ? {} : { temperature: celsius(warm) }),
		water: waterOf(entry, yard),
		place: entry.place
	};
	const { stock, densities } = yard;
	return workOutBrew(asked, { stock, densities, vessel, start_ms }, stuffName);
}

function baseOf(entry: BrewEntry, yard: BrewYard) {
	const { of } = recipeOf(entry.recipe).base;
	if (of === 'water') {
		const read = amountIn(entry.base, limits.brew.base, yard);
		return read === undefined ? undefined : { base: { litres: litres(read) } };
	}
	const read = readMeasure(entry.base, yard);
	if (read.status !== 'ok') return undefined;
	const baseStuff = chosenStuffIn(choiceFor(of, entry.withBase, yard.stock)) ?? { stuff: of[0]! };
	return { base: read.measure, baseStuff };
}

/** A part as typed; options only when they are asked for. */
function partOf(
	entry: BrewEntry,
	{ id, from, isOption }: RecipePart,
	yard: BrewYard
): PartChosen[] {
	const typed = entry.parts[id]?.amount.trim() ?? '';
	if (isNone(typed) || (typed === '' && isOption)) return [];
	const read = typed === '' ? undefined : readMeasure(typed, yard);
	const chosen: StuffIn = chosenStuffIn(
		choiceFor(from, entry.parts[id]?.with ?? '', yard.stock)
	) ?? { stuff: from[0]! };
	return [{ id, ...chosen, ...(read?.status === 'ok' ? { measure: read.measure } : {}) }];
}

/** How much of its time a brew's band shows, ms: four times as long as it takes to its best, or until it is past. */
export const drawnSpan = ({ start_ms, best_ms, past_ms }: Window): number =>
	past_ms ? Math.min(past_ms, start_ms + ((best_ms ?? start_ms) - start_ms) * 4) - start_ms : 0;
