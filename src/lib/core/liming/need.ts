import {
	atLeast,
	gramsPerM2,
	known,
	over,
	reckon,
	times,
	type Estimate,
	type GramsPerM2,
	type Metres,
	type Range
} from '../units';
import {
	buffers,
	bufferSource,
	bufferWithin,
	gramsPerMol,
	humusAdds,
	response,
	responseSource,
	type Humus,
	type Texture
} from './data/buffers';

/** The ground that is limed, by what holds out against it. */
export interface LimedSoil {
	readonly texture: Texture;
	readonly humus: Humus;
	readonly depth: Metres;
	/** Learned from its own readings, where there are some. */
	readonly own?: OwnBuffer | undefined;
}

/** A buffer that was learned of a bed, mol of charge to the kilogram and pH unit. */
export interface OwnBuffer extends Range {
	/** Seasons it was learned from. */
	readonly seasons: number;
}

/** The buffer a soil starts from, before anything was read of it. */
export function defaultBuffer({ texture, humus }: Pick<LimedSoil, 'texture' | 'humus'>): Range {
	const value = buffers[texture].mol_per_kg + humusAdds[humus];
	return { value, low: value / bufferWithin, high: value * bufferWithin };
}

const bufferIn = (soil: LimedSoil) =>
	soil.own
		? known(
				'buffer of this bed',
				soil.own,
				'mol/kg',
				'own',
				`learned from ${soil.own.seasons} of its own before and after`
			)
		: known('buffer', defaultBuffer(soil), 'mol/kg', 'default', bufferSource);

/** Charge on a square metre to a pH unit, as grams of calcium carbonate. */
const perUnit = (soil: LimedSoil) =>
	times(
		bufferIn(soil),
		known('weight of the soil', buffers[soil.texture].kg_per_m3, 'kg/m³', 'default', bufferSource),
		known('working depth', soil.depth, 'm', 'measured', 'of this bed'),
		known('calcium carbonate', gramsPerMol, 'g', 'default', 'to a mol of charge')
	);

/**
 * Lime that lifts a bed from one pH to another, as calcium carbonate on a square metre; nought where nothing
 * is to be lifted.
 * @param rise with its doubt, pH units
 * @example limeNeed({ texture: 'loam', humus: 'usual', depth: metres(0.15) }, exactly(1)).value // 293 g/m²
 */
export const limeNeed = (soil: LimedSoil, rise: Range): Estimate<GramsPerM2> =>
	reckon(
		gramsPerM2,
		atLeast(
			0,
			times(
				perUnit(soil),
				known('rise wanted', rise, 'pH', 'computed', 'wanted less what was read')
			)
		),
		{ unit: 'g/m²', basis: 'as calcium carbonate' }
	);

const ph = (value: number) => value;

/**
 * The rise that so much lime makes in a season.
 * @param lime as calcium carbonate, g/m²
 * @example riseOf({ texture: 'loam', humus: 'usual', depth: metres(0.15) }, 27).value // 0.07
 */
export const riseOf = (soil: LimedSoil, lime: number | Range): Estimate =>
	reckon<number>(
		ph,
		over(
			times(
				known('share that shows', response, 'times', 'default', responseSource),
				known('lime', lime, 'g/m²', 'computed', 'as calcium carbonate')
			),
			perUnit(soil)
		),
		{ unit: 'pH', basis: 'at root depth, within a season' }
	);
