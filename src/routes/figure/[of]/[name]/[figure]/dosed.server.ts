import { planDose, shareFigure, type Dose } from '$lib/core/beds';
import {
	asInput,
	estimate,
	exactly,
	litres,
	litresPerM2,
	share,
	type Estimate
} from '$lib/core/units';
import { spreadable } from '$lib/server/questions/beds';
import {
	carriedBy,
	leftOf,
	pottingFor,
	schoolsFor,
	type BedLot
} from '../../../../beds/[name]/reckoning';
import { fullByWeight, weighedSorts } from '../../../../beds/[name]/weighed';
import { pathOf } from '$lib/format/paths';
import type { FigureOf, Question } from './told.server';

interface Dosed {
	readonly name: string;
	readonly ground: Parameters<typeof schoolsFor>[0]['ground'];
	readonly char_l: number;
}

/** A figure of a bed with one lot at hand: what a school would put there, or what a weight means. */
export const dosedTold: Question = (books, name, wanted, { now_ms }) => {
	const [what = '', ...rest] = wanted.split(':');
	const code = rest.at(-1) ?? '';
	const bed = books.beds.maybeOne(name);
	const lot = bed && spreadable(books, code, now_ms);
	const told =
		lot && Object.hasOwn(kinds, what) ? kinds[what]?.(bed, lot, rest[0] ?? '') : undefined;
	return told && { ...told, of: name, href: pathOf('bed', name) };
};

type Kind = (
	bed: Dosed,
	lot: BedLot,
	which: string
) => Pick<FigureOf, 'label' | 'figure'> | undefined;

const kinds: Readonly<Record<string, Kind>> = {
	school: (bed, lot, id) => {
		const row = schoolsFor(bed, lot).find(({ school }) => school.id === id);
		return row && { label: `${row.school.name}: ${lot.code} to carry`, figure: carriedBy(row) };
	},
	then: (bed, lot, id) => {
		const row = schoolsFor(bed, lot).find(({ school }) => school.id === id);
		return row && { label: `${row.school.name}: char it then holds`, figure: thenHolds(row, bed) };
	},
	weight: ({ ground }, lot, id) => {
		const sort = weighedSorts(lot.code, lot.density.value, ground.depth).find(
			(one) => one.id === id
		);
		return sort && { label: `By weight: ${sort.name}`, figure: sort.share };
	},
	carry: (bed, lot, mix) => {
		const dose = doseOf(bed, lot, mix);
		return dose && { label: `${lot.code} to carry`, figure: dose.mixLitres };
	},
	char: (bed, lot, mix) => {
		const dose = doseOf(bed, lot, mix);
		return dose && { label: `Char in ${mix} L of ${lot.code}`, figure: charIn(lot, dose) };
	},
	after: (bed, lot, mix) => {
		const dose = doseOf(bed, lot, mix);
		const figure = dose && shareFigure(bed.char_l + dose.charLitres, bed.ground);
		return figure && { label: `Char in ${bed.name} afterwards`, figure };
	},
	left: (bed, lot, mix) => {
		const dose = doseOf(bed, lot, mix);
		return dose && { label: `${lot.code} keeps`, figure: leftOf(lot, dose) };
	},
	full: ({ ground }, lot) => ({
		label: `To the target, by weight of ${lot.code}`,
		figure: fullByWeight(lot.code, lot.density.value, ground.depth)
	}),
	pots: (_bed, lot) => ({ label: `${lot.code} in ten litres of mix`, figure: pottingFor(lot) })
};

/** So many litres of a lot on a bed; undefined where that is no amount. */
function doseOf({ ground, char_l }: Dosed, lot: BedLot, mix: string): Dose | undefined {
	const litres = Number(mix);
	if (!(litres > 0) || litres > 1e6) return undefined;
	return planDose(litresPerM2((litres * lot.charShare.value) / ground.area), ground, char_l, lot);
}

const charIn = (lot: BedLot, { charLitres, mixLitres }: Dose) =>
	estimate(litres, exactly(charLitres), {
		unit: 'L',
		basis: 'char before mixing',
		formula: 'what is carried × char share',
		from: [
			asInput('carried', mixLitres),
			{
				...{ name: `char share of ${lot.code}`, ...lot.charShare, unit: 'share' },
				...{ origin: 'computed', source: 'litres of char before mixing ÷ litres of mix' }
			}
		]
	});

/** Share of the soil from the low to the high end of a school. */
function thenHolds(
	{ school, rate, low, high }: ReturnType<typeof schoolsFor>[number],
	{ char_l, ground }: Dosed
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
				{
					...{ name: school.name, value: rate.low, low: rate.low, high: rate.high, unit: 'L/m²' },
					...{ origin: 'default', source: school.source }
				},
				{
					...{ name: 'char so far', value: char_l, unit: 'L', origin: 'computed' },
					source: 'Σ spreads, at each lot’s own char share'
				},
				{
					...{ name: 'area', value: ground.area, unit: 'm²', origin: 'measured' },
					source: 'length × width'
				},
				{
					...{ name: 'depth', value: ground.depth * 100, unit: 'cm', origin: 'measured' },
					source: 'of this bed'
				}
			]
		}
	);
}
