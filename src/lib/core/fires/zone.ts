import type { Celsius } from '../units';

/** What a temperature in or over the char says of the char it makes. */
export type ZoneVerdict = 'tarry' | 'rising' | 'good' | 'hot' | 'burning-away';

const zones: readonly { readonly below: number; readonly verdict: ZoneVerdict }[] = Object.freeze([
	{ below: 400, verdict: 'tarry' },
	{ below: 450, verdict: 'rising' },
	{ below: 600, verdict: 'good' },
	{ below: 750, verdict: 'hot' }
]);

/**
 * Judge a reading in a burning charge: below 400 °C much tar stays; 450–600 °C is good; 600–750 °C
 * is usual in a flame zone and gives the most stable carbon; above it char is lost to ash.
 * @example judgeZone(celsius(640)) // 'hot'
 */
export function judgeZone(temperature: Celsius): ZoneVerdict {
	return zones.find(({ below }) => temperature < below)?.verdict ?? 'burning-away';
}
