import type { Rule } from '../cautions';
import { days } from '../time';
import { goLimits } from './go';

/** A fire that would be planned, or that was burnt: what is known of it beside its wood. */
export interface Lighting {
	readonly vessel: string;
	/** In what words it failed, where nobody mended it since. */
	readonly failed?: string | undefined;
	/** Another fire that is in it then. */
	readonly busy?: string | undefined;
	/** From now to the day it is planned for. */
	readonly ahead_ms?: number | undefined;
	/** From lighting to quenching. */
	readonly burnt_ms?: number | undefined;
	/** How long after it was quenched it is written down. */
	readonly late_ms?: number | undefined;
	/** Wind and gusts as they were read, km/h. */
	readonly wind_km_h?: number | undefined;
	readonly gust_km_h?: number | undefined;
	/** Litres on site, and those it wants. */
	readonly water?: { readonly onSite_l: number; readonly wanted_l: number } | undefined;
	/** Planned for an hour when it is dark. */
	readonly isDark?: boolean | undefined;
	/** Of char that came out, share of the dry wood, where no such fire gives so much or so little. */
	readonly oddYield?: number | undefined;
}

/** A plan is for the days to come; no fire burns longer than three days, a charcoal clamp aside. Working assumptions. */
export const lightingLimits = Object.freeze({
	ago_ms: days(1),
	ahead_ms: days(366),
	burns_ms: days(3),
	late_ms: days(3 * 365)
});

/** What speaks against a fire. The local code and a ban come first, whatever stands here. */
export const lightingRules: readonly Rule<Lighting>[] = Object.freeze([
	{
		code: 'vessel-busy',
		weight: 'never',
		when: 'A vessel in which another fire burns or cools then',
		lifted: 'That fire is out and emptied',
		source: 'One fire to a vessel',
		finds: ({ busy, vessel }) => busy !== undefined && { facts: { name: vessel, code: busy } }
	},
	{
		code: 'vessel-failed',
		weight: 'ask',
		when: 'A vessel that failed and was not mended since',
		lifted: 'It is mended',
		source: 'Practice: burnt-through walls let air in and embers out',
		finds: ({ failed, vessel }) =>
			failed !== undefined && { facts: { name: vessel, words: failed } }
	},
	{
		code: 'wind-strong',
		weight: 'ask',
		when: `Wind read above ${goLimits.wind_km_h} km/h, or gusts above ${goLimits.gust_km_h}`,
		lifted: 'A calmer day',
		source: 'Burn practice; the local code comes first',
		finds: ({ wind_km_h = 0, gust_km_h = 0 }) =>
			(wind_km_h > goLimits.wind_km_h || gust_km_h > goLimits.gust_km_h) && {
				facts: { wind_km_h, gust_km_h }
			}
	},
	{
		code: 'water-short',
		weight: 'ask',
		when: 'Less water on site than the quench and a reserve want',
		lifted: 'More water stands there',
		source: 'Burn practice: water first',
		finds: ({ water }) =>
			water !== undefined && water.onSite_l < water.wanted_l && { facts: { ...water } }
	},
	{
		code: 'in-the-dark',
		weight: 'tell',
		when: 'A fire planned for an hour when it is dark',
		lifted: 'By day',
		source: 'Practice: smoke, drift and what is left glowing are seen by day',
		finds: ({ isDark = false }) => isDark && {}
	},
	{
		code: 'planned-past',
		weight: 'ask',
		isSlip: true,
		when: 'A plan for a day that is past',
		lifted: 'It is said to be so',
		source: 'Working assumption: a slip is likelier',
		finds: ({ ahead_ms }) => ahead_ms !== undefined && ahead_ms < -lightingLimits.ago_ms && {}
	},
	{
		code: 'planned-far',
		weight: 'ask',
		isSlip: true,
		when: 'A plan more than a year ahead',
		lifted: 'It is said to be so',
		source: 'Working assumption: a slip is likelier',
		finds: ({ ahead_ms }) => ahead_ms !== undefined && ahead_ms > lightingLimits.ahead_ms && {}
	},
	{
		code: 'burns-long',
		weight: 'ask',
		isSlip: true,
		when: 'A fire of more than three days',
		lifted: 'It is said to be so',
		source: 'Working assumption: only clamps burn so long',
		finds: ({ burnt_ms }) =>
			burnt_ms !== undefined &&
			burnt_ms > lightingLimits.burns_ms && { facts: { days: Math.floor(burnt_ms / days(1)) } }
	},
	{
		code: 'long-ago',
		weight: 'ask',
		when: 'A fire of more than three years ago',
		lifted: 'Nothing: it is written down with the reason',
		source: 'Working assumption: a wrong year is likelier',
		finds: ({ late_ms }) => late_ms !== undefined && late_ms > lightingLimits.late_ms && {}
	},
	{
		code: 'implausible-yield',
		weight: 'ask',
		when: 'More or less char of the wood than such a fire can give',
		lifted: 'Better measures of wood or char',
		source: 'Yields of each way, published and plausible',
		finds: ({ oddYield }) => oddYield !== undefined && { facts: { yield: oddYield } }
	}
] satisfies readonly Rule<Lighting>[]);
