import { compositionOf, isMaterial, materialOf } from '$lib/core/materials';
import {
	airOf,
	litresIn,
	looseFor,
	phOfMix,
	pottingPart,
	shrink,
	type Shape
} from '$lib/core/mixes';
import type { Range } from '$lib/core/units';
import { limits } from '$lib/input/limits';
import { vesselOf } from '$lib/input/mixes';
import { amountIn } from '$lib/input/read-field';
import type { PotRecipe, PotStock, PotYard } from './told';

export interface PotEntry {
	recipe: string;
	pots: string;
	shape: string;
	top: string;
	foot: string;
	potHigh: string;
	cells: string;
	cellVolume: string;
}

export interface PotLine {
	readonly name: string;
	/** As the form sends it: a lot, or a material that is brought in. */
	readonly stuff: string;
	readonly share: number;
	readonly litres: number;
	readonly lot: PotStock | undefined;
	/** Litres that the lot has too few of. */
	readonly lacks_l: number;
	/** More of it than roots bear. */
	readonly most: number | undefined;
	readonly isMuch: boolean;
}

export interface PotReckoned {
	readonly recipe: PotRecipe;
	readonly pots: number;
	readonly shape: Shape;
	readonly each_l: number;
	/** Settled in the pots, and loose before it is mixed. */
	readonly filled_l: number;
	readonly loose_l: number;
	readonly lines: readonly PotLine[];
	readonly air: Range;
	readonly ph: Range | undefined;
}

/** What so many pots take; nothing until they can be read. */
export function reckonPots(entry: PotEntry, yard: PotYard): PotReckoned | undefined {
	const recipe = yard.recipes.find(({ id }) => id === entry.recipe) ?? yard.recipes[0];
	const read = (typed: string, of: keyof typeof limits.mix) =>
		amountIn(typed, limits.mix[of], yard);
	const pots = read(entry.pots, 'pots');
	const vessel = vesselOf({
		...{ shape: entry.shape as Shape, top: read(entry.top, 'top'), foot: read(entry.foot, 'top') },
		...{ potHigh: read(entry.potHigh, 'high'), cells: read(entry.cells, 'cells') },
		cellVolume: read(entry.cellVolume, 'cellVolume')
	});
	if (!recipe || pots === undefined || !vessel) return undefined;
	const loose_l = looseFor(pots, vessel);
	const by = recipe.use === 'seed' ? 0.5 : 1;
	const lines = recipe.parts.map(({ stuff, share }): PotLine => {
		const litres = loose_l * share;
		const lot = yard.stock.find((one) => one.material === stuff);
		const most = pottingPart(stuff)?.most;
		return {
			...{ share, litres, lot, most },
			name: isMaterial(stuff) ? materialOf(stuff).name : 'char, charged and fine',
			stuff: lot ? `lot:${lot.code}` : stuff,
			lacks_l: lot ? Math.max(0, litres - lot.left_l) : 0,
			isMuch: most !== undefined && share > most * by * 1.001
		};
	});
	const parts = recipe.parts.map(({ stuff, share }) => ({
		share,
		air: pottingPart(stuff)?.air,
		ph: isMaterial(stuff) ? compositionOf(stuff, yard.analyses[stuff] ?? []).ph : undefined
	}));
	const measured = recipe.air;
	return {
		...{ recipe, pots, loose_l, lines, shape: vessel.shape },
		each_l: litresIn(vessel),
		filled_l: vessel.shape === 'block' ? loose_l : loose_l * shrink,
		air:
			measured === undefined
				? airOf(parts)
				: { value: measured, low: measured * 0.9, high: measured * 1.1 },
		ph: phOfMix(parts)
	};
}
