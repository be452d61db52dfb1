import { estimate, kgDry, type Estimate, type KgDry, type Range } from '$lib/core/units';
import {
	dryWood,
	parsePieces,
	type ReadingMethod,
	type ReadingSet,
	type StackMeasure
} from '$lib/core/woodyard';

/** Dry wood left in a stack, with what it was worked out from when it was measured. */
export function leftFigure(measure: StackMeasure, left: Range): Estimate<KgDry> {
	const { unit, formula, from } = dryWood(measure);
	return estimate(kgDry, left, { unit, formula, from, basis: 'oven-dry wood left in the stack' });
}

/** The readings being typed; undefined while there are none or one can't be read. */
export function readPieces(method: string, typed: string): ReadingSet | undefined {
	const read = parsePieces(typed);
	if (read.status === 'bad' || read.pieces.length === 0) return undefined;
	return { method: method as ReadingMethod, pieces: read.pieces };
}
