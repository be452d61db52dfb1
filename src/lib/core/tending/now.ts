import type { WayId } from '../fires';
import { adviceOf, type Advice } from './advice';
import { bedOf, type Bed, type FireGrounds } from './amount';
import { courseOf, type Course } from './course';
import { endingOf, type Ending } from './ending';
import { paceOf, timings, type Pace, type PaceStart, type Timing } from './pace';
import { stageOf, stageRow, type Stage, type StageRow } from './stages';
import type { Tap } from './taps';
import { needFor, waterUsed, type NeedAt } from './water';

/** What stands behind a fire: its vessel, its wood, what such fires give. */
export interface FireBehind extends FireGrounds {
	readonly way: WayId;
	/** What its quench wants as it fills. */
	readonly needs: readonly NeedAt[];
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
	/** While it is fed: what it comes to. */
	readonly ending?: Ending | undefined;
	/** How each layer came after the one before. */
	readonly timings: readonly (Timing | undefined)[];
	/** Litres that went on, those it likely wants, and those without which it can't be out. */
	readonly water: { readonly used_l: number; readonly need_l: number; readonly least_l: number };
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
	const water = {
		used_l: waterUsed(course, behind.hose_l_min, now_ms),
		...needFor(behind.needs, bed.char)
	};
	return {
		course,
		stage,
		row: stageRow(stage, course),
		bed,
		pace,
		ending: stage === 'feeding' ? endingOf(course, bed, behind, behind.start) : undefined,
		timings: came,
		water,
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
