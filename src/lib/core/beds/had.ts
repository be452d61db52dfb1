import { kgOf, type Contents } from '../ledger';
import { gramsPerM2, known, over, reckon, times, type Estimate, type GramsPerM2 } from '../units';
import type { Ground } from './room';

/** What a bed has had of one thing, told apart. */
export interface HadOfOne {
	readonly of:
		| 'char'
		| 'ash'
		| 'other'
		| 'nitrogen'
		| 'mineral-nitrogen'
		| 'phosphorus'
		| 'potassium'
		| 'lime';
	readonly kg: number;
	readonly perM2: GramsPerM2;
}

const told: readonly HadOfOne['of'][] = [
	'char',
	'ash',
	'other',
	'nitrogen',
	'mineral-nitrogen',
	'phosphorus',
	'potassium',
	'lime'
];

/**
 * What a bed has had, told apart: char, ash and the dry matter of compost, manure and the like, and what
 * came with them. Sums over applications and nothing else; kg dry, elements, lime as calcium carbonate.
 */
export const hadApart = (contents: Contents, ground: Ground): readonly HadOfOne[] =>
	told
		.map((of) => ({ of, kg: kgOf(contents, of) }))
		.filter(({ kg }) => kg > 0)
		.map(({ of, kg }) => ({ of, kg, perM2: gramsPerM2((kg * 1000) / ground.area) }));

/** Dry ash on a square metre over twelve months, all routes counted. */
export const ashCap = Object.freeze({
	g_per_m2: 100,
	days: 365,
	source:
		'Practice: at most 100 g/m² of dry wood ash in twelve months; many ceilings lie between 50 and 100'
});

/** Dry ash that a bed had over so long, on a square metre. */
export const ashOn = (contents: Contents, { area }: Ground): Estimate<GramsPerM2> =>
	reckon(
		gramsPerM2,
		over(
			times(
				1000,
				known('ash put on it', kgOf(contents, 'ash'), 'kg', 'computed', 'Σ of what was put on it')
			),
			known('area', area, 'm²', 'measured', 'of this bed')
		),
		{ unit: 'g/m²', basis: 'dry, over twelve months' }
	);

/** Whether so much more dry ash passes the year's cap. */
export const isOverAshCap = (yearSoFar: Contents, adds: Contents, { area }: Ground): boolean =>
	(adds.ash ?? 0) > 0 &&
	(kgOf(yearSoFar, 'ash') + kgOf(adds, 'ash')) * 1000 > ashCap.g_per_m2 * area + 1e-6;
