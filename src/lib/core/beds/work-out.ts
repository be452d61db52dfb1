import { kgDryPerLitre, type LitresPerM2, type WetBasis } from '../units';
import { askedRate, type DoseAsk } from './ask';
import { planDose, type CharSoFar, type Dose, type DoseLot } from './dose';
import { translateRate, type RateForm } from './rate';
import { litresOfPart, type Part } from '../units';
import type { Ground } from './room';

export type DoseWorked =
	| {
			readonly status: 'ok';
			readonly rate: LitresPerM2;
			readonly dose: Dose;
			readonly inForms: Readonly<Partial<Record<RateForm, number>>>;
	  }
	| { readonly status: 'more-than-soil'; readonly most: number }
	| { readonly status: 'moisture-wanted' }
	| { readonly status: 'nothing' };

/**
 * What an amount of a lot comes to on a bed: for the page as one types, the preview of a line and the act.
 * @param moisture water of the char as weighed, for the forms that go by its weight as sold
 */
export function workOutDose(
	ask: DoseAsk,
	bed: CharSoFar & { readonly ground: Ground },
	lot: DoseLot,
	moisture: WetBasis | undefined = ask.by === 'rate' ? ask.moisture : undefined
): DoseWorked {
	const terms = {
		density: kgDryPerLitre(lot.density.value),
		depth: bed.ground.depth,
		...(moisture === undefined ? {} : { moisture })
	};
	const asked = askedRate(ask, bed.ground, lot, terms);
	if (asked.status !== 'rate') return asked;
	if (!(asked.rate > 0)) return { status: 'nothing' };
	return {
		status: 'ok',
		rate: asked.rate,
		dose: planDose(asked.rate, bed.ground, bed, lot),
		inForms: translateRate(asked.rate, terms)
	};
}

/** What is put on a bed by its area or depth, or as so much of a lot. */
export type PutAsked = Part | { readonly perM2: number } | { readonly depth_m: number };

/** The same as a part of the lot: litres for the whole bed, where it was said by its area. */
export function partOnBed(asked: PutAsked, { area }: Ground): Part {
	if (typeof asked !== 'object' || 'share' in asked) return asked;
	return 'perM2' in asked ? asked.perM2 * area : asked.depth_m * area * 1000;
}

/** Litres of a lot for the whole bed. */
export const litresOnBed = (asked: PutAsked, ground: Ground, held_l: number): number =>
	litresOfPart(partOnBed(asked, ground), held_l);
