import { days, type Window } from '../time';
import type { SchoolId } from './data/school';
import { schoolOf } from './data/schools';

export type ChargeTask = 'stir' | 'turn' | 'top-up' | 'muck-out' | 'drain' | 'test';

export interface DueTask {
	readonly does: ChargeTask;
	readonly due_ms: number;
}

/** What was done, and when: the fact that answers a task. */
export interface DoneTask {
	readonly fact: string;
	readonly at_ms: number;
}

const answers: Readonly<Record<string, ChargeTask>> = {
	stirred: 'stir',
	turned: 'turn',
	'topped-up': 'top-up',
	moistened: 'top-up',
	'mucked-out': 'muck-out'
};

/** A soak is drained this long before its liquid is spent. */
const drainAhead = days(3);

/**
 * What a charge wants next, each with its day: stirring and turning by its school, its test on the day it may
 * first be used, draining before its liquid is spent. In the cold nothing of life is due.
 * @param now_ms what was due until a day that has passed is due no more
 * @param tested whether a test of it stands
 */
export function chargeTasks(
	school: SchoolId,
	window: Window,
	done: readonly DoneTask[],
	now_ms: number,
	{ tested, drained }: { readonly tested: boolean; readonly drained: boolean }
): readonly DueTask[] {
	const { tending, kind } = schoolOf(school);
	const { start_ms, usable_ms, fading_ms, past_ms } = window;
	const last = (does: ChargeTask) =>
		done.reduce(
			(latest, { fact, at_ms }) => (answers[fact] === does && at_ms > latest ? at_ms : latest),
			start_ms
		);
	const isDone = (does: ChargeTask | undefined) =>
		done.some(({ fact }) => does !== undefined && answers[fact] === does);
	const tended = tending.flatMap(({ does, everyDays, until, isOnce, after }) => {
		if ((isOnce && isDone(does)) || (after !== undefined && !isDone(after))) return [];
		const due_ms = last(does) + days(everyDays);
		const end_ms = until === 'usable' ? usable_ms : past_ms;
		return end_ms === null || (due_ms < end_ms && now_ms < end_ms && !(drained && does === 'stir'))
			? [{ does, due_ms }]
			: [];
	});
	return [
		...tended,
		...(usable_ms !== null && !tested ? [{ does: 'test' as const, due_ms: usable_ms }] : []),
		...(kind === 'soak' && !drained && fading_ms !== null
			? [{ does: 'drain' as const, due_ms: Math.max(usable_ms ?? 0, fading_ms - drainAhead) }]
			: [])
	].sort((a, b) => a.due_ms - b.due_ms);
}
