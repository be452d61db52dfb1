import {
	factors,
	litresPerM2,
	type KgDryPerLitre,
	type LitresPerM2,
	type Metres,
	type WetBasis
} from '../units';

/**
 * The forms in which a char rate is quoted. Percent is of the soil in the working depth; `kg`, `lb`,
 * `t` and `ton` are dry char, `-as-sold` is char as it is weighed, water and all. `ton` is the short
 * ton of 2000 lb.
 */
export type RateForm =
	| 'L/m2'
	| 'percent'
	| 'metric-cup/ft2'
	| 'kg/m2'
	| 'kg-as-sold/m2'
	| 't/ha'
	| 'cup/ft2'
	| 'ft3/100ft2'
	| 'lb/ft2'
	| 'lb-as-sold/ft2'
	| 'ton/acre';

export const rateForms: readonly RateForm[] = Object.freeze([
	'L/m2',
	'percent',
	'metric-cup/ft2',
	'kg/m2',
	'kg-as-sold/m2',
	't/ha',
	'cup/ft2',
	'ft3/100ft2',
	'lb/ft2',
	'lb-as-sold/ft2',
	'ton/acre'
]);

/** Forms that weigh the char with the water in it, which has to be known. */
export const isAsSold = (form: RateForm): boolean =>
	form === 'kg-as-sold/m2' || form === 'lb-as-sold/ft2';

/** What turns any form into litres on a square metre. */
export interface RateTerms {
	/** Dry, of the char alone, in the state it goes on. */
	readonly density: KgDryPerLitre;
	/** Working depth, which percent refers to. */
	readonly depth: Metres;
	/** Water in the char as it was weighed; only the as-sold forms need it. */
	readonly moisture?: WetBasis;
}

export type ReadRate =
	| { readonly status: 'rate'; readonly rate: LitresPerM2 }
	| { readonly status: 'more-than-soil'; readonly most: number }
	| { readonly status: 'moisture-wanted' };

/** More char than the working depth has soil: no dose, whatever its form. */
export function mostRate(depth: Metres): LitresPerM2 {
	return litresPerM2(depth * 1000);
}

/**
 * A rate in any form as litres of char per m²; above `mostRate` the status says so, and as-sold
 * forms without a moisture ask for it. Weight needs the char's dry density; percent needs the depth:
 * L/m² = % × depth in cm ÷ 10.
 * @example rateInLitres('percent', 5, { density, depth: metres(0.15) }) // { status: 'rate', rate: 7.5 L/m² }
 */
export function rateInLitres(form: RateForm, amount: number, terms: RateTerms): ReadRate {
	const perUnit = litresPerUnit(form, terms);
	if (perUnit === undefined) return { status: 'moisture-wanted' };
	const most = mostRate(terms.depth);
	if (amount * perUnit > most) return { status: 'more-than-soil', most: most / perUnit };
	return { status: 'rate', rate: litresPerM2(amount * perUnit) };
}

/** The same rate in every form; as-sold forms only where the moisture is known, percent only where there is depth. */
export function translateRate(
	rate: LitresPerM2,
	terms: RateTerms
): Readonly<Partial<Record<RateForm, number>>> {
	const known: Partial<Record<RateForm, number>> = {};
	for (const form of rateForms) {
		const perUnit = litresPerUnit(form, terms);
		if (perUnit !== undefined && perUnit > 0) known[form] = rate / perUnit;
	}
	return known;
}

const m2PerHectare = 10_000;
const squareFeetPerAcre = 43_560;
const poundsPerShortTon = 2000;

/** Litres of char per m² that one unit of a form stands for; undefined while the water is unknown. */
function litresPerUnit(form: RateForm, terms: RateTerms): number | undefined {
	const { density, depth, moisture } = terms;
	if (!(density > 0))
		throw new RangeError(`litresPerUnit: density ${density} kg/L must be above 0`);
	const { area, mass, volume } = factors;
	const poundPerFt2 = mass.pound / area.squareFoot;
	switch (form) {
		case 'L/m2':
			return 1;
		case 'percent':
			return depth * 10;
		case 'metric-cup/ft2':
			return volume.metricCup / area.squareFoot;
		case 'cup/ft2':
			return volume.usCup / area.squareFoot;
		case 'ft3/100ft2':
			return volume.cubicFoot / (100 * area.squareFoot);
		case 'kg/m2':
			return 1 / density;
		case 't/ha':
			return 1000 / m2PerHectare / density;
		case 'lb/ft2':
			return poundPerFt2 / density;
		case 'ton/acre':
			return (poundPerFt2 * poundsPerShortTon) / squareFeetPerAcre / density;
		case 'kg-as-sold/m2':
			return moisture === undefined ? undefined : (1 - moisture) / density;
		case 'lb-as-sold/ft2':
			return moisture === undefined ? undefined : (poundPerFt2 * (1 - moisture)) / density;
	}
}

/** Spellings of the forms, lower case without spaces or full stops; "cup" alone is asked back. */
const spellings: readonly (readonly [RegExp, RateForm])[] = [
	[/^(l|litres?|liters?)(\/|per)(m2|m²|sqm)$/, 'L/m2'],
	[/^(%|percent|%ofsoil)$/, 'percent'],
	[/^metriccups?(\/|per)(ft2|ft²|sqft)$/, 'metric-cup/ft2'],
	[/^uscups?(\/|per)(ft2|ft²|sqft)$/, 'cup/ft2'],
	[/^(ft3|ft³|cuft)(\/|per)100(ft2|ft²|sqft)$/, 'ft3/100ft2'],
	[/^kg(dry)?(\/|per)(m2|m²|sqm)$/, 'kg/m2'],
	[/^kgassold(\/|per)(m2|m²|sqm)$/, 'kg-as-sold/m2'],
	[/^t(onnes?)?(dry)?(\/|per)ha$/, 't/ha'],
	[/^lbs?(dry)?(\/|per)(ft2|ft²|sqft)$/, 'lb/ft2'],
	[/^lbs?assold(\/|per)(ft2|ft²|sqft)$/, 'lb-as-sold/ft2'],
	[/^tons?(dry)?(\/|per)acre$/, 'ton/acre']
];

/**
 * The form a typed unit names: "L/m2", "kg dry/m²", "US cups per sq ft". A bare "cup" follows
 * nobody's system, since the two cups differ by 6 %: it is asked back.
 */
export function rateFormOf(typed: string): RateForm | 'which-cup' | undefined {
	const word = typed.toLowerCase().replace(/[\s.^]/g, '');
	if (/^cups?(\/|per)(ft2|ft²|sqft)$/.test(word)) return 'which-cup';
	return spellings.find(([spelling]) => spelling.test(word))?.[1];
}
