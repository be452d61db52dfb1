import { factors, litresPerM2, type KgDryPerLitre, type LitresPerM2, type Metres } from '../units';

/** The forms in which a char rate is quoted. Percent is of the soil in the working depth. */
export type RateForm = 'L/m2' | 'kg/m2' | 'percent' | 'cup/ft2' | 'lb/ft2';

export const rateForms: readonly RateForm[] = Object.freeze([
	'L/m2',
	'percent',
	'kg/m2',
	'cup/ft2',
	'lb/ft2'
]);

/** More char than the working depth has soil: no dose, whatever its form. */
export function mostRate(depth: Metres): LitresPerM2 {
	return litresPerM2(depth * 1000);
}

/**
 * A rate in any form as litres of char per m²; above `mostRate` the status says so. Weight needs the char's dry density; percent
 * needs the depth: L/m² = % × depth in cm ÷ 10.
 * @example rateInLitres('percent', 5, density, metres(0.15)) // { status: 'rate', rate: 7.5 L/m² }
 */
export function rateInLitres(
	form: RateForm,
	amount: number,
	density: KgDryPerLitre,
	depth: Metres
): { status: 'rate'; rate: LitresPerM2 } | { status: 'more-than-soil'; most: number } {
	const perUnit = litresPerUnit(form, density, depth);
	const most = mostRate(depth);
	if (amount * perUnit > most) return { status: 'more-than-soil', most: most / perUnit };
	return { status: 'rate', rate: litresPerM2(amount * perUnit) };
}

/** The same rate in every form. */
export function translateRate(
	rate: LitresPerM2,
	density: KgDryPerLitre,
	depth: Metres
): Readonly<Record<RateForm, number>> {
	const forms = rateForms.map(
		(form) => [form, rate / litresPerUnit(form, density, depth)] as const
	);
	return Object.fromEntries(forms) as Record<RateForm, number>;
}

function litresPerUnit(form: RateForm, density: KgDryPerLitre, depth: Metres): number {
	switch (form) {
		case 'L/m2':
			return 1;
		case 'percent':
			return depth * 10;
		case 'cup/ft2':
			return factors.volume.usCup / factors.area.squareFoot;
		case 'kg/m2':
			return 1 / density;
		case 'lb/ft2':
			return factors.mass.pound / factors.area.squareFoot / density;
	}
}
