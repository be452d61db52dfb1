import { added, known, litres, over, reckon, times, type Celsius, type Estimate, type Litres } from '../units';
import { brewSpeed } from './clock';
import type { RecipeId } from './data/recipe';
import { recipeOf } from './data/recipes';
import type { Line } from './lineage';
import { dilutedAs, goesTo, type Dilution } from './share-out';
import { judgeWater, waterLimits, type WaterTold } from './water';

/** Hours to first use at one temperature, with what they rest on; undefined where it is too cold or hot. */
export function hoursToUse(id: RecipeId, temperature: Celsius): Estimate | undefined {
	const speed = brewSpeed(temperature);
	if (speed === 0) return undefined;
	const { name, hours, source } = recipeOf(id);
	return reckon<number>(
		(value) => value,
		over(
			known(`hours at 20 °C, ${name}`, hours[0], 'h', 'default', source),
			known(
				'speed',
				speed,
				'times',
				'computed',
				`at ${Number(temperature.toFixed(1))} °C: doubles each 10 °C from 20 °C; none below 8 °C, no faster above 38 °C`
			)
		),
		{ unit: 'h', basis: 'from when it was set going' }
	);
}

/** How far so much brew goes, with its working: one part of it in so many. */
export const goesFigure = (brew: Litres, parts: Dilution): Estimate<Litres> =>
	reckon(
		litres,
		times(
			known('brew', brew, 'L', 'computed', 'what is left of it, by its books'),
			known('parts in all', 1 + parts, 'times', 'typed', `one of brew and ${parts} of water`)
		),
		{ unit: 'L', basis: `diluted, ${goesTo(litres(1), parts)} parts in all` }
	);

/** The brew in so much diluted liquid. */
export const brewInFigure = (total: Litres, parts: Dilution): Estimate<Litres> =>
	reckon(
		litres,
		over(
			known('diluted', dilutedAs(total, parts).total, 'L', 'typed', 'as it is poured'),
			known('parts in all', 1 + parts, 'times', 'typed', `one of brew and ${parts} of water`)
		),
		{ unit: 'L', basis: 'of the brew itself' }
	);

/** Chance that the next of a line works, by how many did. */
export const trustFigure = ({ worked, failed }: Pick<Line, 'worked' | 'failed'>): Estimate =>
	reckon<number>(
		(value) => value,
		over(
			added(known('worked', worked, 'times', 'measured', 'smelt or looked at as it should, or used'), 1),
			added(
				known('worked or failed', worked + failed, 'times', 'measured', 'all of the line that came to an end'),
				2
			)
		),
		{ unit: 'share', basis: 'that the next works; rule of succession, Laplace' }
	);

/** Ascorbic acid that a tap with chloramine wants, mg; undefined where it wants none. */
export function ascorbicFigure(told: WaterTold, volume: Litres): Estimate | undefined {
	const verdict = judgeWater(told, volume);
	if (verdict.is !== 'treat') return undefined;
	const stated = told.strength !== undefined;
	return reckon<number>(
		(value) => value,
		times(
			known('water', volume, 'L', 'typed', 'as it goes in'),
			known(
				'strength',
				verdict.strength,
				'times',
				stated ? 'typed' : 'default',
				stated
					? 'mg/L, as the supplier states it'
					: `mg/L where nobody knows it; ${waterLimits.mostStrength} at the most`
			),
			known(
				'ascorbic acid',
				waterLimits.ascorbicPerChlorine,
				'times',
				'default',
				'Practice: about 2.5 mg to one of chlorine'
			),
			0.001
		),
		{ unit: 'g', basis: 'ascorbic acid, before anything alive goes in' }
	);
}
