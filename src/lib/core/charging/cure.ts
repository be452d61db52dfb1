import { days, stateAt, whenWorkedAt, type BandState, type Warmth, type Window } from '../time';
import {
	added,
	atLeast,
	found,
	known,
	less,
	over,
	reckon,
	type Celsius,
	type Estimate,
	type Term
} from '../units';
import type { SchoolId } from './data/school';
import { schoolOf } from './data/schools';

/** Biology halves its speed per 10 °C fall (Q10 = 2, at 20 °C); none below 4 °C, capped at 35 °C. */
export function cureSpeed(temperature: Celsius): number {
	if (!Number.isFinite(temperature)) throw new RangeError(`cureSpeed: ${temperature} °C`);
	if (temperature < 4) return 0;
	return 2 ** ((Math.min(temperature, 35) - 20) / 10);
}

/** One temperature that holds, or what was read from moment to moment. */
export type CureWarmth = Celsius | readonly Warmth[];

/**
 * When a charge may be used, is best, fades and is past, from its start and temperature: summed over its log
 * where there is one, the last reading going on.
 */
export function cureWindow(id: SchoolId, start_ms: number, warmth: CureWarmth): Window {
	const { days: at20, earliestWaitsForWarmth } = schoolOf(id);
	const log = logOf(start_ms, warmth);
	const warm = (d: number) => whenWorkedAt(log, cureSpeed, days(d), start_ms);
	const usable = earliestWaitsForWarmth ? warm(at20.earliest) : start_ms + days(at20.earliest);
	// Warmth hastens the life in a soak, not the filling of its pores: it is never best before usable.
	const soonest = warm(at20.better);
	const best = soonest === null ? null : Math.max(soonest, usable ?? 0);
	const after = (d: number) => {
		// Keeping time runs from the day it could first be used, however late the cold made that.
		if (usable === null) return null;
		const keeping = usable + days(d - at20.earliest);
		return best === null ? keeping : Math.max(keeping, best + days(d - at20.better));
	};
	return {
		start_ms,
		usable_ms: usable,
		best_ms: best,
		fading_ms: after(at20.fading),
		past_ms: after(at20.past)
	};
}

/** How long drained char keeps, moist and covered: as what was cured with solids does. Source: practice, 6–12 months. */
const drainedKeeps = Object.freeze({ fading: 180, past: 365 });

/** A soak out of its liquid goes by a rule of its own from that day: what spent the liquid ages it no more. */
export const drainedWindow = (window: Window, drained_ms: number): Window => ({
	...window,
	fading_ms: Math.max(window.usable_ms ?? 0, drained_ms + days(drainedKeeps.fading)),
	past_ms: Math.max(window.usable_ms ?? 0, drained_ms + days(drainedKeeps.past))
});

/** Days from the start until drained char fades or is past. */
export const drainedDays = (drained_days: number, stage: keyof typeof drainedKeeps): Estimate =>
	reckon<number>(
		(value) => value,
		added(
			known('drained after', drained_days, 'days', 'measured', 'the day it was logged'),
			known(
				'keeps drained',
				drainedKeeps[stage],
				'days',
				'default',
				'Practice: moist and covered 6–12 months'
			)
		),
		{ unit: 'days', basis: 'from the day it was set going' }
	);

const logOf = (start_ms: number, warmth: CureWarmth): readonly Warmth[] =>
	typeof warmth === 'number' ? [{ from_ms: start_ms, temperature: warmth }] : warmth;

export const cureStages = Object.freeze(['usable', 'best', 'fading', 'past'] as const);
export type CureStage = (typeof cureStages)[number];

const stageDays = { usable: 'earliest', best: 'better', fading: 'fading', past: 'past' } as const;

/** How a cure is slowed. Source: Q10 = 2 of soil biology. */
const slowing = 'halves per 10 °C fall from 20 °C; none below 4 °C, no faster above 35 °C';

/** Days from the start to a stage, with what they rest on; undefined where it is too cold for it. */
export function cureDays(id: SchoolId, warmth: CureWarmth, stage: CureStage): Estimate | undefined {
	const start_ms = typeof warmth === 'number' ? 0 : (warmth[0]?.from_ms ?? 0);
	const at_ms = cureWindow(id, start_ms, warmth)[`${stage}_ms`];
	if (at_ms === null) return undefined;
	const as = { unit: 'days', basis: 'from the day it was set going' } as const;
	if (typeof warmth === 'number')
		return reckon<number>((value) => value, cureTerm(id, warmth, stage), as);
	const at20 = schoolOf(id).days[stageDays[stage]];
	const read = warmth.map(({ from_ms, temperature }, i) =>
		known(
			`${i === 0 ? 'set going at' : `read after ${((from_ms - start_ms) / days(1)).toFixed(1)} days`}`,
			temperature,
			'°C',
			i === 0 ? 'typed' : 'measured',
			slowing
		)
	);
	return found(
		(value) => value,
		known(
			`days to ${stageNames[stage]}`,
			(at_ms - start_ms) / days(1),
			'days',
			'computed',
			`${at20} days at 20 °C, summed over what was read; the last reading goes on`
		),
		read,
		as
	);
}

/** The same by its days at 20 °C and the speed: warmth hastens the life in a soak, not the filling of its pores. */
function cureTerm(id: SchoolId, temperature: Celsius, stage: CureStage): Term {
	const { name, days: at20, source, earliestWaitsForWarmth } = schoolOf(id);
	const in20 = (what: CureStage) =>
		known(
			`days to ${stageNames[what]} at 20 °C, ${name}`,
			at20[stageDays[what]],
			'days',
			'default',
			source
		);
	const speed = known(
		'speed',
		cureSpeed(temperature),
		'times',
		'computed',
		`at ${Number(temperature.toFixed(1))} °C: ${slowing}`
	);
	const usable = earliestWaitsForWarmth ? over(in20('usable'), speed) : in20('usable');
	if (stage === 'usable') return usable;
	// Too cold to be at its best, it keeps from the day it may first be used.
	const best = cureSpeed(temperature) > 0 ? atLeast(over(in20('best'), speed), usable) : undefined;
	if (stage === 'best') return best ?? usable;
	const kept = added(usable, less(in20(stage), in20('usable')));
	return best ? atLeast(kept, added(best, less(in20(stage), in20('best')))) : kept;
}

const stageNames: Readonly<Record<CureStage, string>> = {
	usable: 'first use',
	best: 'its best',
	fading: 'fading',
	past: 'its end'
};

export interface ReadyTest {
	readonly at_ms: number;
	/** The school's own test: earthy smell, or pieces sink. */
	readonly passed: boolean;
	/** Germination index in %, when a cress test was made. */
	readonly germinationIndex?: number;
}

export type Readiness = 'working' | 'wants-test' | 'failed' | 'ripe' | 'fading' | 'past';

/** Ready = date and passed test; the newest test counts. A failed test overrides any date. */
export function readiness(
	window: Window,
	tests: readonly ReadyTest[],
	now_ms: number
): { readonly state: Readiness; readonly band: BandState } {
	const band = stateAt(window, now_ms);
	const newest = [...tests]
		.filter((test) => test.at_ms <= now_ms)
		.sort((a, b) => a.at_ms - b.at_ms)
		.at(-1);
	const passed = newest !== undefined && testPassed(newest);
	if (band === 'past') return { state: 'past', band };
	if (newest && !passed) return { state: 'failed', band };
	if (band === 'working') return { state: 'working', band };
	if (!passed) return { state: 'wants-test', band };
	return { state: band === 'fading' ? 'fading' : 'ripe', band };
}

/** The school's test passed, and the cress test, where made, is at 80 or above. */
export function testPassed(test: ReadyTest): boolean {
	return test.passed && (test.germinationIndex === undefined || test.germinationIndex >= 80);
}

export interface CressTest {
	readonly germinated: number;
	readonly seeds: number;
	readonly meanRoot_mm: number;
	readonly controlGerminated: number;
	readonly controlSeeds: number;
	readonly controlMeanRoot_mm: number;
}

/**
 * Germination index (%): (germinated share × mean root) in extract ÷ the same in water × 100.
 * Void below 20 seeds or when the water control germinates under 85 %. May exceed 100.
 * @throws RangeError for counts that are no whole numbers, or more seeds come up than were sown
 * Source: Zucconi et al. 1981. Above 80 good, 50–80 wait, below 50 harmful.
 */
export function germinationIndex(
	test: CressTest
): { status: 'valid'; index: number } | { status: 'void'; why: 'seeds' | 'control' } {
	refuseNoCount(test);
	if (Math.min(test.seeds, test.controlSeeds) < 20) return { status: 'void', why: 'seeds' };
	const control = test.controlGerminated / test.controlSeeds;
	if (control < 0.85 || test.controlMeanRoot_mm <= 0) return { status: 'void', why: 'control' };
	const index =
		((test.germinated / test.seeds) * test.meanRoot_mm) / (control * test.controlMeanRoot_mm);
	return { status: 'valid', index: index * 100 };
}

function refuseNoCount(test: CressTest): void {
	const counts = [test.germinated, test.seeds, test.controlGerminated, test.controlSeeds];
	if (!counts.every((count) => Number.isInteger(count) && count >= 0))
		throw new RangeError(`germinationIndex: ${counts.join(', ')} are no counts of seeds`);
	if (test.germinated > test.seeds || test.controlGerminated > test.controlSeeds)
		throw new RangeError('germinationIndex: more seeds came up than were sown');
	const roots = [test.meanRoot_mm, test.controlMeanRoot_mm];
	if (!roots.every((root) => root >= 0 && Number.isFinite(root)))
		throw new RangeError(`germinationIndex: ${roots.join(', ')} mm are no lengths of roots`);
}
