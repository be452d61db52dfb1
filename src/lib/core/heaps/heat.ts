import { days, hours, inDays } from '../time';

/** One look with a thermometer: every probe at that moment, °C. */
export interface HeatReading {
	readonly at_ms: number;
	readonly probes: readonly number[];
}

/** Limits of a hot heap. Source: 40 CFR 503 App. B and 7 CFR 205.203 (c)(2): 55 °C, 15 days with five turnings in a windrow, at most 77 °C. */
export const heatRule = Object.freeze({
	hot_c: 55,
	turn_c: 65,
	most_c: 77,
	days: 15,
	turnings: 5,
	gap_ms: hours(24)
});

/** What of its heat is known, and nothing else. */
export interface HeatTold {
	/** Days above 55 °C that two readings at most a day apart vouch for. */
	readonly hot_days: number;
	/** Turnings between the first and the last hot reading. */
	readonly turnings: number;
	/** As a windrow is judged: its germs count as dealt with. A yard heap short of it proves nothing. */
	readonly isHot: boolean;
	readonly hottest_c?: number;
	readonly last?: HeatReading;
}

const isAllHot = ({ probes }: HeatReading) =>
	probes.length > 0 && probes.every((one) => one >= heatRule.hot_c);

/**
 * The honest count of a heat log: hours between two readings at most 24 h apart, both above 55 °C at every probe.
 * What was not read does not count.
 */
export function heatOf(readings: readonly HeatReading[], turned_ms: readonly number[]): HeatTold {
	const log = readings.toSorted((a, b) => a.at_ms - b.at_ms);
	const hot_ms = log.slice(1).reduce((sum, now, i) => {
		const before = log[i]!;
		const gap = now.at_ms - before.at_ms;
		return gap <= heatRule.gap_ms && isAllHot(before) && isAllHot(now) ? sum + gap : sum;
	}, 0);
	const hot = log.filter(isAllHot);
	const [first, last] = [hot[0]?.at_ms, hot.at(-1)?.at_ms];
	const turnings = turned_ms.filter(
		(at) => first !== undefined && last !== undefined && at >= first && at <= last
	).length;
	const hot_days = inDays(hot_ms);
	const all = log.flatMap(({ probes }) => probes);
	const newest = log.at(-1);
	return {
		hot_days,
		turnings,
		isHot: hot_days >= heatRule.days && turnings >= heatRule.turnings,
		...(all.length > 0 ? { hottest_c: Math.max(...all) } : {}),
		...(newest ? { last: newest } : {})
	};
}

/** Why a heap wants turning, or something else. */
export type HeapCall =
	| {
			readonly why: 'too-hot' | 'falling' | 'sour' | 'ammonia' | 'wet';
			readonly does: 'turn' | 'cover';
	  }
	| undefined;

/** Falling from hot for so long: what is inside has had its air. */
const falls_ms = days(2);

/**
 * What its last reading and nose say: above 65 °C it is turned before it kills what works in it; once it falls below
 * 55 °C after a hot spell it is turned to heat again; a sour smell wants air, ammonia wants dry brown stuff.
 */
export function heapCall(
	readings: readonly HeatReading[],
	turned_ms: readonly number[],
	smell?: { readonly is: 'sour' | 'ammonia'; readonly at_ms: number }
): HeapCall {
	const log = readings.toSorted((a, b) => a.at_ms - b.at_ms);
	const last = log.at(-1);
	const turned = Math.max(-Infinity, ...turned_ms);
	if (smell && smell.at_ms > turned)
		return smell.is === 'sour' ? { why: 'sour', does: 'turn' } : { why: 'ammonia', does: 'cover' };
	if (!last || last.at_ms <= turned) return undefined;
	if (Math.max(...last.probes) > heatRule.turn_c) return { why: 'too-hot', does: 'turn' };
	const since = log.filter(({ at_ms }) => at_ms > turned);
	const wasHot = since.some(isAllHot);
	const fell = wasHot && !isAllHot(last) && last.at_ms - (since[0]?.at_ms ?? 0) >= falls_ms / 2;
	return fell ? { why: 'falling', does: 'turn' } : undefined;
}
