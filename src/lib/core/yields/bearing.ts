import { linearRegression, mean, sampleStandardDeviation } from 'simple-statistics';
import { student } from './data/student';
import { fewestEarlier } from './prediction';

/** What one more of something went with, 95 % of what may be so. */
export interface Trend {
	readonly n: number;
	readonly slope: number;
	readonly low: number;
	readonly high: number;
	/** Where the line stands at nought. */
	readonly at0: number;
}

export type Bearing =
	| { readonly status: 'too-few'; readonly n: number }
	/** Nothing of it differed. */
	| { readonly status: 'alike'; readonly n: number }
	| ({ readonly status: 'open' | 'goes-along' } & Trend);

/**
 * How a yield went with something that was measured, by least squares; no trend below five points. It goes along
 * where nought lies outside its 95 %: what else differed between the fires it does not know.
 * @param points what was measured, and the yield; and, where several ways are told together, the way of each: then it is
 * told within ways, so that no way that is poor by itself makes a trend
 */
export function bearingOf(
	points: readonly (readonly [x: number, y: number, of?: string])[]
): Bearing {
	const n = points.length;
	if (n < fewestEarlier) return { status: 'too-few', n };
	const ways = new Set(points.map(([, , of]) => of)).size;
	const freedom = n - 1 - ways;
	if (freedom < fewestEarlier - 2) return { status: 'too-few', n };
	const within = ways > 1 ? withinWays(points) : points;
	const xs = within.map(([x]) => x);
	const middle = mean(xs);
	const squares = xs.reduce((sum, x) => sum + (x - middle) ** 2, 0);
	if (!(squares > 1e-12)) return { status: 'alike', n };
	const { m: slope, b: at0 } = linearRegression(within.map(([x, y]) => [x, y]));
	const left = within.reduce((sum, [x, y]) => sum + (y - at0 - slope * x) ** 2, 0);
	const off = student(freedom) * Math.sqrt(left / freedom / squares);
	const [low, high] = [slope - off, slope + off];
	const status = low > 0 || high < 0 ? 'goes-along' : 'open';
	return { status, n, slope, low, high, at0 };
}

/** Each point as it lies to the middle of its way. */
function withinWays(
	points: readonly (readonly [x: number, y: number, of?: string])[]
): readonly (readonly [x: number, y: number])[] {
	const middles = new Map<string | undefined, readonly [number, number]>();
	for (const of of new Set(points.map((point) => point[2]))) {
		const alike = points.filter((point) => point[2] === of);
		middles.set(of, [mean(alike.map(([x]) => x)), mean(alike.map(([, y]) => y))]);
	}
	const [x0, y0] = [mean(points.map(([x]) => x)), mean(points.map(([, y]) => y))];
	return points.map(([x, y, of]) => {
		const [mx, my] = middles.get(of) ?? [0, 0];
		return [x - mx + x0, y - my + y0];
	});
}

/** Yields of those that share a word: a wood, a way, a vessel, a person. */
export interface Kind {
	readonly name: string;
	readonly n: number;
	readonly mean: number;
	/** 95 % of where the mean may lie; none of one alone. */
	readonly low?: number;
	readonly high?: number;
}

/** The best first. */
export function kindsOf(points: readonly (readonly [name: string, y: number])[]): readonly Kind[] {
	const names = [...new Set(points.map(([name]) => name))];
	return names
		.map((name): Kind => {
			const ys = points.flatMap(([of, y]) => (of === name ? [y] : []));
			const centre = mean(ys);
			if (ys.length < 2) return { name, n: ys.length, mean: centre };
			const off = (student(ys.length - 1) * sampleStandardDeviation(ys)) / Math.sqrt(ys.length);
			return { name, n: ys.length, mean: centre, low: centre - off, high: centre + off };
		})
		.sort((a, b) => b.mean - a.mean);
}

/**
 * Whether the best of some kinds stands clear of the worst: their 95 % do not meet, of each five at least.
 * Several looked at are no proof all the same.
 */
export function standsClear(
	kinds: readonly Kind[]
): { readonly best: Kind; readonly worst: Kind } | undefined {
	const enough = kinds.filter(({ n }) => n >= fewestEarlier);
	const [best, worst] = [enough[0], enough.at(-1)];
	return best && worst && best !== worst && (best.low ?? 0) > (worst.high ?? 1)
		? { best, worst }
		: undefined;
}

/** Of so many looked at, so many stand out by chance alone at 95 %. */
export const byChance = (looked: number): number => looked * 0.05;
