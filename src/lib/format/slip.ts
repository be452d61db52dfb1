import { groundOfSource } from '../core/evidence';
import { withLater, type Estimate, type Input, type System } from '../core/units';
import { evidenceWords } from './evidence-words';
import { sayRange, show, type Shown } from './figure';
import type { ShownUnit } from './scales';

/** One input of a figure as a line of its slip. */
export interface SlipLine {
	readonly name: string;
	readonly amount: string;
	readonly origin: string;
	readonly source: string;
}

const originNames: Readonly<Record<Input['origin'], string>> = {
	measured: 'measured',
	own: 'your own',
	typed: 'as typed',
	computed: 'worked out',
	default: 'starting value'
};

/** A figure with everything that one tap on it shows. */
export interface Slip extends Shown {
	readonly label: string;
	readonly basis: string;
	readonly formula: string;
	readonly lines: readonly SlipLine[];
	/** Its range is that of a rule, and not doubt. */
	readonly bounds?: boolean;
	/** Which figure of which thing it is, by its address; a figure of the page alone has none. */
	readonly of?: string | undefined;
}

/** A figure with what stands behind it. `of` is its address where a thing has it, by `figurePath`. */
export function slip(
	label: string,
	figure: Estimate,
	system: System | undefined,
	of?: string
): Slip {
	const shown = show({ ...ends(figure), unit: unitOf(figure) }, system);
	// The rest is told when it is looked at: a page has many slips, and each key makes them anew.
	return withLater(
		{ label, ...shown, basis: figure.basis, of },
		{
			formula: () => figure.formula,
			lines: () => figure.from.map((input) => sayInput(input, system))
		}
	);
}

/** Value and range alone: the rest is told when it is looked at. */
const ends = ({ value, low, high }: Estimate) => ({ value, low, high });

/** What lies loose is said by the cubic foot where litres are not. */
const unitOf = ({ unit, basis }: Estimate): ShownUnit =>
	unit === 'L' && /^(?:loose,|solid wood)/.test(basis) ? 'L bulk' : unit;

/** One input of a figure in words. */
export function sayInput(input: Input, system: System | undefined): SlipLine {
	const { name, value, low = value, high = value, unit, origin, source } = input;
	const amount = sayRange({ value, low, high, unit }, system);
	const ground = origin === 'default' ? `, ${evidenceWords[groundOfSource(source)]}` : '';
	return { name, amount, origin: `${originNames[origin]}${ground}`, source };
}

/** A figure with its words and the page of what it belongs to. */
export interface FigureOf {
	readonly label: string;
	readonly figure: Estimate;
	/** What it is a figure of, by code or name. */
	readonly of: string;
	readonly href: string;
	/** Its range goes from one end of a rule to the other, and is not doubt. */
	readonly bounds?: boolean;
}

/** The slip of a figure told by itself. */
export function toldSlip(
	{ label, figure, bounds = false }: Pick<FigureOf, 'label' | 'figure' | 'bounds'>,
	system: System | undefined
): Slip {
	const shown = slip(label, figure, system);
	const { range, ...whole } = { ...shown, bounds };
	if (range === undefined) return whole;
	// A rule goes from one end to the other: there is no figure between them.
	return bounds ? { ...whole, text: range } : { ...whole, range };
}
