import type { MaterialId } from '../../materials';
import type { Range } from '../../units';

const span = (low: number, high: number): Range => ({ value: (low + high) / 2, low, high });
const third = (value: number): Range => ({ value, low: value * (2 / 3), high: value * (4 / 3) });

/** What of a nutrient the first season finds, shares of all of it. */
export interface FirstSeason {
	readonly nitrogen?: Range;
	readonly phosphorus?: Range;
	readonly potassium?: Range;
}

/** Of what is not said: nitrogen by its mineral part at least, phosphorus and potassium as usual. */
export const usualFirst = Object.freeze({
	phosphorus: span(0.2, 0.6),
	potassium: span(0.7, 1)
});

/**
 * First-season shares of what is not as usual. Source: meals and horn rot within a season or two, ground rock hardly
 * at all: of phosphate rock 3 % of the rock, of glauconite 0.1 %, as their bags say.
 */
const first: Readonly<Partial<Record<MaterialId, FirstSeason>>> = Object.freeze({
	'seed-meal': { nitrogen: span(0.5, 0.8) },
	'feather-meal': { nitrogen: span(0.4, 0.7) },
	'horn-meal': { nitrogen: span(0.4, 0.7) },
	'seaweed-meal': { nitrogen: span(0.3, 0.6) },
	'bone-meal': { nitrogen: span(0.4, 0.7), phosphorus: span(0.1, 0.4) },
	'phosphate-rock': { phosphorus: span(0.08, 0.13) },
	'glauconite-sand': { potassium: span(0.015, 0.035) },
	castings: { nitrogen: span(0.1, 0.3) },
	'finished-compost': { nitrogen: span(0.05, 0.15) },
	'hardwood-ash': { phosphorus: span(0.3, 0.7), potassium: span(0.8, 1) },
	'softwood-ash': { phosphorus: span(0.3, 0.7), potassium: span(0.8, 1) }
});

export const firstSeasonOf = (material: MaterialId): FirstSeason => first[material] ?? {};

/** A part of a potting mix. */
export interface PottingPart {
	/** Pores that stay open after an hour of draining, share of its own litres. */
	readonly air: Range;
	/** Most of it in a mix by volume, where salt or richness sets a limit. */
	readonly most?: number;
}

/**
 * Source: potting practice, ± a third; compost at most 30 %, castings 20 %, in seed mixes half of that. Ash is in no
 * seed mix.
 */
const potting: Readonly<Partial<Record<MaterialId | 'char', PottingPart>>> = Object.freeze({
	'leaf-mould': { air: third(0.15) },
	'finished-compost': { air: third(0.12), most: 0.3 },
	'fine-bark': { air: third(0.3) },
	grit: { air: third(0.15) },
	sand: { air: third(0.05) },
	perlite: { air: third(0.35) },
	castings: { air: third(0.08), most: 0.2 },
	char: { air: third(0.25), most: 0.1 },
	'garden-soil': { air: third(0.08) },
	'hardwood-ash': { air: third(0.05), most: 0.004 },
	'softwood-ash': { air: third(0.05), most: 0.004 },
	'bone-meal': { air: third(0.05), most: 0.004 },
	'horn-meal': { air: third(0.05), most: 0.004 },
	'seed-meal': { air: third(0.05), most: 0.004 },
	'seaweed-meal': { air: third(0.05), most: 0.002 },
	'feather-meal': { air: third(0.05), most: 0.003 },
	'rock-dust': { air: third(0.05), most: 0.02 },
	'ground-limestone': { air: third(0.05), most: 0.004 }
});

export const pottingPart = (material: string): PottingPart | undefined =>
	potting[material as MaterialId | 'char'];

/** What may go into a pot, what makes its body first. */
export const pottingStuffs = Object.freeze(
	Object.keys(potting).filter((id) => id !== 'char') as MaterialId[]
);

/** What goes into blends. */
export const blendStuffs: readonly MaterialId[] = Object.freeze([
	'seed-meal',
	'feather-meal',
	'horn-meal',
	'seaweed-meal',
	'bone-meal',
	'phosphate-rock',
	'glauconite-sand',
	'rock-dust',
	'castings',
	'finished-compost',
	'ground-limestone'
]);
