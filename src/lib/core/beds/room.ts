import {
	estimate,
	exactly,
	litres,
	metres,
	share,
	squareMetres,
	type Estimate,
	type Input,
	type Litres,
	type Metres,
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

export function areaOf(length: Metres, width: Metres): SquareMetres {
	return squareMetres(length * width);
}

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

/** The share as a figure with its inputs. */
export function shareFigure(charLitres: number, ground: Ground): Estimate<Share> {
	const value = charShareOf(charLitres, ground);
	return estimate(share, exactly(value), {
		unit: 'share',
		basis: 'char of the soil in the working depth, by volume',
		formula: 'Σ litres of char ÷ (area × depth)',
		from: [charSoFar(charLitres), soilInput(ground)]
	});
}

/** The room as a figure with its inputs. */
export function roomFigure(
	limit: 'target' | 'ceiling',
	charLitres: number,
	ground: Ground
): Estimate<Litres> {
	return estimate(litres, exactly(roomUnder(charShareLimits[limit], charLitres, ground)), {
		unit: 'L',
		basis: `char that still goes on before the ${limit}`,
		formula: 'limit × soil in the working depth − char so far',
		from: [
			{
				name: limit,
				value: charShareLimits[limit],
				unit: 'share',
				origin: 'default',
				source: charShareLimits.source
			},
			soilInput(ground),
			charSoFar(charLitres)
		]
	});
}

const charSoFar = (charLitres: number): Input => ({
	name: 'char so far',
	value: charLitres,
	unit: 'L',
	origin: 'computed',
	source: 'Σ spreads, at each lot’s own char share'
});

const soilInput = (ground: Ground): Input => ({
	name: 'soil',
	value: soilVolume(ground),
	unit: 'L',
	origin: 'measured',
	source: 'area × working depth'
});
