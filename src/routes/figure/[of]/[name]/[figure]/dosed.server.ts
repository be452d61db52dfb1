import {
	charAfter,
	isFirstSeason,
	mostRate,
	planDose,
	shareFigure,
	type Dose
} from '$lib/core/beds';
import { known, litres, litresPerM2, reckon, times, type Range } from '$lib/core/units';
import { spreadable } from '$lib/server/questions/beds';
import { leftOf, type BedLot } from '../../../../beds/[name]/reckoning';
import {
	carriedBy,
	charShareTerm,
	pottingFor,
	rateHere,
	schoolsFor,
	thenHolds
} from '../../../../beds/[name]/schools';
import { fullByWeight, weighedSorts } from '../../../../beds/[name]/weighed';
import { capital } from '$lib/format/words';
import { pathOf } from '$lib/format/paths';
import type { FigureOf, Question } from './told.server';

interface Dosed {
	readonly name: string;
	readonly ground: Parameters<typeof schoolsFor>[0]['ground'];
	readonly char_l: number;
	readonly char: Range;
	readonly firstSeason: boolean;
}

/** A figure of a bed with one lot at hand: what a school would put there, or what a weight means. */
export const dosedTold: Question = (books, name, wanted, { now_ms }) => {
	const [what = '', ...rest] = wanted.split(':');
	const code = rest.at(-1) ?? '';
	const bed = books.beds.maybeOne(name);
	const lot = bed && spreadable(books, code, now_ms);
	const told =
		lot && Object.hasOwn(kinds, what)
			? kinds[what]?.(
					{ ...bed, firstSeason: isFirstSeason(bed.firstChar_ms, now_ms) },
					lot,
					rest[0] ?? ''
				)
			: undefined;
	if (!told) return undefined;
	const { label, figure } = told;
	const bounds = ofSchools.has(what);
	return { label: capital(label), figure, bounds, of: name, href: pathOf('bed', name) };
};

/** These go from the low to the high end of a school. */
const ofSchools = new Set(['school', 'rate', 'then', 'pots']);

type Kind = (
	bed: Dosed,
	lot: BedLot,
	which: string
) => Pick<FigureOf, 'label' | 'figure'> | undefined;

const kinds: Readonly<Record<string, Kind>> = {
	school: (bed, lot, id) => {
		const row = schoolsFor(bed, lot).find(({ school }) => school.id === id);
		return (
			row && { label: `${row.school.name}: ${lot.code} to carry`, figure: carriedBy(row, bed, lot) }
		);
	},
	rate: (bed, lot, id) => {
		const row = schoolsFor(bed, lot).find(({ school }) => school.id === id);
		return row && { label: `${row.school.name}: its rate here`, figure: rateHere(row, bed, lot) };
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
		const figure = dose && shareFigure(charAfter(bed.char, lot, dose), bed.ground);
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

/** So many litres of a lot on a bed; undefined where that is no amount, or more than the bed has soil. */
function doseOf(bed: Dosed, lot: BedLot, mix: string): Dose | undefined {
	const litres = Number(mix);
	if (!(litres > 0) || litres > 1e6) return undefined;
	const rate = (litres * lot.charShare.value) / bed.ground.area;
	if (rate > mostRate(bed.ground.depth)) return undefined;
	return planDose(litresPerM2(rate), bed.ground, bed, lot);
}

const charIn = (lot: BedLot, { charLitres, mixLitres }: Dose) =>
	reckon(
		litres,
		times(
			known('carried', mixLitres.value, 'L', 'typed', 'as the line says'),
			charShareTerm(lot, charLitres / mixLitres.value)
		),
		{ unit: 'L', basis: 'char before mixing' }
	);
