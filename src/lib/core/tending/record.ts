import { median } from 'simple-statistics';
import type { BurnTold } from '../fires';
import { celsius } from '../units';
import { inMinutes } from '../time';
import { beganAt, smokeMinutes, type Course, type LayerOn } from './course';
import { timings, type PaceStart } from './pace';
import { waterUsed } from './water';

/** What the taps of a fire say that is asked when it is recorded; only what was tapped. */
export interface CourseRecord {
	readonly told: BurnTold;
	readonly smoke_min?: number;
	readonly water_l?: number;
}

export function recordOf(
	course: Course,
	hose_l_min: number | undefined,
	end_ms: number
): CourseRecord {
	const lit_ms = beganAt(course);
	const hottest = course.heats.toSorted((a, b) => b.c - a.c)[0];
	const used = waterUsed(course, hose_l_min, end_ms);
	const smoked = course.smokes.length > 0 || course.seen['smoke-none'] !== undefined;
	return {
		told: {
			...(lit_ms === undefined ? {} : { lit_ms }),
			...(course.layers.length > 0 ? { layers: course.layers.length } : {}),
			...(hottest ? { hottest: { c: celsius(hottest.c), by: hottest.by ?? 'gun' } } : {}),
			...(course.people.length > 0 ? { people: course.people.join(', ') } : {}),
			...(troublesOf(course).length > 0 ? { troubles: troublesOf(course) } : {})
		},
		...(smoked ? { smoke_min: Math.round(smokeMinutes(course, end_ms)) } : {}),
		...(used > 0 ? { water_l: Math.round(used) } : {})
	};
}

function troublesOf(course: Course): NonNullable<BurnTold['troubles']> {
	const last = course.layers.slice(-2);
	return [
		...(course.layers.length > 4 && last.some(({ pieces }) => pieces === 'thick-pieces')
			? (['thick-last'] as const)
			: []),
		...(course.gusts.length > 0 ? (['gusts'] as const) : [])
	];
}

/** A finished fire in a few figures, to lay beside another. */
export interface CourseSums {
	readonly layers: number;
	/** Minutes between layers, the middle one; and from a layer to its white edges. */
	readonly between_min?: number;
	readonly toWhite_min?: number;
	readonly early: number;
	readonly late: number;
	readonly heavy: number;
	readonly smoke_min: number;
	readonly water_l: number;
	readonly hottest_c?: number;
	readonly people: readonly string[];
}

export function sumsOf(
	course: Course,
	start: PaceStart,
	hose_l_min: number | undefined,
	end_ms: number
): CourseSums {
	const { layers } = course;
	const came = timings(layers, start);
	const heats = course.heats.map(({ c }) => c);
	const between = gaps(layers, ({ next_ms }) => next_ms);
	const toWhite = gaps(layers, ({ white_ms }) => white_ms);
	return {
		layers: layers.length,
		...(between.length > 0 ? { between_min: median(between) } : {}),
		...(toWhite.length > 0 ? { toWhite_min: median(toWhite) } : {}),
		early: came.filter((one) => one === 'early').length,
		late: came.filter((one) => one === 'late').length,
		heavy: layers.filter(({ isSmoky }) => isSmoky).length,
		smoke_min: smokeMinutes(course, end_ms),
		water_l: waterUsed(course, hose_l_min, end_ms),
		...(heats.length > 0 ? { hottest_c: Math.max(...heats) } : {}),
		people: course.people
	};
}

const gaps = (layers: readonly LayerOn[], end: (layer: LayerOn) => number | undefined): number[] =>
	layers.flatMap((layer) => {
		const end_ms = end(layer);
		return end_ms === undefined ? [] : [inMinutes(end_ms - layer.at_ms)];
	});
