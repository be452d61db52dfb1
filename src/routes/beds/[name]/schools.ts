import {
	compareSchools,
	pottingShare,
	soilVolume,
	type CharSoFar,
	type Ground,
	type SchoolDose
} from '$lib/core/beds';
import {
	added,
	atMost,
	known,
	litres,
	over,
	reckon,
	share,
	times,
	type Estimate,
	type Leaf,
	type Litres,
	type Range,
	type Term,
	type Unit
} from '$lib/core/units';
import type { BedLot } from './reckoning';

interface DosedBed extends CharSoFar {
	readonly ground: Ground;
}

/** From the low to the high end of a school: no doubt, but the width of its advice. */
function ends(low: number, high: number, name: string, unit: Unit, source: string): Leaf {
	return known(name, { value: Math.sqrt(low * high), low, high }, unit, 'default', source);
}

/** What a school would have carried of the lot, as a figure with its inputs. */
export const carriedBy = (
	{ school, rate }: SchoolDose,
	{ ground }: DosedBed,
	lot: BedLot
): Estimate<Litres> =>
	reckon(
		litres,
		over(
			times(
				ends(rate.low, rate.high, `${school.name}, here`, 'L/m²', school.source),
				known('area', ground.area, 'm²', 'measured', 'of this bed, from above')
			),
			charShareTerm(lot, lot.charShare.value)
		),
		{ unit: 'L', basis: 'of the lot as it lies, from the low to the high end of the school' }
	);

const schoolUnits = { 'L/m2': 'L/m²', percent: '% of soil', 'kg/m2': 'kg/m²' } as const;

/** Every school for this bed and lot. */
export const schoolsFor = (bed: DosedBed, lot: BedLot): readonly SchoolDose[] =>
	compareSchools(bed.ground, bed, lot);

/** How much of a lot is char, as a term of what is worked out from it. */
export const charShareTerm = (lot: BedLot, amount: number | Range = lot.charShare): Leaf =>
	known(
		`char share of ${lot.code}`,
		amount,
		'share',
		'computed',
		'litres of char before mixing ÷ litres of mix'
	);

/** Litres of a lot in ten litres of potting mix, from the low to the high end of what pots get. */
export const pottingFor = (lot: BedLot): Estimate<Litres> =>
	reckon(
		litres,
		atMost(
			10,
			over(
				times(
					10,
					ends(pottingShare.low, pottingShare.high, 'share wanted', 'share', pottingShare.source)
				),
				charShareTerm(lot, lot.charShare.value)
			)
		),
		{ unit: 'L', basis: `of ${lot.code} as it lies, in ten litres of mix`, within: [0, 10] }
	);

/** The rate of a school in litres of char on a square metre of this bed, from its low to its high end. */
export function rateHere(
	{ school, rate }: SchoolDose,
	{ ground }: DosedBed,
	lot: BedLot
): Estimate {
	const said = ends(school.low, school.high, school.name, schoolUnits[school.basis], school.source);
	const depth = known('depth in cm', ground.depth * 100, 'cm', 'measured', 'of this bed');
	const density = known(
		'density of the char, dry',
		lot.density.value,
		'kg/L',
		'computed',
		`kg dry ÷ litres of char in ${lot.code}`
	);
	const terms: Readonly<Record<typeof school.basis, Term>> = {
		'L/m2': said,
		percent: over(times(said, depth), 10),
		'kg/m2': over(said, density)
	};
	const most = known('all the soil', ground.depth * 1000, 'L/m²', 'computed', 'of this bed');
	const capped = rate.high >= ground.depth * 1000;
	return reckon<number>(
		(v) => v,
		capped ? atMost(terms[school.basis], most) : terms[school.basis],
		{
			unit: 'L/m²',
			basis: 'char alone, before mixing'
		}
	);
}

/** Share of the soil from the low to the high end of a school. */
export const thenHolds = ({ school, rate }: SchoolDose, { char_l, ground }: DosedBed): Estimate =>
	reckon(
		share,
		over(
			added(
				known(
					'char so far',
					char_l,
					'L',
					'computed',
					'Σ of what was put on, at each lot’s own char share'
				),
				times(
					ends(rate.low, rate.high, `${school.name}, here`, 'L/m²', school.source),
					known('area', ground.area, 'm²', 'measured', 'of this bed, from above')
				)
			),
			known('soil', soilVolume(ground), 'L', 'measured', 'area × working depth')
		),
		{ unit: 'share', basis: 'char of the soil in the working depth, by volume', within: [0, 1] }
	);
