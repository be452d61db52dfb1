import { z } from 'zod';
import type { Estimate } from '../../core/units';
import { jsonOf } from './json';

/**
 * A figure as it was reckoned when its act was written: how, from what, and who said so. It is told by
 * this ever after, whatever becomes of a constant since.
 */
type EstimateTold = Pick<Estimate, 'unit' | 'basis' | 'formula' | 'from'>;

const told = {
	unit: z.string(),
	basis: z.string(),
	formula: z.string(),
	from: z.array(
		z.looseObject({ name: z.string(), value: z.number(), unit: z.string(), source: z.string() })
	)
};
export const readKept = jsonOf<EstimateTold>(z.looseObject(told));

/** A whole figure within another row. */
export const keptFigure = z.looseObject({
	...told,
	value: z.number(),
	low: z.number(),
	high: z.number()
});

export const keptColumns = ({ unit, basis, formula, from }: Estimate): string =>
	JSON.stringify({ unit, basis, formula, from } satisfies EstimateTold);

/** A kept figure from its three numbers and how it came about. */
export function toKept<Q extends number>(
	[value, low, high]: readonly [number, number, number],
	told: string
): Estimate<Q> {
	return { value: value as Q, low: low as Q, high: high as Q, ...readKept(told) };
}
