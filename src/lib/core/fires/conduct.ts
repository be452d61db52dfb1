import { mean, sampleStandardDeviation } from 'simple-statistics';
import {
	added,
	between,
	earlier,
	kgDry,
	known,
	less,
	litres,
	over,
	reckon,
	times,
	type Estimate,
	type KgDry,
	type KgDryPerLitre,
	type Litres,
	type Range,
	type Share
} from '../units';
import { wayOf, type WayId } from './data/ways';

/** What one at a fire does. */
export type Role = 'watch' | 'feed' | 'hose' | 'rake';

/** Char that one person with a bucket still puts out alone, L. Source: burn practice. */
export const aloneUpTo = litres(15);
/** Above this a second rake is wanted at the quench, L. */
const manyHandsFrom = 250;

/**
 * Who must be there: one feeds and one watches for sparks; at the quench one is on the hose and one or two
 * rake. Shut vessels are not raked.
 */
export function rolesFor(way: WayId, charLitres: number): readonly Role[] {
	if (charLitres <= aloneUpTo) return ['watch'];
	const { quench, filledOnce } = wayOf(way);
	if (filledOnce) return ['watch', 'hose'];
	// Who feeds takes the hose and who watches a rake: the fire is fed no more by then.
	const wide = quench === 'hose' && charLitres > manyHandsFrom;
	return wide ? ['watch', 'feed', 'rake'] : ['watch', 'feed'];
}

/** From the match to the quench, minutes: as usual for the way, or the grower's own once five were noted. */
export function durationOf(way: WayId, own: readonly number[]): Estimate {
	const [low, high] = wayOf(way).minutes;
	const enough = own.length >= 5;
	const spread = enough ? 1.28 * sampleStandardDeviation([...own]) : 0;
	const range: Range = enough
		? {
				value: mean([...own]),
				low: Math.max(1, mean([...own]) - spread),
				high: mean([...own]) + spread
			}
		: between(low, high);
	return reckon<number>(
		(value) => value,
		known(
			'minutes',
			range,
			'min',
			enough ? 'own' : 'default',
			enough
				? `mean of ${own.length} own burns, four in five fall between`
				: 'Practice of the way; noted times of five own burns replace it'
		),
		{ unit: 'min', basis: 'from the match to the quench' }
	);
}

/** Water that can be there: what stands in tanks and barrels, and what a hose brings while it runs. */
export const waterThere = (
	standing: number | undefined,
	hose: { readonly l_min: number; readonly min: number } | undefined
): Estimate<Litres> | undefined => {
	if (standing === undefined && hose === undefined) return undefined;
	const stands = known('in tanks and barrels', standing ?? 0, 'L', 'typed', 'as said');
	const runs = times(
		known('hose, a minute', hose?.l_min ?? 0, 'L', 'typed', 'a filled bucket and a watch'),
		known('minutes it runs', hose?.min ?? 0, 'times', 'typed', 'as said')
	);
	return reckon(litres, hose ? added(stands, runs) : stands, { unit: 'L', basis: 'on site' });
};

/**
 * Dry wood for so much char as it goes into a charge: crushed litres back to whole ones, whole to kilograms,
 * kilograms to wood.
 * @param crushed litres of crushed char wanted
 * @param density of whole, loose char
 */
export function woodFor(
	crushed: Litres,
	density: Estimate<KgDryPerLitre>,
	massYield: Estimate<Share>,
	packedAway: Range
): Estimate<KgDry> {
	const whole = over(
		known('char wanted, crushed', crushed, 'L', 'typed', 'as typed'),
		less(1, known('packed away by crushing', packedAway, 'share', 'default', 'Practice: 25–40 %'))
	);
	return reckon(
		kgDry,
		over(times(whole, earlier('char density', density)), earlier('yield', massYield)),
		{ unit: 'kg', basis: 'dry wood to load' }
	);
}

export interface Trips {
	readonly trips: number;
	readonly walked_m: number;
}

/** Trips of so many litres, there and back. */
export function tripsOf(volume: number, carries: number, away_m: number): Trips | undefined {
	if (!(carries > 0) || !(volume > 0)) return undefined;
	const trips = Math.ceil(volume / carries - 1e-9);
	return { trips, walked_m: 2 * trips * away_m };
}
