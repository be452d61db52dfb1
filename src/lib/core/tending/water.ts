import {
	quenchWater,
	steelMass,
	tankWater,
	type Quench,
	type WaterNeed,
	type WayId
} from '../fires';
import { minutes } from '../time';
import type { Kilograms } from '../units';
import { capacity, wettedArea } from '../vessels';
import type { Bed, FireGrounds } from './amount';
import type { Course } from './course';

/** Litres that went on up to a moment: the hose by its clock, cans and tanks as said. */
export function waterUsed(
	course: Pick<Course, 'runs' | 'poured_l'>,
	hose_l_min: number | undefined,
	now_ms: number
): number {
	return course.runs.reduce(
		(sum, { from_ms, to_ms = now_ms, l_min = hose_l_min ?? 0 }) =>
			sum + (Math.max(0, to_ms - from_ms) / minutes(1)) * l_min,
		course.poured_l
	);
}

/** The hose ran, and nobody said what it gives: its litres are not known. */
export const isRateWanted = (
	course: Pick<Course, 'runs'>,
	hose_l_min: number | undefined
): boolean => hose_l_min === undefined && course.runs.some(({ l_min }) => l_min === undefined);

/** What the quench of the bed wants, term by term; the least that puts it out is heat and soak. */
export function needOf(
	bed: Bed,
	grounds: FireGrounds & {
		readonly way: WayId;
		readonly emptyMass?: Kilograms;
		readonly ownWater: readonly number[];
		readonly quench?: Quench;
	}
): WaterNeed {
	return quenchWater({
		way: grounds.way,
		quench: grounds.quench,
		charKg: bed.charKg,
		charLitres: bed.char,
		capacity: capacity(grounds.shape),
		vesselMass: grounds.emptyMass ?? steelMass(wettedArea(grounds.shape)),
		waterTemperature: tankWater,
		ownLitresPerLitre: grounds.ownWater
	});
}

/** Less than this cannot have put it out, L: what the heat boils off and the char soaks up, at the low end. */
export const leastWater = ({ boilOff, soak, ruledBy }: WaterNeed): number =>
	// What is shut off from the air wants none.
	ruledBy === 'a fifth, kept ready' ? 0 : boilOff.low + soak.low;
