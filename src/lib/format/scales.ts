import { factors, type System, type Unit } from '../core/units';

/** What is shown beside the units of core: loose stuff and stacks, which are said by the cubic foot where litres are not. */
export type ShownUnit = Unit | 'L bulk';

/** A unit as it is said. */
export interface Scale {
	readonly unit: string;
	/** Of one. Default: the same. */
	readonly one?: string;
	readonly factor: number;
	readonly offset?: number;
	/** Said in quarters, as spoons and cups are: "1 ½ cups". */
	readonly quarters?: true;
	/** Said in feet and inches. */
	readonly inches?: true;
	/** The least that is said in it, in the unit of core. Default: any. */
	readonly from?: number;
	/** Said where no size is known. Default: the first of a unit's. */
	readonly usual?: true;
}

type Scales = Readonly<Record<ShownUnit, Scale | readonly Scale[]>>;

const metricLitres = [
	{ unit: 'L', factor: 1, from: 1 },
	{ unit: 'mL', factor: 1000 }
];

const metric: Scales = {
	L: metricLitres,
	'L bulk': metricLitres,
	kg: [
		{ unit: 'kg', factor: 1, from: 1 },
		{ unit: 'g', factor: 1000 }
	],
	g: { unit: 'g', factor: 1 },
	// A pinch is weighed in milligrams wherever one lives.
	mg: { unit: 'mg', factor: 1 },
	m: { unit: 'm', factor: 1 },
	cm: { unit: 'cm', factor: 1 },
	'm²': { unit: 'm²', factor: 1 },
	'kg/L': { unit: 'kg/L', factor: 1 },
	share: { unit: '%', factor: 100 },
	'°C': { unit: '°C', factor: 1 },
	'g/kg': { unit: 'g/kg', factor: 1 },
	'g/L': { unit: 'g/L', factor: 1 },
	'L/m²': { unit: 'L/m²', factor: 1 },
	'kg/m²': { unit: 'kg/m²', factor: 1 },
	'g/m²': { unit: 'g/m²', factor: 1 },
	days: { unit: 'days', one: 'day', factor: 1 },
	h: { unit: 'h', factor: 1 },
	min: { unit: 'min', factor: 1 },
	'L/kg': { unit: 'L/kg', factor: 1 },
	'L/L': { unit: 'L per L', factor: 1 },
	'kg/m³': { unit: 'kg/m³', factor: 1 },
	'kJ/kg': { unit: 'kJ/kg', factor: 1 },
	'kJ/kg·K': { unit: 'kJ/kg·K', factor: 1 },
	'% of soil': { unit: '% of soil', factor: 1 },
	times: { unit: '×', factor: 1 },
	pH: { unit: 'pH', factor: 1 },
	'mol/kg': { unit: 'mol/kg', factor: 1 }
};

const { volume, mass, length, area } = factors;

const usLitres: readonly Scale[] = [
	{ unit: 'gal', factor: 1 / volume.usGallon, from: volume.usGallon },
	{ unit: 'qt', factor: 1 / volume.usQuart, from: volume.usQuart, quarters: true },
	{
		unit: 'cups',
		one: 'cup',
		factor: 1 / volume.usCup,
		from: volume.usCup / 4,
		quarters: true
	},
	{ unit: 'tbsp', factor: 1 / volume.usTablespoon, from: volume.usTablespoon, quarters: true },
	{ unit: 'tsp', factor: 1 / volume.usTeaspoon, quarters: true }
];

const hundredSquareFeet = 100 * area.squareFoot;

const us: Scales = {
	...metric,
	L: usLitres,
	'L bulk': [
		{ unit: 'yd³', factor: 1 / volume.cubicYard, from: 2 * volume.cubicYard },
		{ unit: 'ft³', factor: 1 / volume.cubicFoot, from: volume.cubicFoot, usual: true },
		...usLitres
	],
	kg: [
		{ unit: 'lb', factor: 1 / mass.pound, from: mass.pound },
		{ unit: 'oz', factor: 1 / mass.ounce }
	],
	g: [
		{ unit: 'lb', factor: 0.001 / mass.pound, from: 1000 * mass.pound },
		{ unit: 'oz', factor: 0.001 / mass.ounce, usual: true }
	],
	m: [
		{ unit: 'ft', factor: 1 / length.foot, from: 3 * length.foot, inches: true },
		{ unit: 'in', factor: 1 / length.inch }
	],
	cm: { unit: 'in', factor: length.cm / length.inch },
	'm²': { unit: 'ft²', factor: 1 / area.squareFoot },
	'kg/L': { unit: 'lb/ft³', factor: volume.cubicFoot / mass.pound },
	'°C': { unit: '°F', factor: 1.8, offset: 32 },
	'L/m²': [
		{
			unit: 'gal/ft²',
			factor: area.squareFoot / volume.usGallon,
			from: volume.usGallon / area.squareFoot
		},
		{
			unit: 'cups/ft²',
			one: 'cup/ft²',
			factor: area.squareFoot / volume.usCup,
			usual: true
		}
	],
	'g/m²': [
		{
			unit: 'lb/100 ft²',
			factor: hundredSquareFeet / 1000 / mass.pound,
			from: (1000 * mass.pound) / hundredSquareFeet
		},
		{ unit: 'oz/100 ft²', factor: hundredSquareFeet / 1000 / mass.ounce }
	],
	'kg/m²': { unit: 'lb/100 ft²', factor: hundredSquareFeet / mass.pound },
	'L/kg': { unit: 'gal/lb', factor: mass.pound / volume.usGallon },
	'L/L': { unit: 'gal per gal', factor: 1 },
	'kg/m³': { unit: 'lb/ft³', factor: volume.cubicFoot / 1000 / mass.pound }
};

/**
 * How people say an amount of this size: a spoon, a cup, a quart, a gallon.
 * @param value in the unit of core. Default: none in particular, and so what is usual
 */
export function scaleOf(unit: ShownUnit, system: System | undefined, value?: number): Scale {
	const scales = (system === 'us' ? us : metric)[unit];
	if (!('length' in scales)) return scales;
	const size = Math.abs(value ?? 0);
	const usual = scales.find((scale) => scale.usual) ?? scales[0]!;
	if (size === 0) return usual;
	// What rounds up to the next unit is said in it.
	return scales.find(({ from = 0 }) => size >= from * 0.9995) ?? usual;
}
