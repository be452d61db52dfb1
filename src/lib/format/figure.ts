import { depthVaries } from '../core/beds';
import { factors, type System, type Unit } from '../core/units';

/** A figure ready for a person: number, unit and, where there is doubt, its range. */
export interface Shown {
	readonly text: string;
	readonly unit: string;
	readonly range?: string;
}

interface Scale {
	readonly unit: string;
	readonly factor: number;
	readonly offset?: number;
}

const metric: Readonly<Record<Unit, Scale>> = {
	L: { unit: 'L', factor: 1 },
	kg: { unit: 'kg', factor: 1 },
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
	days: { unit: 'days', factor: 1 },
	h: { unit: 'h', factor: 1 },
	min: { unit: 'min', factor: 1 },
	'L/kg': { unit: 'L/kg', factor: 1 },
	'L/L': { unit: 'L per L', factor: 1 },
	'kg/m³': { unit: 'kg/m³', factor: 1 },
	'kJ/kg': { unit: 'kJ/kg', factor: 1 },
	'kJ/kg·K': { unit: 'kJ/kg·K', factor: 1 },
	'% of soil': { unit: '% of soil', factor: 1 },
	times: { unit: '×', factor: 1 },
	pH: { unit: 'pH', factor: 1 }
};

const { volume, mass, length, area } = factors;

const us: Readonly<Record<Unit, Scale>> = {
	...metric,
	L: { unit: 'gal', factor: 1 / volume.usGallon },
	kg: { unit: 'lb', factor: 1 / mass.pound },
	g: { unit: 'oz', factor: 0.001 / mass.ounce },
	m: { unit: 'ft', factor: 1 / length.foot },
	cm: { unit: 'in', factor: length.cm / length.inch },
	'm²': { unit: 'ft²', factor: 1 / area.squareFoot },
	'kg/L': { unit: 'lb/ft³', factor: volume.cubicFoot / mass.pound },
	'°C': { unit: '°F', factor: 1.8, offset: 32 },
	'L/m²': { unit: 'cups/ft²', factor: area.squareFoot / volume.usCup },
	'g/m²': { unit: 'oz/ft²', factor: area.squareFoot / 1000 / mass.ounce },
	'kg/m²': { unit: 'lb/ft²', factor: area.squareFoot / mass.pound },
	'L/kg': { unit: 'gal/lb', factor: mass.pound / volume.usGallon },
	'kg/m³': { unit: 'lb/ft³', factor: volume.cubicFoot / 1000 / mass.pound }
};

function scaleOf(unit: Unit, system: System | undefined): Scale {
	return (system === 'us' ? us : metric)[unit];
}

/** The value in the grower's unit. */
export function inUnit(value: number, unit: Unit, system: System | undefined): number {
	const { factor, offset = 0 } = scaleOf(unit, system);
	return value * factor + offset;
}

export function unitName(unit: Unit, system: System | undefined): string {
	return scaleOf(unit, system).unit;
}

/**
 * The finest place that an act needs of a figure: whole litres from ten up, since nobody fills a tub to the tenth
 * of one, tenths below that, and hundredths of less than a litre; a tape is read to the centimetre.
 */
function finestOf(size: number, unit: Unit): number {
	if (unit === 'L') return size >= 10 ? 0 : size >= 1 ? 1 : size >= 0.1 ? 2 : 4;
	if (unit === 'm') return 2;
	return unit === 'cm' ? 1 : 4;
}

/**
 * Decimals that the doubt allows; below nought tens or hundreds are rounded. A figure with a range
 * keeps a tenth or so of it; one without keeps three figures; neither goes beyond what an act needs.
 */
function decimalsFor(value: number, spread: number, unit: Unit): number {
	const size = Math.abs(value);
	const finest = finestOf(size, unit);
	const byValue = size > 0 ? 2 - Math.floor(Math.log10(size)) : 0;
	if (spread > 0) return Math.min(finest, byValue, -Math.floor(Math.log10(spread / 7)));
	return Math.max(0, Math.min(finest, byValue));
}

const formats = Array.from(
	{ length: 5 },
	(_, digits) =>
		new Intl.NumberFormat('en-GB', { maximumFractionDigits: digits, useGrouping: 'min2' })
);

/**
 * What rounding hides of a figure without doubt as it is shown, in SI: half of its last place. What a
 * page shows can be taken; the exact rest may be that much less.
 */
export function hiddenBy(value: number, unit: Unit, system: System | undefined): number {
	const { factor } = scaleOf(unit, system);
	return 0.5 / (10 ** decimalsFor(inUnit(value, unit, system), 0, unit) * factor);
}

/** A number with so many decimals; −1 rounds to tens. */
export function plain(value: number, decimals: number): string {
	const step = decimals < 0 ? 10 ** -decimals : 1;
	const rounded = decimals < 0 ? Math.round(value / step) * step : value;
	return digits(rounded, Math.max(0, decimals)).replace('-', '−');
}

/** Below ten thousand nothing is grouped, and a page of many figures need not ask the locale for each. */
const digits = (value: number, decimals: number): string =>
	Math.abs(value) < 9999
		? String(Number(value.toFixed(decimals)))
		: (formats[decimals] ?? formats[0])!.format(value);

/** A number, with its range when it has one. */
export function show(
	figure: { value: number; low?: number | undefined; high?: number | undefined; unit: Unit },
	system: System | undefined
): Shown {
	const at = (value: number) => inUnit(value, figure.unit, system);
	const low = at(figure.low ?? figure.value);
	const high = at(figure.high ?? figure.value);
	const decimals = decimalsFor(at(figure.value), high - low, figure.unit);
	const text = plain(at(figure.value), decimals);
	const [from, to] = [plain(low, decimals), plain(high, decimals)];
	return {
		text,
		unit: unitName(figure.unit, system),
		...(from === to ? {} : { range: `${from}–${to}` })
	};
}

/** "225 L" */
export function say(value: number, unit: Unit, system: System | undefined): string {
	return joined(show({ value, unit }, system));
}

/** A volume or weight that may be small, as a spoon or kitchen scale tells it: "40 mL", "80 g", "2 fl oz". */
export function sayFine(value: number, unit: 'L' | 'kg', system: System | undefined): string {
	const isUs = system === 'us';
	const least = isUs ? (unit === 'L' ? factors.volume.usGallon / 4 : factors.mass.pound) : 1;
	if (value >= least * 0.9995 || value === 0) return say(value, unit, system);
	const small = isUs
		? unit === 'L'
			? { unit: 'fl oz', of: factors.volume.usFluidOunce }
			: { unit: 'oz', of: factors.mass.ounce }
		: { unit: unit === 'L' ? 'mL' : 'g', of: 0.001 };
	const amount = value / small.of;
	return joined({ text: plain(amount, amount < 1 ? 2 : amount < 10 ? 1 : 0), unit: small.unit });
}

/** "158–298 L", or "225 L" where there is no doubt. */
export function sayRange(
	figure: { value: number; low: number; high: number; unit: Unit },
	system: System | undefined
): string {
	return sayRangeOf(show(figure, system));
}

/** A figure with its range behind it: what was tapped on is seen again. "21 %, 16–28 %" */
export const sayWhole = (shown: Shown): string =>
	shown.range === undefined || shown.range === shown.text
		? joined(shown)
		: `${joined(shown)}, ${sayRangeOf(shown)}`;

/** The range of a figure, or the figure where there is no doubt. */
const sayRangeOf = ({ range, text, unit }: Shown): string => joined({ text: range ?? text, unit });

/** Char of the soil: to the place that the depth a bed is really worked allows, "1.7 %" and not 1.67. */
export const sayOfSoil = (share: number): string =>
	joined(
		show(
			{ value: share, low: share * depthVaries.low, high: share * depthVaries.high, unit: 'share' },
			'metric'
		)
	);

/** Water in wood, wet or dry basis: to a tenth of a percent, or the bound that beyond an end is all that is known. */
export function sayWater(share: number, bound?: 'over' | 'under'): string {
	if (bound === 'over') return `> ${plain(Math.floor(share * 100 + 1e-9), 0)} %`;
	if (bound === 'under') return `< ${plain(Math.ceil(share * 100 - 1e-9), 0)} %`;
	return `${plain(share * 100, 1)} %`;
}

/** A difference of two temperatures: 10 °C, 18 °F. */
export const sayWarmer = (celsius: number, system: System | undefined): string =>
	system === 'us' ? `${plain(celsius * 1.8, 0)} °F` : `${plain(celsius, 0)} °C`;

export function joined({ text, unit }: { text: string; unit: string }): string {
	return unit === '%' ? `${text} %` : `${text} ${unit}`;
}

/** The same sentence with no line end between a figure and what it counts. */
export function unbroken(sentence: string): string {
	return sentence.replace(
		/(\d) (?=(?:L|kg|g|m|cm|gal|lb|ft|days?)(?![\p{L}])|[%°¼½¾])/gu,
		'$1\u00a0'
	);
}

/** How many of an own measure a volume is, to the quarter: "2 ¾ barrows". */
export function inMeasures(litres: number, measure: { name: string; litres: number }): string {
	const quarters = Math.round((litres / measure.litres) * 4);
	if (quarters === 0) return `under ¼ ${measure.name}`;
	const whole = Math.floor(quarters / 4);
	const rest = ['', '¼', '½', '¾'][quarters % 4] ?? '';
	const plural = quarters > 4 && !measure.name.endsWith('s') ? 's' : '';
	return `${[whole || '', rest].filter(Boolean).join(' ')} ${measure.name}${plural}`;
}

/** The own measure that carries a volume in the fewest trips but at least one. */
export function bestMeasure(litres: number, measures: readonly { name: string; litres: number }[]) {
	const fitting = [...measures].sort((a, b) => b.litres - a.litres);
	return fitting.find((measure) => measure.litres <= litres * 1.05) ?? fitting.at(-1);
}

/**
 * An amount for a form field, parsed back to what it was: "38 L", "10.04 gal". Lengths in US
 * customary are in inches up to ten feet, as people tape them.
 */
export function typedAmount(value: number, unit: Unit, system: System | undefined): string {
	const inInches = unit === 'm' && system === 'us' && value < 10 * factors.length.foot;
	const amount = inInches ? value / factors.length.inch : inUnit(value, unit, system);
	const fine = inInches ? 100 : 1000;
	const rounded = String(Math.round(amount * fine) / fine);
	// A point before three digits would be asked about: one more leaves no doubt.
	const digits = /^-?[1-9]\d{0,2}\.\d{3}$/.test(rounded) ? `${rounded}0` : rounded;
	const name = inInches ? 'in' : unitName(unit, system);
	return name === '%' || name === '×' ? digits : `${digits} ${name}`;
}
