import type { Celsius } from '../units';

/** One place felt or probed at full depth. */
export interface CheckedPlace {
	readonly probe?: Celsius;
	/** Heat felt on the back of a hand held over a hole dug to the floor. */
	readonly heatFelt?: boolean;
}

/** One walk around a quenched burn. */
export interface QuenchCheck {
	readonly at_ms: number;
	readonly places: readonly CheckedPlace[];
	readonly smoke: boolean;
	readonly whiteSpots: boolean;
}

export type CheckFailing = 'places' | 'heat' | 'smoke' | 'white-spots' | 'too-early';

/** Below 50 °C in at least three places at full depth, no smoke, no white spots, 30 min after the quench. */
export const proofLimits = Object.freeze({
	places: 3,
	probe_C: 50,
	earliest_min: 30,
	indoors_h: 48,
	spreadBelow_cm: 15
});

const minute = 60_000;
const hour = 60 * minute;

/** What keeps a check from passing; an empty list is a pass. Steam is not smoke. */
export function failingsOf(check: QuenchCheck, quenchedAt_ms: number): readonly CheckFailing[] {
	const failings: CheckFailing[] = [];
	if (check.places.length < proofLimits.places) failings.push('places');
	if (check.places.some((place) => place.heatFelt || (place.probe ?? 0) >= proofLimits.probe_C))
		failings.push('heat');
	if (check.smoke) failings.push('smoke');
	if (check.whiteSpots) failings.push('white-spots');
	if (check.at_ms < quenchedAt_ms + proofLimits.earliest_min * minute) failings.push('too-early');
	return failings;
}

export interface ProofState {
	/** Proven means: the newest check passed. No timer ever turns this true. */
	readonly proven: boolean;
	readonly provenAt_ms?: number;
	readonly lastFailings?: readonly CheckFailing[];
	/** When the next check of the series is wanted; undefined when the series is walked through. */
	readonly nextCheck_ms?: number;
	readonly overdue: boolean;
	/** Earliest moment for bags, boxes and indoors: 48 h after the last passed check. */
	readonly indoorsFrom_ms?: number;
}

/**
 * Is the fire proven out? The series is 30 min, 2 h, 8 h (before dark) and 20 h (next morning)
 * after the quench or after the last failed check, which restarts it.
 */
export function proofState(
	quenchedAt_ms: number,
	checks: readonly QuenchCheck[],
	now_ms: number
): ProofState {
	const inOrder = [...checks].filter((c) => c.at_ms <= now_ms).sort((a, b) => a.at_ms - b.at_ms);
	const judged = inOrder.map((check) => ({ check, failings: failingsOf(check, quenchedAt_ms) }));
	const last = judged.at(-1);
	const proven = last !== undefined && last.failings.length === 0;
	const failed = judged.filter(({ failings }) => failings.length > 0).at(-1);
	const start = failed?.check.at_ms ?? quenchedAt_ms;
	const passed = judged
		.filter(({ check, failings }) => failings.length === 0 && check.at_ms > start)
		.map(({ check }) => check.at_ms);
	const next = nextInSeries(start, passed);
	return {
		proven,
		provenAt_ms: proven ? last.check.at_ms : undefined,
		lastFailings: last?.failings,
		nextCheck_ms: next,
		overdue: next !== undefined && next < now_ms,
		indoorsFrom_ms: proven ? last.check.at_ms + proofLimits.indoors_h * hour : undefined
	};
}

/** The next wanted check: none once a pass lies at or after the morning check. */
function nextInSeries(start: number, passed: readonly number[]): number | undefined {
	const wanted = [0.5, 2, 8, 20].map((h) => start + h * hour);
	const latest = Math.max(...passed, -Infinity);
	return wanted.find((at) => at > latest);
}
