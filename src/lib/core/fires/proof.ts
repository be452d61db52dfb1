import { hours, minutes } from '../time';
import type { Celsius } from '../units';
import { seriesFrom, seriesTimes, type LightOf, type Slot, type SlotName } from './series';

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
	/** Air beside the heap, for how warm its core still is. */
	readonly air?: Celsius;
	/** An old notebook's word that the whole series was walked and ended here. */
	readonly wholeSeries?: boolean;
}

export type CheckFailing = 'places' | 'heat' | 'smoke' | 'white-spots';

/** Below 50 °C in at least three places at full depth, no smoke, no white spots. Source: quench practice. */
export const proofLimits = Object.freeze({
	places: 3,
	probe_C: 50,
	storedAfter_h: 48,
	/** A core warmer than the air by more than this still works. */
	coreAboveAir_C: 10,
	spreadBelow_cm: 15
});

/** Places where something was read: an empty hole is no place. */
const placesRead = ({ places }: QuenchCheck) =>
	places.filter(({ probe, heatFelt }) => probe !== undefined || heatFelt !== undefined);

/** What keeps a check from passing; an empty list is a pass. Steam is not smoke. */
export function failingsOf(check: QuenchCheck): readonly CheckFailing[] {
	const failings: CheckFailing[] = [];
	const read = placesRead(check);
	if (read.length < proofLimits.places) failings.push('places');
	if (read.some((place) => place.heatFelt || (place.probe ?? 0) >= proofLimits.probe_C))
		failings.push('heat');
	if (check.smoke) failings.push('smoke');
	if (check.whiteSpots) failings.push('white-spots');
	return failings;
}

/**
 * How far a fire is proven: not at all (or no more), cold once since it was last found hot, cold
 * through the whole series, or cold and cooled off 48 h after it.
 */
export type ProofStage = 'unproven' | 'once' | 'series' | 'stored';
const stages: readonly ProofStage[] = ['unproven', 'once', 'series', 'stored'];

/** Whether a proof reaches the stage an act needs. Source: what each stage of proof allows, quench practice. */
export const reaches = ({ stage }: Pick<ProofState, 'stage'>, needed: ProofStage): boolean =>
	stages.indexOf(stage) >= stages.indexOf(needed);

export interface ProofState {
	/** No timer ever raises it; time alone can only lower it. */
	readonly stage: ProofStage;
	/** The running series is not that of the quench: a failed or missed check began it anew. */
	readonly anew?: boolean;
	/** Slots of the running series that a passed check fills, of how many. */
	readonly passed: number;
	readonly of: number;
	/** The newest check that counted as a pass. */
	readonly passedAt_ms?: number;
	/** Of the newest check, whatever it counts for. */
	readonly lastFailings?: readonly CheckFailing[];
	/** Why a series that was begun starts again with the next check. */
	readonly lapse?: 'failed' | 'missed';
	/** The check that is wanted next; none once the series is whole. */
	readonly next?: { readonly slot: SlotName; readonly at_ms: number; readonly until_ms?: number };
	/** The time of that check has come. */
	readonly overdue: boolean;
	/** When the series became whole, and from when a cool core lets the char be stored dry. */
	readonly seriesAt_ms?: number;
	readonly storedFrom_ms?: number;
}

interface Walked {
	readonly slots: readonly Slot[];
	readonly filled: number;
	readonly anew?: boolean;
	readonly passedAt_ms?: number;
	readonly seriesAt_ms?: number;
	readonly coolCore?: boolean;
	readonly lapse?: 'failed' | 'missed';
	/** Since when a fresh series is wanted. */
	readonly restart_ms?: number;
}

/**
 * Is the fire proven out? The series is walked in its slots (see `seriesFrom`): a check counts for
 * its slot from the slot's time until the next. A failed check, or a slot left empty, starts the
 * series again with the next check, which is then its first. A check before the first slot, or of
 * fewer than three places and nothing amiss in them, counts for nothing; one where no place was read
 * is no check.
 * @param lightOf sunset and first daylight around a moment, at the fire
 */
export function proofState(
	quenchedAt_ms: number,
	checks: readonly QuenchCheck[],
	now_ms: number,
	lightOf: LightOf
): ProofState {
	const inOrder = checks
		.filter((check) => check.at_ms <= now_ms && check.at_ms >= quenchedAt_ms)
		.filter((check) => placesRead(check).length > 0)
		.sort((a, b) => a.at_ms - b.at_ms);
	const begun: Walked = { slots: seriesFrom(quenchedAt_ms, lightOf), filled: 0 };
	const walked = inOrder.reduce((before, check) => step(before, check, lightOf), begun);
	const newest = inOrder.at(-1);
	return {
		...told(lapseOf(walked, now_ms), now_ms, lightOf),
		...(newest ? { lastFailings: failingsOf(newest) } : {})
	};
}

/** One check more. */
function step(walked: Walked, check: QuenchCheck, lightOf: LightOf): Walked {
	const failings = failingsOf(check);
	if (failings.some((failing) => failing !== 'places'))
		return {
			slots: walked.slots,
			filled: 0,
			lapse: 'failed',
			restart_ms: check.at_ms + minutes(seriesTimes.halfHour_min)
		};
	if (failings.length > 0) return walked;
	if (check.wholeSeries) return whole({ ...walked, filled: walked.slots.length }, check);
	const before = lapseOf(walked, check.at_ms);
	if (before.restart_ms !== undefined)
		return check.at_ms < before.restart_ms ? before : anew(check, lightOf);
	if (before.filled === before.slots.length) return whole(before, check);
	const slot = before.slots[before.filled];
	if (!slot || check.at_ms < slot.at_ms)
		return before.filled > 0 ? { ...before, passedAt_ms: check.at_ms } : before;
	const filled = before.filled + 1;
	const next = { ...before, filled, passedAt_ms: check.at_ms };
	return filled === before.slots.length ? whole(next, check) : next;
}

/** A series whose first check this is. */
function anew(check: QuenchCheck, lightOf: LightOf): Walked {
	const slots = seriesFrom(check.at_ms - minutes(seriesTimes.halfHour_min), lightOf);
	return { slots, filled: 1, passedAt_ms: check.at_ms, anew: true };
}

/** The series is whole; a check 48 h after that may find its core cool. */
function whole(walked: Walked, check: QuenchCheck): Walked {
	const seriesAt_ms = walked.seriesAt_ms ?? check.at_ms;
	const rested = check.at_ms >= seriesAt_ms + hours(proofLimits.storedAfter_h);
	const { slots, filled, coolCore } = walked;
	return {
		slots,
		filled,
		seriesAt_ms,
		passedAt_ms: check.at_ms,
		...(coolCore || (rested && hasCoolCore(check)) ? { coolCore: true } : {})
	};
}

function hasCoolCore({ places, air }: QuenchCheck): boolean {
	const probes = places.flatMap(({ probe }) => (probe === undefined ? [] : [probe]));
	return (
		air !== undefined &&
		probes.length > 0 &&
		Math.max(...probes) <= air + proofLimits.coreAboveAir_C
	);
}

/** A slot that was over before anybody looked ends the series. */
function lapseOf(walked: Walked, at_ms: number): Walked {
	if (walked.restart_ms !== undefined) return walked;
	const [slot, next] = [walked.slots[walked.filled], walked.slots[walked.filled + 1]];
	if (!slot || !next || at_ms < next.at_ms) return walked;
	return { slots: walked.slots, filled: 0, lapse: 'missed', restart_ms: slot.at_ms };
}

function told(walked: Walked, now_ms: number, lightOf: LightOf): ProofState {
	const { restart_ms, passedAt_ms, seriesAt_ms, lapse } = walked;
	// After a lapse the next check is the first of a fresh series, whenever it is made.
	const slots =
		restart_ms === undefined
			? walked.slots
			: seriesFrom(Math.max(restart_ms, now_ms) - minutes(seriesTimes.halfHour_min), lightOf);
	const open = slots[walked.filled];
	const at_ms = restart_ms ?? open?.at_ms ?? now_ms;
	const until_ms = restart_ms === undefined ? slots[walked.filled + 1]?.at_ms : undefined;
	return {
		stage: stageOf(walked),
		passed: walked.filled,
		of: slots.length,
		overdue: open !== undefined && at_ms <= now_ms,
		...(lapse ? { lapse } : {}),
		...(walked.anew || lapse ? { anew: true } : {}),
		...(passedAt_ms === undefined ? {} : { passedAt_ms }),
		...(open
			? { next: { slot: open.name, at_ms, ...(until_ms === undefined ? {} : { until_ms }) } }
			: {}),
		...(seriesAt_ms === undefined
			? {}
			: { seriesAt_ms, storedFrom_ms: seriesAt_ms + hours(proofLimits.storedAfter_h) })
	};
}

function stageOf({ filled, slots, coolCore }: Walked): ProofStage {
	if (filled === 0) return 'unproven';
	if (filled < slots.length) return 'once';
	return coolCore ? 'stored' : 'series';
}
