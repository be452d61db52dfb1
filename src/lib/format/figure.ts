import { depthVaries } from '../core/beds';
import { factors, type System } from '../core/units';
import { scaleOf, type Scale, type ShownUnit } from './scales';

/** A figure ready for a person: number, unit and, where there is doubt, its range. */
export interface Shown {
	readonly text: string;
	readonly unit: string;
	readonly range?: string;
}

/** The value in the grower's unit. */
export function inUnit(value: number, unit: ShownUnit, system: System | undefined): number {
	return scaled(value, scaleOf(unit, system));
}

const scaled = (value: number, { factor, offset = 0 }: Scale): number => value * factor + offset;

export function unitName(unit: ShownUnit, system: System | undefined): string {
	return scaleOf(unit, system).unit;
}

/** Units in which nobody measures out hundredths. */
const measuredOut = new Set('L gal ft³ yd³ mL g oz in cm h min days m² ft²'.split(' '));

/**
 * The finest place that an act needs of a figure: whole litres from ten up, since nobody fills a tub to the tenth
 * of one, and tenths below that; a tape is read to the centimetre.
 */
function finestOf(size: number, { unit, quarters }: Scale): number {
	if (unit === 'm' || quarters) return 2;
	if (!measuredOut.has(unit)) return 4;
	// A measuring jug has no single millilitres.
	if (unit === 'mL' && size >= 100) return -1;
	return size >= 10 ? 0 : size >= 1 ? 1 : 2;
}

/** Amounts to an area: known no better than the area is, which is paced or taped. */
const toAnArea = new Set('L/m²;kg/m²;g/m²;gal/ft²;cups/ft²;lb/100 ft²;oz/100 ft²'.split(';'));

/**
 * Decimals that the doubt allows; below nought tens or hundreds are rounded. A figure with a range
 * keeps a tenth or so of it; one without keeps three figures, or two to an area; neither goes beyond what an act needs.
 */
function decimalsFor(value: number, spread: number, scale: Scale): number {
	const size = Math.abs(value);
	const finest = finestOf(size, scale);
	const figures = spread === 0 && toAnArea.has(scale.unit) ? 2 : 3;
	const byValue = size > 0 ? figures - 1 - Math.floor(Math.log10(size)) : 0;
	if (spread > 0) return Math.min(finest, byValue, -Math.floor(Math.log10(spread / 7)));
	return Math.max(Math.min(0, finest), Math.min(finest, byValue));
}

/** Whether it is said in quarters: a few spoons or cups, and at least a quarter of one. */
const isQuartered = (value: number, { quarters }: Scale): boolean =>
	quarters === true && value >= 0.125 && value < 10;

const formats = Array.from(
	{ length: 5 },
	(_, digits) =>
		new Intl.NumberFormat('en-GB', { maximumFractionDigits: digits, useGrouping: 'min2' })
);

/**
 * What rounding hides of a figure without doubt as it is shown, in SI: half of its last place. What a
 * page shows can be taken; the exact rest may be that much less.
 */
export function hiddenBy(value: number, unit: ShownUnit, system: System | undefined): number {
	const scale = scaleOf(unit, system, value);
	const shown = scaled(value, scale);
	const place = isQuartered(shown, scale) ? 0.25 : 10 ** -decimalsFor(shown, 0, scale);
	return (0.5 * place) / scale.factor;
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
	figure: { value: number; low?: number | undefined; high?: number | undefined; unit: ShownUnit },
	system: System | undefined
): Shown {
	const { value } = figure;
	const scale = scaleOf(figure.unit, system, value);
	const at = (end: number) => scaled(end, scale);
	const [low, high] = [at(figure.low ?? value), at(figure.high ?? value)];
	if (scale.inches) return inFeet(at(value), low, high);
	const isExact = low === high;
	const decimals = decimalsFor(at(value), high - low, scale);
	const text = isExact ? alone(at(value), scale) : plain(at(value), decimals);
	const [from, to] = [plain(low, decimals), plain(high, decimals)];
	return {
		text,
		unit:
			text === '1' || (scale.quarters && isExact && at(value) < 1)
				? (scale.one ?? scale.unit)
				: scale.unit,
		...(isExact || from === to ? {} : { range: `${from}–${to}` })
	};
}

/** From here on nobody minds an inch. */
const longest_ft = 20;

/** Feet and whole inches, as a tape is read: "5 ft 3 in". */
function inFeet(value: number, low: number, high: number): Shown {
	const said = (feet: number) => {
		const inches = feet < longest_ft ? Math.round(feet * 12) : Math.round(feet) * 12;
		return inches % 12 === 0
			? `${inches / 12} ft`
			: `${Math.floor(inches / 12)} ft ${inches % 12} in`;
	};
	const [text, from, to] = [said(value), said(low), said(high)] as const;
	const cut = text.lastIndexOf(' ');
	const unit = text.slice(cut + 1);
	const range = from === to ? undefined : `${from}–${to}`.replace(new RegExp(` ${unit}$`), '');
	return { text: text.slice(0, cut), unit, ...(range === undefined ? {} : { range }) };
}

/** To the quarter: "1 ½". */
function inQuarters(value: number): string {
	const quarters = Math.round(value * 4);
	const rest = ['', '¼', '½', '¾'][quarters % 4] ?? '';
	return [Math.floor(quarters / 4) || '', rest].filter(Boolean).join(' ');
}

/** "225 L" */
export function say(value: number, unit: ShownUnit, system: System | undefined): string {
	return joined(show({ value, unit }, system));
}

/** From one end to the other of what is usual, in the unit of the larger: "0.8 to 1.6 L". */
export function saySpan(
	low: number,
	high: number,
	unit: ShownUnit,
	system: System | undefined
): string {
	const scale = scaleOf(unit, system, high);
	const [from, to] = [low, high].map((end) => alone(scaled(end, scale), scale)) as [string, string];
	const name = scaled(high, scale) <= 1 ? (scale.one ?? scale.unit) : scale.unit;
	return `${from} to ${joined({ text: to, unit: name })}`;
}

/** A number without doubt. */
const alone = (value: number, scale: Scale): string =>
	isQuartered(value, scale) ? inQuarters(value) : plain(value, decimalsFor(value, 0, scale));

/** "158–298 L", or "225 L" where there is no doubt. */
export function sayRange(
	figure: { value: number; low: number; high: number; unit: ShownUnit },
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
		/([\d¼½¾]) (?=(?:m?L|[km]?g|c?m|gal|qt|cups?|tbsp|tsp|lb|oz|ft|in|days?)(?![\p{L}])|[%°¼½¾])/gu,
		'$1\u00a0'
	);
}

/** What is nearer than this is what one carries: nobody fills a tub closer. */
const mostOff = 0.04;

/** How many of an own measure a volume is, to the quarter: "2 ¾ barrows". */
export function inMeasures(litres: number, measure: { name: string; litres: number }): string {
	const quarters = Math.round((litres / measure.litres) * 4);
	if (quarters === 0) return `under ¼ ${measure.name}`;
	const isOff = Math.abs((quarters / 4) * measure.litres - litres) > litres * mostOff;
	const plural = quarters > 4 && !measure.name.endsWith('s') ? 's' : '';
	return `${isOff ? 'about ' : ''}${inQuarters(quarters / 4)} ${measure.name}${plural}`;
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
export function typedAmount(value: number, unit: ShownUnit, system: System | undefined): string {
	const isTaped = unit === 'm' && system === 'us' && value < 10 * factors.length.foot;
	const scale = isTaped ? scaleOf(unit, system, 0.1) : scaleOf(unit, system, value);
	const fine = isTaped ? 100 : 1000;
	const rounded = String(Math.round(scaled(value, scale) * fine) / fine);
	// A point before three digits would be asked about: one more leaves no doubt.
	const digits = /^-?[1-9]\d{0,2}\.\d{3}$/.test(rounded) ? `${rounded}0` : rounded;
	return scale.unit === '%' || scale.unit === '×' ? digits : `${digits} ${scale.unit}`;
}
