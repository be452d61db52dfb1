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

const inKmh: readonly (readonly [RegExp, number])[] = [
	[/(\d+(?:[.,]\d+)?)\s*(?:mph|miles)/i, 1.609],
	[/(\d+(?:[.,]\d+)?)\s*m\/s/i, 3.6],
	[/(\d+(?:[.,]\d+)?)\s*(?:km\/?h|kph)?/i, 1]
];

/**
 * How hard it blew, km/h, of what people write; words for no wind are nought, others say nothing.
 * @example windSaid('5 mph from the west') // 8.0
 */
export function windSaid(words: string): number | undefined {
	for (const [pattern, factor] of inKmh) {
		const found = pattern.exec(words)?.[1];
		if (found !== undefined) return Number(found.replace(',', '.')) * factor;
	}
	return /\b(?:calm|still|no wind|none)\b/i.test(words) ? 0 : undefined;
}
