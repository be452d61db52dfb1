import type { MeasureId } from '../core/trials';
import { length, mass, number, type Limit } from './limit';

/** Bounds of what is planned and read in trials. Values are in the unit of the measure once read. */
export const trialLimits = {
	blocks: number(1, 40, '6'),
	/** Percent of the soil or mix by volume. */
	share: number(0.1, 100, '5'),
	unit: number(1, 400, '7'),
	/** From leaving a strip to its one look. */
	weeks: number(1, 52, '8'),
	/** Of one pot from the next of its arm, and of arms, percent of the mean. */
	spread: number(1, 200, '15'),
	difference: number(1, 300, '25')
} as const;

export const valueLimits: Readonly<Record<MeasureId, Limit>> = Object.freeze({
	emergence: number(0, 365, '9'),
	germinated: number(0, 10_000, '14'),
	height: length(0, 6, '14 cm', '5 1/2 in'),
	leaves: number(0, 10_000, '12'),
	'first-flower': number(0, 730, '62'),
	harvest: mass(0, 200, '31 g', '1.1 oz'),
	score: number(1, 5, '4')
});

/** Lengths are read in m and weights in kg; a measure is kept in cm and g. */
export const inUnitOfMeasure: Readonly<Partial<Record<MeasureId, number>>> = Object.freeze({
	height: 100,
	harvest: 1000
});
