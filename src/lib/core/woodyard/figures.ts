import {
	earlier,
	kgDry,
	known,
	reckon,
	times,
	type Estimate,
	type KgDry,
	type Range
} from '../units';

/** Dry wood left in a stack: what it was measured to hold, by what was known then, and how much of that is left. */
export const leftFigure = (measured: Estimate<KgDry>, left: Range): Estimate<KgDry> =>
	reckon(
		kgDry,
		times(
			earlier('dry wood, as measured', measured, 'measured'),
			known('left of it', left.value / measured.value, 'share', 'computed', 'by its books')
		),
		{ unit: 'kg', basis: 'oven-dry wood left in the stack' }
	);
