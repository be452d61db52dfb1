import type { Bearing, Kind } from './bearing';

/** Something measured of fires that one may do otherwise, and where its better end lies. */
export interface Lever {
	readonly of: 'water' | 'pace' | 'smoke' | 'wind';
	readonly bearing: Bearing;
	/** As it mostly is, and what one may come to. */
	readonly usual: number;
	readonly reach: number;
}

export type NextBetter =
	| {
			readonly by: Lever['of'];
			readonly usual: number;
			readonly reach: number;
			/** What a yield would gain, as its 95 %. */
			readonly gain: { readonly value: number; readonly low: number; readonly high: number };
			readonly n: number;
	  }
	| { readonly by: 'way'; readonly best: Kind; readonly worst: Kind }
	/** Nothing stands out yet: what to tell of each fire so that something may. */
	| { readonly by: 'nothing'; readonly tell?: Lever['of'] | undefined };

/**
 * What would make the next fire better: of what went along with the yield that which promises most at its surer end;
 * else what is told of the fewest fires.
 */
export function nextBetter(
	levers: readonly Lever[],
	ways: { readonly best: Kind; readonly worst: Kind } | undefined
): NextBetter {
	const gains = levers.flatMap(({ of, bearing, usual, reach }) => {
		if (bearing.status !== 'goes-along') return [];
		const by = reach - usual;
		const ends = [bearing.low * by, bearing.high * by];
		const gain = { value: bearing.slope * by, low: Math.min(...ends), high: Math.max(...ends) };
		return gain.low > 0 ? [{ by: of, usual, reach, gain, n: bearing.n }] : [];
	});
	const [most] = gains.sort((a, b) => b.gain.low - a.gain.low);
	if (most) return most;
	if (ways) return { by: 'way', ...ways };
	const untold = levers
		.filter(({ bearing }) => bearing.status === 'too-few')
		.sort((a, b) => a.bearing.n - b.bearing.n)[0];
	return { by: 'nothing', tell: untold?.of };
}
