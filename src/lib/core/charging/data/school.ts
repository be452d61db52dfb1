import type { MaterialId } from '../../materials';

export type SchoolId =
	| 'compost-rest'
	| 'manure-cure'
	| 'nitrogen-soak'
	| 'plant-soak'
	| 'living-soil-soak'
	| 'everything-soak'
	| 'fed-culture'
	| 'co-compost'
	| 'bedding'
	| 'under-mulch';

/** Parts by volume to one of char. */
export interface PerChar {
	readonly usual: number;
	readonly low: number;
	readonly high: number;
}

/** Whether so much to one of char is more than twice the most that is usual, or less than half the least: a slip is likelier. */
export const isFarFrom = (perChar: number, { low, high }: PerChar): boolean =>
	perChar > 2 * high || perChar < low / 2;

/** What goes in besides char and its partner. */
export interface Extra {
	readonly id: string;
	/** What may be taken for it, the usual first. */
	readonly materials: readonly MaterialId[];
	readonly perChar: PerChar;
	/** Left out unless it is asked for. */
	readonly isOption?: boolean;
}

/** What shows that a charge is ready; each school wants some of them. */
export const readyChecks = [
	'earthy',
	'no-ammonia',
	'sinks',
	'brew-smell',
	'threads',
	'sweet',
	'cooled',
	'heap-done'
] as const;
export type ReadyCheck = (typeof readyChecks)[number];

/** What is done to it while it works, every so many days at 20 °C. */
export interface Tending {
	readonly does: 'stir' | 'turn' | 'top-up' | 'muck-out';
	readonly everyDays: number;
	/** Done until it may be used, or as long as it is kept. */
	readonly until: 'usable' | 'past';
	/** Done one time, and not again. */
	readonly isOnce?: boolean;
	/** Begins once this was done. */
	readonly after?: Tending['does'];
}

/** One honest way to charge char. Days are at 20 °C. */
export interface School {
	readonly id: SchoolId;
	readonly name: string;
	/** Mixed with solids by volume, sunk in liquid in a tub, or put raw on the bed under a mulch. */
	readonly kind: 'mix' | 'soak' | 'bed';
	/** How much partner: so many parts, as the nitrogen wants, or as much as covers. */
	readonly partnerBy: 'ratio' | 'nitrogen' | 'covers';
	/** Litres of partner to one litre of char. */
	readonly partnerPerChar: PerChar;
	readonly extras: readonly Extra[];
	/** Liquids that may stand in for rain water. */
	readonly liquids: readonly MaterialId[];
	readonly days: {
		readonly earliest: number;
		readonly better: number;
		readonly fading: number;
		readonly past: number;
	};
	/** Uptake into the pores goes on in the cold, so a soak's earliest day does not shift. */
	readonly earliestWaitsForWarmth: boolean;
	/** Curing with compost or manure feeds through life, beyond the mineral N counted. */
	readonly curesWithSolids: boolean;
	/** What shows that it is ready: each must be so. */
	readonly checks: readonly ReadyCheck[];
	readonly tending: readonly Tending[];
	/** Materials it may be charged with. */
	readonly partners: readonly MaterialId[];
	readonly source: string;
}
