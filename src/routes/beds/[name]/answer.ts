import type { OwnMeasure, System } from '$lib/core/units';
import { bestMeasure, inMeasures, joined, say, show } from '$lib/format/figure';
import type { ReckonedDose } from './reckoning';

/** How much of what goes here, and what will it then hold? */
export function bedAnswer(
	name: string,
	share: number,
	dose: ReckonedDose | undefined,
	system: System | undefined,
	measures: readonly OwnMeasure[]
): string {
	const percent = (value: number) => joined(show({ value, unit: 'share' }, system));
	if (!dose) return `${name} holds ${percent(share)} char`;
	const litres = dose.dose.mixLitres.value;
	const measure = bestMeasure(litres, measures);
	const carried = measure ? `, ${inMeasures(litres, measure)}` : '';
	return `Put ${say(litres, 'L', system)} of ${dose.lot.code} on ${name}${carried}; it will then hold ${percent(dose.dose.shareAfter)}`;
}
