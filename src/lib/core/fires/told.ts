import type { Celsius } from '../units';
import type { Quench } from './data/ways';

/** What went wrong, or not as meant. */
export const troubles = ['wet', 'late', 'thick-last', 'gusts', 'opened-early', 'relit'] as const;
export type Trouble = (typeof troubles)[number];

/** What the wood would otherwise have become. */
export const baselines = ['unsaid', 'bonfire', 'rot', 'chips'] as const;
export type Baseline = (typeof baselines)[number];

/** What people note of a fire beside its measures; only what was said. */
export interface BurnTold {
	readonly lit_ms?: number;
	readonly layers?: number;
	readonly hottest?: { readonly c: Celsius; readonly by: 'gun' | 'probe' };
	readonly wind?: string;
	readonly people?: string;
	readonly quench?: Quench;
	readonly hose?: { readonly min: number; readonly l_min: number };
	/** What a retort was heated with from outside: wood as it lay, kg; how long its own gas burnt. */
	readonly outer_kg?: number;
	readonly gas_min?: number;
	/** Times the vessel was filled with water. */
	readonly fills?: number;
	readonly troubles?: readonly Trouble[];
	readonly baseline?: Exclude<Baseline, 'unsaid'>;
	/** Share of bones in the load. */
	readonly bones?: number;
}
