import {
	found,
	known,
	litres,
	over,
	reckon,
	times,
	type Celsius,
	type Estimate,
	type Litres
} from '../units';
import { brewSpeed } from './clock';
import type { RecipeId } from './data/recipe';
import { recipeOf } from './data/recipes';
import type { CultureLine } from './lineage';
import { dilutedAs, goesTo, type Dilution } from './share-out';
import { judgeWater, waterLimits, type WaterTold } from './water';

/** Hours to first use at one temperature, days of what takes longer, with what they rest on; undefined where it is too cold or hot. */
export function hoursToUse(id: RecipeId, temperature: Celsius): Estimate | undefined {
	const speed = brewSpeed(temperature);
	if (speed === 0) return undefined;
	const { name, hours, source } = recipeOf(id);
	const inDays = hours[0] > 72;
	const time = inDays ? hours[0] / 24 : hours[0];
	return reckon<number>(
		(value) => value,
		over(
			known(`time at 20 °C, ${name}`, time, inDays ? 'days' : 'h', 'default', source),
			known(
				'speed',
				speed,
				'times',
				'computed',
				`at ${Number(temperature.toFixed(1))} °C: doubles each 10 °C from 20 °C; none below 8 °C, no faster above 38 °C`
			)
		),
		{ unit: inDays ? 'days' : 'h', basis: 'from when it was set going' }
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

/** Of the central 80 %. */
const z = 1.2816;

/**
 * Chance that the next of a line works, by how many did: the middle by the rule of succession (Laplace), its range
 * by the score interval of a share (Wilson 1927) over the same counts with one more of each.
 */
export function trustFigure({ worked, failed }: Pick<CultureLine, 'worked' | 'failed'>): Estimate {
	const n = worked + failed + 2;
	const value = (worked + 1) / n;
	const middle = (value + z ** 2 / (2 * n)) / (1 + z ** 2 / n);
	const half = (z / (1 + z ** 2 / n)) * Math.sqrt((value * (1 - value)) / n + (z / (2 * n)) ** 2);
	const counted = (name: string, count: number) =>
		known(name, count, 'times', 'measured', 'as the books have it: smelt, looked at or used');
	return found<number>(
		(share) => share,
		known(
			'trust',
			{ value, low: middle - half, high: middle + half },
			'share',
			'computed',
			'(worked + 1) / (worked + failed + 2), Laplace; range by Wilson 1927'
		),
		[counted('worked', worked), counted('failed', failed)],
		{ unit: 'share', basis: 'that the next of it works' }
	);
}

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
			)
		),
		{ unit: 'mg', basis: 'ascorbic acid, before anything alive goes in' }
	);
}
