import { days } from '../time';
import { heapWay, type HeapWay } from './data/ways';
import type { HeapCall } from './heat';
import type { Stage } from './window';

/** How a heap stands. */
export type HeapState = 'wants' | 'forgotten' | 'done' | 'usable' | 'look' | 'working';

export interface HeapSeen {
	readonly way: HeapWay;
	/** From when it may be used rough, and from when it is likely done. */
	readonly usable_ms: number;
	readonly done_ms: number;
	/** When it was last looked at, in whatever way. */
	readonly seen_ms: number;
	readonly call: HeapCall;
	readonly stage?: Stage | undefined;
}

/** Not looked at for so many times as long as it should be: forgotten. */
const forgottenAfter = 4;

/** What it wants goes before what it is; the eye goes before the calendar. */
export function heapState(seen: HeapSeen, now_ms: number): HeapState {
	const { look_days } = heapWay(seen.way);
	const unseen = now_ms - seen.seen_ms;
	if (seen.call) return 'wants';
	if (unseen > days(look_days * forgottenAfter)) return 'forgotten';
	if (seen.stage === 'crumbly' || (seen.stage === undefined && now_ms >= seen.done_ms))
		return 'done';
	if (unseen > days(look_days)) return 'look';
	return now_ms >= seen.usable_ms ? 'usable' : 'working';
}
