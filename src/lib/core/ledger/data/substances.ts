/**
 * What the ledger counts, whole milligrams of each. Dry matter comes by sort; nitrogen, phosphorus and
 * potassium are the elements, not their oxides; lime is what neutralises as much acid as so much
 * calcium carbonate. Mineral nitrogen is part of the nitrogen and is not counted beside it.
 */
export const substances = Object.freeze([
	'wood',
	'char',
	'ash',
	'other',
	'nitrogen',
	'mineral-nitrogen',
	'phosphorus',
	'potassium',
	'lime'
] as const);
export type Substance = (typeof substances)[number];

/** The sorts of dry matter. */
export const drySorts = Object.freeze(['wood', 'char', 'ash', 'other'] as const);

/**
 * What must come to nought in each act. Charring and rotting turn one sort of dry matter into another,
 * and nitrogen turns mineral: those are conversions within one of these.
 */
export const closures: Readonly<Record<string, readonly Substance[]>> = Object.freeze({
	'dry matter': drySorts,
	nitrogen: ['nitrogen'],
	phosphorus: ['phosphorus'],
	potassium: ['potassium'],
	lime: ['lime']
});
