import {
	atMost,
	known,
	litres,
	over,
	reckon,
	times,
	type Estimate,
	type Leaf,
	type Litres,
	type Range,
	type Term,
	type Unit
} from '../units';
import type { SchoolDose } from './compare';
import { pottingShare } from './data/schools';
import type { DoseLot } from './dose';
import type { Ground } from './room';

interface NamedLot extends DoseLot {
	readonly code: string;
}

interface DosedBed {
	readonly ground: Ground;
}

/** From the low to the high end of a school: no doubt, but the width of its advice. */
function ends(low: number, high: number, name: string, unit: Unit, source: string): Leaf {
	return known(name, { value: Math.sqrt(low * high), low, high }, unit, 'default', source);
}

const schoolUnits = { 'L/m2': 'L/m²', percent: '% of soil', 'kg/m2': 'kg/m²' } as const;

/** The rate of a school in litres of char on a square metre of this bed, as a term; never more than its soil. */
function rateTerm({ school, rate: here }: SchoolDose, { ground }: DosedBed, lot: NamedLot): Term {
	const said = ends(school.low, school.high, school.name, schoolUnits[school.basis], school.source);
	const terms: Readonly<Record<typeof school.basis, () => Term>> = {
		'L/m2': () => said,
		percent: () =>
			over(
				times(said, known('depth in cm', ground.depth * 100, 'cm', 'measured', 'of this bed')),
				10
			),
		'kg/m2': () =>
			over(
				said,
				known(
					'density of the char, dry',
					lot.density.value,
					'kg/L',
					'computed',
					`dry mass ÷ volume of char in ${lot.code}`
				)
			)
	};
	const rate = terms[school.basis]();
	const soil = ground.depth * 1000;
	return here.high >= soil
		? atMost(rate, known('all the soil', soil, 'L/m²', 'computed', 'of this bed'))
		: rate;
}

const areaTerm = ({ ground }: DosedBed): Leaf =>
	known('area', ground.area, 'm²', 'measured', 'of this bed, from above');

/** What a school would have carried of the lot, as a figure with its inputs. */
export const carriedBy = (row: SchoolDose, bed: DosedBed, lot: NamedLot): Estimate<Litres> =>
	reckon(
		litres,
		over(times(rateTerm(row, bed, lot), areaTerm(bed)), charShareTerm(lot, lot.charShare.value)),
		{ unit: 'L', basis: 'of the lot as it lies, from the low to the high end of the school' }
	);

/** How much of a lot is char, as a term of what is worked out from it. */
const charShareTerm = (lot: NamedLot, amount: number | Range = lot.charShare): Leaf =>
	known(
		`char share of ${lot.code}`,
		amount,
		'share',
		'computed',
		'volume of char before mixing ÷ volume of mix'
	);

/** Litres of a lot in ten litres of potting mix, from the low to the high end of what pots get. */
export const pottingFor = (lot: NamedLot): Estimate<Litres> =>
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
		{ unit: 'L', basis: `of ${lot.code} as it lies, in the mix`, within: [0, 10] }
	);
