import { added, kgDry, known, reckon, type Estimate, type KgDry, type Range } from '../units';
import type { StackFormId, WoodClassId } from './data/wood';

/** Dry wood of one stack, or of part of it. */
export interface StackPart {
	readonly code: string;
	readonly name: string;
	readonly form: StackFormId;
	readonly wood: WoodClassId;
	readonly dry: Range;
}

/**
 * Dry wood of several stacks together. Stacks of one form and class of wood are off alike by half of
 * the variance of their packing and density: their doubt does not fall with their number as that of
 * unlike ones does. Basis: oven-dry kg.
 */
export function dryOfAll(parts: readonly StackPart[], basis: string): Estimate<KgDry> {
	const terms = parts.map(({ code, name, form, wood, dry }) =>
		known(
			`${code} ${name}`,
			dry,
			'kg',
			'measured',
			'its own measure, in proportion to its volume',
			{
				id: code,
				likeness: `${form} ${wood}`
			}
		)
	);
	const none = known('no stack', 0, 'kg', 'computed', 'nothing may be taken');
	const term = terms.length > 1 ? added(...terms) : (terms[0] ?? none);
	return reckon(kgDry, term, { unit: 'kg', basis });
}
