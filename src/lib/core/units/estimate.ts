/** How a figure may be shown; `share` is shown as a percentage. */
export type Unit =
	| 'L'
	| 'kg'
	| 'g'
	| 'mg'
	| 'm'
	| 'cm'
	| 'm²'
	| 'kg/L'
	| 'share'
	| '°C'
	| 'g/kg'
	| 'g/L'
	| 'L/m²'
	| 'kg/m²'
	| 'g/m²'
	| 'days'
	| 'h'
	| 'min'
	| 'L/kg'
	| 'L/L'
	| 'kg/m³'
	| 'kJ/kg'
	| 'kJ/kg·K'
	| '% of soil'
	| 'times'
	| 'pH'
	| 'mol/kg';

/** Where an input of a figure comes from, best first. */
export type Origin = 'measured' | 'own' | 'typed' | 'computed' | 'default';

/** One input of a figure: what it is, how much, and who says so. */
export interface Input {
	readonly name: string;
	readonly value: number;
	readonly low?: number;
	readonly high?: number;
	readonly unit: Unit;
	readonly origin: Origin;
	/** The published source or the act that gave it. */
	readonly source: string;
	/** How much of the doubt of the figure is its own, 0–1. */
	readonly doubt?: number;
}

/**
 * A figure with its doubt. `low`–`high` is the central 80 %; equal to `value` where there is
 * none. `basis` names what the number refers to (wet or dry, whole or crushed).
 */
export interface Estimate<Q extends number = number> {
	readonly value: Q;
	readonly low: Q;
	readonly high: Q;
	readonly unit: Unit;
	readonly basis: string;
	readonly formula: string;
	readonly from: readonly Input[];
}

/** A positive range with its central value, the raw material of an estimate. */
export interface Range {
	readonly value: number;
	readonly low: number;
	readonly high: number;
}

/** A published low–high as a range: the centre is the geometric mean, since errors here are ratios. */
export function between(low: number, high: number): Range {
	if (!(low > 0) || !(high >= low) || !Number.isFinite(high))
		throw new RangeError(`between: ${low}…${high} is no positive range`);
	return { value: Math.sqrt(low * high), low, high };
}

/** A number without doubt. */
export function exactly(value: number): Range {
	return { value, low: value, high: value };
}

/**
 * Product of independent positive terms, each to a power (−1 divides): the widths of the logs
 * combine in quadrature, apart for the upper and the lower side. A term of nought makes the product
 * nought; under a power below nought it is no term.
 * @throws RangeError for a term below nought, or for nought to divide by
 * Source: JCGM 100:2008 (GUM), 5.1.6, for a product of uncorrelated inputs.
 * @example product([between(40, 90), exactly(2)]) // value 120, low 80, high 180
 */
export function product(terms: readonly Range[], powers: readonly number[] = []): Range {
	const powerOf = (i: number) => powers[i] ?? 1;
	terms.forEach(({ low, high }, i) => {
		if (!(low >= 0) || !Number.isFinite(high) || (powerOf(i) < 0 && low === 0))
			throw new RangeError(`product: term ${i + 1} is ${low}…${high}, to the ${powerOf(i)}`);
	});
	if (terms.some((term) => term.value === 0))
		return { value: 0, low: 0, high: most(terms, powerOf) };
	let value = 1;
	let up = 0;
	let down = 0;
	terms.forEach((term, i) => {
		const power = powerOf(i);
		value *= term.value ** power;
		const rise = Math.abs(power) * Math.log(term.high / term.value);
		const fall = Math.abs(power) * Math.log(term.value / term.low);
		up += (power > 0 ? rise : fall) ** 2;
		down += (power > 0 ? fall : rise) ** 2;
	});
	return { value, low: value * Math.exp(-Math.sqrt(down)), high: value * Math.exp(Math.sqrt(up)) };
}

/** Every term at the end that makes the most: around nought there are no logs to combine. */
const most = (terms: readonly Range[], powerOf: (i: number) => number): number =>
	terms.reduce((total, { low, high }, i) => total * (powerOf(i) > 0 ? high : low) ** powerOf(i), 1);

/** Sum of independent terms: the absolute widths combine in quadrature. */
export function sum(terms: readonly Range[]): Range {
	const value = terms.reduce((total, term) => total + term.value, 0);
	const width = (side: (term: Range) => number) => Math.hypot(...terms.map(side), 0);
	return {
		value,
		low: Math.max(0, value - width((t) => t.value - t.low)),
		high: value + width((t) => t.high - t.value)
	};
}

/** Bring a range into a branded estimate; the constructor checks each of the three numbers. */
export function estimate<Q extends number>(
	brand: (value: number) => Q,
	range: Range,
	facts: Pick<Estimate, 'unit' | 'basis' | 'formula' | 'from'>
): Estimate<Q> {
	return { value: brand(range.value), low: brand(range.low), high: brand(range.high), ...facts };
}

/**
 * One input of a figure.
 * @param amount with its range where it has one
 * @param source who says so: the published source, or the act that gave it
 * @example inputOf('depth', 15, 'cm', 'measured', 'of this bed')
 */
export function inputOf(
	name: string,
	amount: number | Range,
	unit: Unit,
	origin: Origin,
	source: string
): Input {
	if (typeof amount === 'number') return { name, value: amount, unit, origin, source };
	const { value, low, high } = amount;
	return { name, value, low, high, unit, origin, source };
}

/** An estimate as one input of the next. */
export function asInput(name: string, figure: Estimate, origin: Origin = 'computed'): Input {
	const { value, low, high, unit } = figure;
	return { name, value, low, high, unit, origin, source: figure.formula };
}
