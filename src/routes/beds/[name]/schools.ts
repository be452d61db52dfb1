import {
	compareSchools,
	pottingLitres,
	pottingShare,
	type CharSoFar,
	type Ground,
	type SchoolDose
} from '$lib/core/beds';
import {
	estimate,
	inputOf,
	litres,
	share,
	type Estimate,
	type Input,
	type Litres
} from '$lib/core/units';
import type { BedLot } from './reckoning';

interface DosedBed extends CharSoFar {
	readonly ground: Ground;
}

/** What a school would have carried of the lot, as a figure with its inputs. */
export function carriedBy({ school, low, high }: SchoolDose): Estimate<Litres> {
	const middle = Math.sqrt(low.mixLitres.value * high.mixLitres.value);
	return estimate(
		litres,
		{ value: middle, low: low.mixLitres.value, high: high.mixLitres.value },
		{
			unit: 'L',
			basis: 'of the lot as it lies, from the low to the high end of the school',
			formula: 'rate × area ÷ char share',
			from: [
				{
					name: school.name,
					value: school.low,
					low: school.low,
					high: school.high,
					unit: schoolUnits[school.basis],
					origin: 'default',
					source: school.source
				},
				...low.mixLitres.from.filter(({ name }) => name !== 'rate')
			]
		}
	);
}

const schoolUnits = { 'L/m2': 'L/m²', percent: '% of soil', 'kg/m2': 'kg/m²' } as const;

/** Every school for this bed and lot. */
export const schoolsFor = (bed: DosedBed, lot: BedLot): readonly SchoolDose[] =>
	compareSchools(bed.ground, bed, lot);

/** How much of a lot is char, as an input of what is worked out from it. */
export const charShareInput = (lot: BedLot): Input =>
	inputOf(
		`char share of ${lot.code}`,
		lot.charShare,
		'share',
		'computed',
		'litres of char before mixing ÷ litres of mix'
	);

/** Litres of a lot in ten litres of potting mix, from the low to the high end of what pots get. */
export function pottingFor(lot: BedLot): Estimate<Litres> {
	const { low, high } = pottingLitres(lot.charShare);
	const wanted = { value: pottingShare.low, low: pottingShare.low, high: pottingShare.high };
	return estimate(
		litres,
		{ value: Math.sqrt(low * high), low, high },
		{
			unit: 'L',
			basis: `of ${lot.code} as it lies, in ten litres of mix`,
			formula: '10 L × share wanted ÷ char share of the lot',
			from: [
				inputOf('share wanted', wanted, 'share', 'default', pottingShare.source),
				charShareInput(lot)
			]
		}
	);
}

/** The rate of a school in litres of char on a square metre of this bed, from its low to its high end. */
export function rateHere(
	{ school, rate }: SchoolDose,
	{ ground }: DosedBed,
	lot: BedLot
): Estimate {
	const terms: Readonly<Record<typeof school.basis, readonly [string, readonly Input[]]>> = {
		'L/m2': ['as the school says it', []],
		percent: [
			'share × depth in m × 1000',
			[inputOf('working depth', ground.depth * 100, 'cm', 'measured', 'of this bed')]
		],
		'kg/m2': [
			'weight ÷ dry density',
			[
				inputOf(
					'density of the char, dry',
					lot.density.value,
					'kg/L',
					'computed',
					`kg dry ÷ litres of char in ${lot.code}`
				)
			]
		]
	};
	const [formula, inputs] = terms[school.basis];
	const { low, high } = rate;
	return estimate<number>(
		(v) => v,
		{ value: Math.sqrt(low * high), low, high },
		{
			unit: 'L/m²',
			basis: 'char alone, before mixing',
			formula,
			from: [
				inputOf(
					school.name,
					{ value: school.low, low: school.low, high: school.high },
					schoolUnits[school.basis],
					'default',
					school.source
				),
				...inputs
			]
		}
	);
}

/** Share of the soil from the low to the high end of a school. */
export function thenHolds(
	{ school, rate, low, high }: SchoolDose,
	{ char_l, ground }: DosedBed
): Estimate {
	const [from, to] = [low.shareAfter, high.shareAfter];
	return estimate(
		share,
		{ value: Math.sqrt(from * to), low: from, high: to },
		{
			unit: 'share',
			basis: 'char of the soil in the working depth, by volume',
			formula: '(char so far + rate × area) ÷ (area × depth)',
			from: [
				inputOf(
					school.name,
					{ value: rate.low, low: rate.low, high: rate.high },
					'L/m²',
					'default',
					school.source
				),
				inputOf('char so far', char_l, 'L', 'computed', 'Σ spreads, at each lot’s own char share'),
				inputOf('area', ground.area, 'm²', 'measured', 'length × width'),
				inputOf('depth', ground.depth * 100, 'cm', 'measured', 'of this bed')
			]
		}
	);
}
