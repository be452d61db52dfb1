import { days, type Window } from '../time';
import { heapWay, type HeapWay } from './data/ways';

/** How far a heap has come, by eye. */
export const stages = Object.freeze(['packed', 'browning', 'broken', 'crumbly'] as const);
export type Stage = (typeof stages)[number];

/** What makes it quicker or slower. */
export interface HeapPace {
	/** Tough evergreen leaves take two to three times as long. */
	readonly isTough: boolean;
	/** Shredded, or nitrogen was added. */
	readonly isFast: boolean;
	/** By what a stick read: 1 as expected, 2 half as fast. */
	readonly times: number;
}

/** A heap shrinks on and on; past so many times its longest time it is forgotten. */
const forgottenAfter = 1.5;

const sped = ({ isTough, isFast, times }: HeapPace, way: HeapWay): number =>
	times * (way === 'leaf-mould' ? (isTough ? 2.4 : 1) * (isFast ? 0.65 : 1) : 1);

/** From the first day it may be used rough, to when it is best, and when it has lain too long. */
export function heapWindow(way: HeapWay, start_ms: number, pace: HeapPace): Window {
	const { usable_days, best_days } = heapWay(way);
	const by = sped(pace, way);
	const at = (count: number) => start_ms + days(count * by);
	return {
		start_ms,
		usable_ms: at((usable_days[0] + usable_days[1]) / 2),
		best_ms: at((best_days[0] + best_days[1]) / 2),
		fading_ms: at(best_days[1] * forgottenAfter),
		past_ms: at(best_days[1] * forgottenAfter * 2)
	};
}

/** Days from the first within which it can be used at all, and within which it is best. */
export function readyWithin(
	way: HeapWay,
	start_ms: number,
	pace: HeapPace
): { readonly usable_ms: readonly [number, number]; readonly best_ms: readonly [number, number] } {
	const { usable_days, best_days } = heapWay(way);
	const by = sped(pace, way);
	const at = (count: number) => start_ms + days(count * by);
	return {
		usable_ms: [at(usable_days[0]), at(usable_days[1])],
		best_ms: [at(best_days[0]), at(best_days[1])]
	};
}
