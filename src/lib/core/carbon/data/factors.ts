import type { WayId } from '../../fires';
import type { WoodClassId } from '../../woodyard';

/** A published factor with its doubt: 95 % of the time within ± that share of it. */
export interface Factor {
	readonly value: number;
	readonly within: number;
	readonly source: string;
}

const ipcc = 'IPCC 2019 Refinement, vol. 4, ch. 2, App. 4';
const factor = (value: number, within: number, source = ipcc): Factor => ({
	...{ value, within, source }
});

/** Share of carbon in dry char, by what was charred. */
export const carbonShares = Object.freeze({
	wood: factor(0.77, 0.42),
	gasified: factor(0.52, 0.52),
	herbaceous: factor(0.65, 0.45),
	shells: factor(0.74, 0.39),
	manure: factor(0.38, 0.49),
	straw: factor(0.49, 0.41)
});
export type CarbonClass = keyof typeof carbonShares;

/** What is left in the soil of that carbon after a hundred years, by how hot the char became. */
export const permanences = Object.freeze({
	hot: factor(0.89, 0.13),
	warm: factor(0.8, 0.11),
	cool: factor(0.65, 0.15)
});
export type Heat = keyof typeof permanences;

/** Where one band of heat ends and the next begins, °C. */
export const heatBounds = Object.freeze({ hot: 600, warm: 450 });

/** Carbon in what of char is no ash, by how hot it became; doubt judged. Source: Enders et al. 2012 and kin, as ranges. */
export const carbonOfAshless: Readonly<Record<Heat, Factor>> = Object.freeze({
	cool: factor(0.75, 0.1, 'Own ash share: carbon of the rest at 350–450 °C, judged'),
	warm: factor(0.82, 0.1, 'Own ash share: carbon of the rest at 450–600 °C, judged'),
	hot: factor(0.88, 0.08, 'Own ash share: carbon of the rest above 600 °C, judged')
});

/** Methane of a burn, g on each kg of dry char: lognormal by its mean and its spread. */
export interface Methane {
	readonly mean: number;
	readonly sd: number;
	readonly source: string;
}
export const methanes = Object.freeze({
	field: {
		mean: 30,
		sd: 60,
		source: 'Flame cap in the field: Cornelissen et al. 2016, PLoS ONE 11(5): e0154617'
	},
	dry: { mean: 8, sd: 10, source: 'Dry wood and little smoke: judged' }
}) satisfies Record<string, Methane>;
export type MethaneId = keyof typeof methanes;

/** Dry enough, and so few minutes of smoke, that a burn counts as clean. */
export const cleanBurn = Object.freeze({ water: 0.2, smoke_min: 15 });

/** A kilogram of methane warms as so much CO₂ over a hundred years. Source: IPCC AR6, not fossil. */
export const methaneAsCo2 = 27;
/** Carbon as CO₂. */
export const co2OfCarbon = 44 / 12;

/** What a class of wood counts as; what is none is no char that is counted. */
export const classOfWood: Readonly<Record<WoodClassId, CarbonClass | 'none'>> = Object.freeze({
	softwood: 'wood',
	'light-hardwood': 'wood',
	'dense-hardwood': 'wood',
	resinous: 'wood',
	mixed: 'wood',
	rotten: 'wood',
	bark: 'wood',
	'bark-chips': 'wood',
	canes: 'herbaceous',
	husks: 'straw',
	shells: 'shells',
	stones: 'shells',
	bones: 'none'
});

/** How hot char becomes where nobody read it. Source: 600–750 °C in the flame zone; others judged. */
export const usualHeat: Readonly<Record<WayId, Heat>> = Object.freeze({
	'open-kiln': 'hot',
	trench: 'hot',
	barrel: 'hot',
	retort: 'warm',
	'open-pile': 'warm',
	stove: 'warm'
});

/** Ways whose air is drawn through the char from below: its carbon share is lower. */
export const gasifying: ReadonlySet<WayId> = new Set(['barrel']);

/**
 * What the wood would else have given off, g of methane on each kg of dry wood. Sources: IPCC 2006, vol. 4, table 2.5
 * (wood burnt openly 6.1 ± 2.2); vol. 5, table 4.1 (composted, 0.08–20 of the dry mass); lying about: judged.
 */
export const elsewise = Object.freeze({
	bonfire: { mean: 6.1, sd: 2.2, source: 'Burnt openly: IPCC 2006, vol. 4, table 2.5' },
	chips: { mean: 4, sd: 5, source: 'Rotting in a heap: IPCC 2006, vol. 5, table 4.1, low part' },
	rot: { mean: 1, sd: 1.5, source: 'Lying about in the air: judged' }
}) satisfies Record<string, Methane>;
export type Elsewise = keyof typeof elsewise;
