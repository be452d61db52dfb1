import { compositionOf, isMaterial, materialOf } from '$lib/core/materials';
import {
	airMeasured,
	airOf,
	litresIn,
	looseFor,
	pasteOf,
	pasteRead,
	phOfMix,
	pottingPart,
	shrink,
	type Shape
} from '$lib/core/mixes';
import { exactly, litres as asLitres, type Range } from '$lib/core/units';
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
	/** An own measure in halves of which it is measured out; empty: in litres. */
	by: string;
}

export interface PotLine {
	readonly name: string;
	/** As the form sends it: a lot, or a material that is brought in. */
	readonly stuff: string;
	readonly share: number;
	readonly litres: number;
	readonly lot: PotStock | undefined;
	/** Litres that the lots have too few of: they are brought in. */
	readonly lacks_l: number;
	/** How many pots there is enough of it for; none where it is brought in as needed. */
	readonly enough: number | undefined;
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
	/** Conductivity of its wet paste, dS/m. */
	readonly paste: Range;
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
	const asked_l = looseFor(pots, vessel);
	const measure = yard.measures?.find(({ name }) => name === entry.by);
	const parts = recipe.parts.map(({ stuff, share }) => {
		const litres = inHalves(asked_l * share, measure?.litres);
		return { stuff, litres };
	});
	const loose_l = parts.reduce((sum, { litres }) => sum + litres, 0);
	const potsOf = (litres: number, share: number) => Math.floor(litres / share / (asked_l / pots));
	const lines = parts.map(({ stuff, litres }): PotLine => {
		const share = litres / loose_l;
		const lot = yard.stock.find((one) => one.material === stuff);
		const most = pottingPart(stuff)?.most;
		return {
			...{ share, litres, lot, most },
			name: isMaterial(stuff) ? materialOf(stuff).name : 'char, charged and fine',
			stuff,
			lacks_l: lot ? Math.max(0, litres - lot.left_l) : 0,
			enough: lot && litres > lot.left_l ? potsOf(lot.left_l, share) : undefined,
			isMuch: most !== undefined && share > most * (recipe.use === 'seed' ? 0.5 : 1) * 1.001
		};
	});
	const body = lines.map(({ stuff, share }) => ({
		share,
		air: pottingPart(stuff)?.air,
		composition: isMaterial(stuff) ? compositionOf(stuff, yard.analyses[stuff] ?? []) : undefined
	}));
	const salted = body.flatMap(({ share, composition }) =>
		composition ? [{ composition, measure: { litres: asLitres(share) } }] : []
	);
	return {
		...{ recipe, pots, loose_l, lines, shape: vessel.shape },
		each_l: litresIn(vessel),
		filled_l: vessel.shape === 'block' ? loose_l : loose_l * shrink,
		air: recipe.air === undefined ? airOf(body) : airRead(recipe.air),
		ph:
			recipe.ph === undefined
				? phOfMix(body.map(({ share, composition }) => ({ share, ph: composition?.ph })))
				: exactly(recipe.ph),
		paste:
			recipe.paste === undefined
				? // Mixed it settles: as much salt lies in fewer litres.
					pasteOf(salted, shrink)
				: pasteRead(recipe.paste)
	};
}

const airRead = (measured: number) => airMeasured(measured, 1);

/** To the half of a measure, and never none of it. */
const inHalves = (litres: number, measure_l: number | undefined): number =>
	measure_l === undefined
		? litres
		: (Math.max(1, Math.round((2 * litres) / measure_l)) * measure_l) / 2;

/** One line of what is sent: out of the lot, and what it has too little of brought in. */
export interface PotSent {
	readonly stuff: string;
	readonly litres: number;
}

/** What goes in, as the form sends it; of char only what is charged. */
export const potsSent = ({ lines }: PotReckoned): readonly PotSent[] =>
	lines.flatMap(({ stuff, litres, lot, lacks_l }): PotSent[] => {
		const rest = lot ? lacks_l : litres;
		return [
			...(lot && litres - lacks_l > 0
				? [{ stuff: `lot:${lot.code}`, litres: litres - lacks_l }]
				: []),
			...(rest > 0 && isMaterial(stuff) ? [{ stuff, litres: rest }] : [])
		];
	});
