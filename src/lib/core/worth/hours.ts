import type { Range } from '../units';
import { guessed, stages, type Stage } from './data/stages';

/** So long somebody worked, in minutes of one head, at what and with how many. */
export interface Worked {
	readonly stage: Stage;
	readonly minutes: Range;
	readonly heads: number;
}

/** Minutes by the clock. */
export const byClock = (minutes: number): Range => ({
	value: minutes,
	low: minutes,
	high: minutes
});

/** Minutes that were a share of a day, which nobody timed. */
export const byGuess = (minutes: number): Range => ({
	value: minutes,
	low: minutes / guessed,
	high: minutes * guessed
});

/**
 * A day's work shared out over its stages by parts: each gets its share of the hours.
 * @param hours of each head
 * @returns nothing where no part is above nought
 * @example shareDay(7, 2, { gather: 2, cut: 1 }) // gather 280 min, cut 140 min, two heads each
 */
export function shareDay(
	hours: number,
	heads: number,
	parts: Partial<Record<Stage, number>>
): readonly Worked[] {
	const all = Object.values(parts).reduce((sum, part) => sum + part, 0);
	if (!(all > 0)) return [];
	return stages.flatMap((stage) => {
		const part = parts[stage] ?? 0;
		return part > 0 ? [{ stage, heads, minutes: byGuess((hours * 60 * part) / all) }] : [];
	});
}

/**
 * Minutes of all heads together. Guesses are each wrong by itself: their doubts add as squares.
 * @example headMinutes([{ stage: 'crush', minutes: byClock(40), heads: 2 }]) // 80 ± 0
 */
export function headMinutes(worked: readonly Worked[]): Range {
	const value = worked.reduce((sum, { minutes, heads }) => sum + minutes.value * heads, 0);
	const off = (side: 'low' | 'high') =>
		Math.hypot(...worked.map(({ minutes, heads }) => (minutes[side] - minutes.value) * heads), 0);
	return { value, low: Math.max(0, value - off('low')), high: value + off('high') };
}

/** Minutes of all heads by stage, in the order of the work; stages without any are left out. */
export const byStage = (
	worked: readonly Worked[]
): readonly { readonly stage: Stage; readonly minutes: Range }[] =>
	stages.flatMap((stage) => {
		const of = worked.filter((one) => one.stage === stage);
		return of.length > 0 ? [{ stage, minutes: headMinutes(of) }] : [];
	});
