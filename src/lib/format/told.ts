import type { Estimate, System } from '../core/units';
import { slip, type Slip } from './figure';

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
