import type { Quench, WaterNeed, WayId } from '../fires';
import type { Kilograms } from '../units';
import { adviceOf, type Advice } from './advice';
import { bedOf, type Bed, type FireGrounds } from './amount';
import { courseOf, type Course } from './course';
import { paceOf, timings, type Pace, type PaceStart, type Timing } from './pace';
import { stageOf, stageRow, type Stage, type StageRow } from './stages';
import type { Tap } from './taps';
import { leastWater, needOf, waterUsed } from './water';

/** What stands behind a fire: its vessel, its wood, what such fires give. */
export interface FireBehind extends FireGrounds {
	readonly way: WayId;
	readonly emptyMass?: Kilograms;
	readonly ownWater: readonly number[];
	readonly quench?: Quench;
	readonly start: PaceStart;
	/** What the hose gave when it was last said, L a minute. */
	readonly hose_l_min?: number;
	/** From lit to through, minutes. */
	readonly front: { readonly low: number; readonly high: number };
}

/** A fire at a moment, as its taps tell it. */
export interface FireNow {
	readonly course: Course;
	readonly stage: Stage;
	readonly row: StageRow;
	readonly bed: Bed;
	readonly pace?: Pace | undefined;
	/** How each layer came after the one before. */
	readonly timings: readonly (Timing | undefined)[];
	readonly water: { readonly used_l: number; readonly least_l: number };
	readonly need: WaterNeed;
	readonly advice: readonly Advice[];
}

/** Everything that is told of a fire, by its taps up to a moment. */
export function fireAt(
	behind: FireBehind,
	taps: readonly Tap[],
	lit_ms: number | undefined,
	now_ms: number
): FireNow {
	const course = courseOf(taps, lit_ms);
	const stage = stageOf(behind.way, course);
	const bed = bedOf(course, behind);
	const came = timings(course.layers, behind.start);
	const pace = stage === 'feeding' ? paceOf(course, behind.start) : undefined;
	const need = needOf(bed, behind);
	const water = {
		used_l: waterUsed(course, behind.hose_l_min, now_ms),
		least_l: course.layers.length > 0 ? leastWater(need) : 0
	};
	return {
		course,
		stage,
		row: stageRow(stage, course),
		bed,
		pace,
		timings: came,
		water,
		need,
		advice: adviceOf(
			{
				way: behind.way,
				stage,
				course,
				bed,
				pace,
				timing: came.at(-1),
				load_kg: behind.load?.value,
				water,
				front: behind.front
			},
			now_ms
		)
	};
}
