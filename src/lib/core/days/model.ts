import type { Range } from '../units';

/** Minutes of a barrel's round, starting values until the grower's own replace them. Source: barrel practice. */
export interface RoundTimes {
	/** Filled and levelled, by one hand. */
	readonly fill: number;
	/** Starter spread, burner and chimney set: by one hand, not to be broken off. */
	readonly light: number;
	/** The front goes down; nobody is held by it. */
	readonly burn: number;
	/** Stirred, capped, set on bare soil, by one hand, the minute the front is through. */
	readonly cap: number;
	/** It cools shut. */
	readonly cool: number;
	/** Tipped, quenched, raked: by one hand and the hose. */
	readonly tip: number;
}

export const usualRound: RoundTimes = Object.freeze({
	fill: 12,
	light: 6,
	burn: 60,
	cap: 5,
	cool: 40,
	tip: 10
});

/** A cap that comes late costs char: so much for each full five minutes. */
export const lateCap = Object.freeze({ everyMinutes: 5, low: 0.05, high: 0.1 });

/** Where a barrel stands when the plan begins. */
export type BarrelState =
	| { readonly is: 'empty'; readonly from: number }
	/** Lit already: the front is through at that minute. */
	| { readonly is: 'burning'; readonly until: number }
	| { readonly is: 'cooling'; readonly until: number };

export interface Barrel {
	readonly name: string;
	/** Litres of char it gives. */
	readonly litres: Range;
	/** Its burns whose mean that is; none where a published share is taken. */
	readonly burns?: number;
	/** Its own minutes where they differ. */
	readonly burn?: number;
	readonly rounds: number;
	readonly state?: BarrelState;
}

export interface Day {
	readonly barrels: readonly Barrel[];
	readonly times: RoundTimes;
	/** People at it, the most at one time. */
	readonly hands: number;
	/** Spans of minutes in which so many of them are not there, the last of them first. */
	readonly away?: readonly { readonly from: number; readonly to: number; readonly hands: number }[];
	/** Burner and chimney sets: so many barrels burn at a time. */
	readonly burners: number;
	/** One quench at a time for each. */
	readonly hoses: number;
}

export const stages = ['fill', 'light', 'burn', 'cap', 'cool', 'tip'] as const;
export type Stage = (typeof stages)[number];

/** One stage of one barrel's round, minutes from the start of the day; who does it, if somebody must. */
export interface Step {
	readonly barrel: string;
	readonly round: number;
	readonly stage: Stage;
	readonly from: number;
	readonly to: number;
	/** Number of the hand, from 0; none where nobody is held. */
	readonly hand?: number;
}

/** What one more of would help. */
export type Bottleneck = 'hands' | 'burners' | 'hoses';

export interface Timetable {
	readonly steps: readonly Step[];
	/** Minute at which the last barrel is tipped. */
	readonly end: number;
	/** Minutes that barrels wait, cold and shut, for a hand to tip them. */
	readonly waiting: number;
	/** Minutes that caps come late, of barrels that burnt already. */
	readonly late: number;
	/** No timetable can end before this. */
	readonly bound: number;
	/** It ends at its bound: there is none better. */
	readonly isBest: boolean;
}
