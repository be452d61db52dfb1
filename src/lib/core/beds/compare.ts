import { between, kgDryPerLitre, litresPerM2, share, type LitresPerM2, type Share } from '../units';
import { doseSchools, type DoseSchool } from './data/schools';
import { weighDose, type CharSoFar, type DoseLimit, type DoseLot, type Weighed } from './dose';
import { mostRate, rateInLitres, type RateForm, type RateTerms } from './rate';
import type { Ground } from './room';

/** What one school would mean for one bed and one lot, at the low and the high end of its rate. */
export interface SchoolDose {
	readonly school: DoseSchool;
	readonly rate: { readonly low: LitresPerM2; readonly high: LitresPerM2 };
	readonly low: Weighed;
	readonly high: Weighed;
	/** Limits that even its low end passes. */
	readonly over: readonly DoseLimit[];
	/** Its low end is more char than the working depth has soil, so the figures stop at that. */
	readonly capped: boolean;
}

/**
 * Every school of dosing in litres for this bed and lot, side by side. Weights use the lot's dry
 * density, percent the bed's working depth; what the bed has had is credited in the share reached.
 */
export function compareSchools(
	ground: Ground,
	had: CharSoFar,
	lot: DoseLot
): readonly SchoolDose[] {
	const terms: RateTerms = { density: kgDryPerLitre(lot.density.value), depth: ground.depth };
	return doseSchools.map((school) => {
		const low = rateOrMost(school.basis, school.low, terms);
		const high = rateOrMost(school.basis, school.high, terms);
		const lowDose = weighDose(low.rate, ground, had, lot);
		return {
			school,
			rate: { low: low.rate, high: high.rate },
			low: lowDose,
			high: weighDose(high.rate, ground, had, lot),
			over: lowDose.over,
			capped: low.capped
		};
	});
}

function rateOrMost(form: RateForm, amount: number, terms: RateTerms) {
	const read = rateInLitres(form, amount, terms);
	return read.status === 'rate'
		? { rate: read.rate, capped: false }
		: { rate: mostRate(terms.depth), capped: true };
}

/** One weight of char on a square metre, for a char of some density. */
export interface WeightAsVolume {
	readonly density: number;
	readonly rate: LitresPerM2;
	readonly share: Share;
}

/** Loose dry char from light canes to dense crushed hardwood. Source: bulk densities of char, whole and crushed. */
export const densityRange = between(0.07, 0.42);

/**
 * The same weight as litres and as share of the soil, for several densities: why a rate by weight
 * says little until the char is known.
 * @param kgPerM2 dry char on a square metre
 * @example weightAsVolume(2, [0.18], metres(0.15)) // 11.1 L/m², 7.4 % of the soil
 */
export function weightAsVolume(
	kgPerM2: number,
	densities: readonly number[],
	depth: Ground['depth']
): readonly WeightAsVolume[] {
	return densities.map((density) => {
		const rate = Math.min(kgPerM2 / density, mostRate(depth));
		return { density, rate: litresPerM2(rate), share: share(rate / mostRate(depth)) };
	});
}
