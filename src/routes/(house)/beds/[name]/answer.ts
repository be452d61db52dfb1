import type { Want } from '$lib/core/beds';
import type { OwnMeasure, System } from '$lib/core/units';
import { bestMeasure, inMeasures, say, sayOfSoil } from '$lib/format/figure';
import { figured, said, slipped, type Sentence, type Told } from '$lib/format/sentence';
import type { ReckonedDose } from './reckoning';

/** Said before an amount of what a bed hardly wants. */
const beforeAll: Readonly<Partial<Record<Want, string>>> = {
	little: 'hardly needs char',
	careful: 'takes char only with care',
	none: 'has had its fill of char'
};

/** How much of what goes here, and what will it then hold? */
export function bedAnswer(
	name: string,
	share: number,
	dose: ReckonedDose | undefined,
	system: System | undefined,
	measures: readonly OwnMeasure[],
	/** The day it was done, where that is not now. */
	day = '',
	/** How far it wants char at all: the answer says what its reason says. */
	want: Want = 'much'
): Sentence {
	if (!dose) return said`${name} holds ${slipped(sayOfSoil(share), 'Holds now')} char`;
	const litres = dose.dose.mixLitres.value;
	const measure = bestMeasure(litres, measures);
	const weighed = slipped(say(litres, 'L', system), 'To carry, as it lies');
	// What one carries comes first: the litres say how much it is.
	const put = measure ? said`${inMeasures(litres, measure)}, ${weighed},` : weighed;
	const then = slipped(sayOfSoil(dose.dose.shareAfter), 'Then holds');
	if (day !== '')
		return said`${put} of ${dose.lot.code} went on ${name} on ${day}; with it the bed holds ${then}`;
	const first = beforeAll[want];
	const does = first === undefined ? 'Put' : `${name} ${first}; if any, put`;
	return said`${does} ${put} of ${dose.lot.code} on ${first === undefined ? name : 'it'}; it will then hold ${then}`;
}

interface Sized {
	readonly length_m: number;
	readonly width_m: number;
	readonly ground: { readonly depth: number };
}

/** "8 m × 1 m, top 15 cm" */
export function sizeOf(bed: Sized, system: System | undefined): string {
	const [long, wide] = [say(bed.length_m, 'm', system), say(bed.width_m, 'm', system)];
	return `${long} × ${wide}, top ${say(bed.ground.depth * 100, 'cm', system)}`;
}

/** "pH 5.4", with the limits it is held against behind it. */
export const phOf = (name: string, ph: number): Told => figured(`pH ${ph}`, 'bed', name, 'ph');
