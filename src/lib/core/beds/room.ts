import {
	known,
	less,
	litres,
	metres,
	over,
	reckon,
	share,
	atLeast,
	times,
	type Estimate,
	type Leaf,
	type Litres,
	type Metres,
	type Range,
	type Share,
	type SquareMetres
} from '../units';

/** The ground a dose goes on. */
export interface Ground {
	readonly area: SquareMetres;
	readonly depth: Metres;
}

/** 5 % is the target, 3 % the most at first, 10 % for life. Source: rates by share of soil in practice. */
export const charShareLimits = Object.freeze({
	target: 0.05,
	first: 0.03,
	ceiling: 0.1,
	source: 'Practice: 5 % of the top 15 cm in two seasons, first dose at most 3 %, 10 % for life'
});

export const defaultDepth = metres(0.15);

/** Litres of soil in the working depth. */
export function soilVolume(ground: Ground): Litres {
	return litres(ground.area * ground.depth * 1000);
}

/** Share of the working depth that is char: Σ litres of char ÷ litres of soil. */
export function charShareOf(charLitres: number, ground: Ground): Share {
	return share(Math.min(1, charLitres / soilVolume(ground)));
}

/** Litres of char that still go on before a share is reached; never below nought. */
export function roomUnder(limit: number, charLitres: number, ground: Ground): Litres {
	return litres(Math.max(0, limit * soilVolume(ground) - charLitres));
}

/** A spade or fork goes so much less or more deep along a bed than is meant. Source: working assumption. */
export const depthVaries = Object.freeze({ low: 0.8, high: 1.25 });

/** The share as a figure with its inputs: no better known than how deep the bed is really worked. */
export const shareFigure = (char: Range, ground: Ground): Estimate<Share> =>
	reckon(share, over(charSoFar(char), workedSoil(ground)), {
		unit: 'share',
		basis: 'char of the soil in the working depth, by volume',
		within: [0, 1]
	});

/** The room as a figure with its inputs: no better known than the soil it is in. */
export const roomFigure = (
	limit: 'first' | 'target' | 'ceiling',
	char: Range,
	ground: Ground
): Estimate<Litres> =>
	reckon(
		litres,
		atLeast(
			0,
			less(
				times(
					known(limit, charShareLimits[limit], 'share', 'default', charShareLimits.source),
					workedSoil(ground)
				),
				charSoFar(char)
			)
		),
		{ unit: 'L', basis: `char that still goes on before the ${limit}`, within: [0, Infinity] }
	);

export const charSoFar = (char: Range): Leaf =>
	known('char so far', char, 'L', 'computed', 'Σ of what was put on, at each lot’s own char share');

const workedSoil = (ground: Ground): Leaf => {
	const value = soilVolume(ground);
	return known(
		'soil',
		{ value, low: value * depthVaries.low, high: value * depthVaries.high },
		'L',
		'measured',
		'area × working depth, which varies by a fifth or so'
	);
};
