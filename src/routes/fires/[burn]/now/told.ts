import type { CheckFailing, ProofState } from '$lib/core/fires';
import type { Tap } from '$lib/core/tending';

/** What the books say of a fire at a moment. */
export interface FireTold {
	readonly now_ms: number;
	readonly lit?: { readonly actId: string; readonly at_ms: number };
	readonly taps: readonly Tap[];
	readonly proof?: ProofState;
	readonly checks: readonly {
		readonly actId: string;
		readonly at_ms: number;
		readonly person: string;
		readonly failings: readonly CheckFailing[];
	}[];
	/** Its char, once it was measured. */
	readonly charCode?: string;
}

export const isTold = (told: unknown): told is FireTold =>
	typeof told === 'object' && told !== null && 'taps' in told && 'now_ms' in told;
