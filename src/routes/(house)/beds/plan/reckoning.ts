import {
	defaultDepth,
	roomFigure,
	suggestRate,
	workOutDose,
	type Dose,
	type DoseLot,
	type Ground
} from '$lib/core/beds';
import {
	earlier,
	exactly,
	known,
	litres,
	metres,
	over,
	reckon,
	squareMetres,
	times,
	type Estimate,
	type Litres,
	type ParseContext,
	type SquareMetres,
	type System
} from '$lib/core/units';
import { limits } from '$lib/input/limits';
import { amountIn } from '$lib/input/read-field';

/** Ground that is in no books, as typed, and what its char is mixed with. */
export interface GroundEntry {
	length: string;
	width: string;
	depth: string;
	/** Parts of compost and the like to one of char, as measured out. */
	parts: string;
}

/** What stands there before anything is typed, so that the page answers at once. */
const example = (system: System | undefined): GroundEntry =>
	system === 'us'
		? { length: '8 ft', width: '4 ft', depth: '6 in', parts: '1' }
		: { length: '2.4 m', width: '1.2 m', depth: '15 cm', parts: '1' };

export function freshGround(
	values: Readonly<Record<string, string>>,
	system: System | undefined
): GroundEntry {
	const { length, width, depth, parts } = example(system);
	return {
		length: values.length ?? length,
		width: values.width ?? width,
		depth: values.depth ?? depth,
		parts: values.parts ?? parts
	};
}

export const isExample = (entry: GroundEntry, system: System | undefined): boolean => {
	const known = example(system);
	return (
		entry.length === known.length && entry.width === known.width && entry.depth === known.depth
	);
};

export interface ReckonedGround {
	readonly ground: Ground;
	readonly area: Estimate<SquareMetres>;
	/** Char to put on at first, to the target, and to the most for life. */
	readonly first: Estimate<Litres>;
	readonly target: Estimate<Litres>;
	readonly ceiling: Estimate<Litres>;
	/** What carries the first of it. */
	readonly mix: Estimate<Litres>;
	readonly dose: Dose;
}

/** What ground takes that never had any char; undefined while its measures can't be read. */
export function reckonGround(
	entry: GroundEntry,
	context: ParseContext
): ReckonedGround | undefined {
	const length = amountIn(entry.length, limits.bed.length, context);
	const width = amountIn(entry.width, limits.bed.width, context);
	const depth =
		entry.depth.trim() === '' ? defaultDepth : amountIn(entry.depth, limits.bed.depth, context);
	const parts = amountIn(entry.parts, limits.charge.ratio, context) ?? 0;
	if (length === undefined || width === undefined || depth === undefined) return undefined;
	const ground = { area: squareMetres(length * width), depth: metres(depth) };
	const none = exactly(0);
	const first = roomFigure('first', none, ground);
	const lot: DoseLot = {
		charShare: exactly(1 / (1 + parts)),
		// Only forms by weight ask for it, and there is none here.
		density: exactly(0.2),
		litresLeft: litres(1e7)
	};
	const bed = { ground, char_l: 0, firstSeason: true };
	const rate = suggestRate(ground, bed, Infinity);
	const worked = workOutDose({ by: 'rate', form: 'L/m2', amount: rate }, bed, lot);
	if (worked.status !== 'ok') return undefined;
	return {
		ground,
		area: reckon(
			squareMetres,
			times(
				known('length', length, 'm', 'typed', 'as typed'),
				known('width', width, 'm', 'typed', 'as typed')
			),
			{ unit: 'm²', basis: 'of the ground' }
		),
		first,
		target: roomFigure('target', none, ground),
		ceiling: roomFigure('ceiling', none, ground),
		mix: reckon(
			litres,
			over(
				earlier('char at first', first),
				known(
					'char in the mix',
					1 / (1 + parts),
					'share',
					'typed',
					`1 part of char to ${parts}, as measured out`
				)
			),
			{ unit: 'L', basis: 'of the mix, as measured out' }
		),
		dose: worked.dose
	};
}
