/** Days at which a batch changes, counted from its start. `null` means it never gets there. */
export interface Window {
	readonly start_ms: number;
	readonly usable_ms: number | null;
	readonly best_ms: number | null;
	readonly fading_ms: number | null;
	readonly past_ms: number | null;
}

export type BandState = 'working' | 'usable' | 'best' | 'fading' | 'past';

export interface BandPart {
	readonly state: BandState;
	readonly from_ms: number;
	readonly to_ms: number;
}

/** The state at a moment by date alone; a test may still be wanted. */
export function stateAt(window: Window, now_ms: number): BandState {
	const reached = (at: number | null) => at !== null && now_ms >= at;
	if (reached(window.past_ms)) return 'past';
	if (reached(window.fading_ms)) return 'fading';
	if (reached(window.best_ms)) return 'best';
	return reached(window.usable_ms) ? 'usable' : 'working';
}

/** The parts of a ripening band between two moments, in order, without gaps. */
export function bandParts(window: Window, from_ms: number, to_ms: number): readonly BandPart[] {
	const edges: readonly (readonly [BandState, number | null])[] = [
		['working', window.start_ms],
		['usable', window.usable_ms],
		['best', window.best_ms],
		['fading', window.fading_ms],
		['past', window.past_ms]
	];
	const known = edges.filter((edge): edge is readonly [BandState, number] => edge[1] !== null);
	return known
		.map(([state, at], i) => ({
			state,
			from_ms: Math.max(at, from_ms),
			to_ms: Math.min(known[i + 1]?.[1] ?? to_ms, to_ms)
		}))
		.filter((part) => part.to_ms > part.from_ms);
}
