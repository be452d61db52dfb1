import { bufferSpread, buffers, gramsPerMol, response } from './data/buffers';
import { defaultBuffer, type LimedSoil, type OwnBuffer } from './need';

/** What one season told: so much lime went on between two readings, and the pH rose so far. */
export interface LimedSeason {
	/** As calcium carbonate, g/m². */
	readonly lime: number;
	/** pH units; small and negative ones count too. */
	readonly rise: number;
	/** Standard error of the rise. */
	readonly error: number;
}

/** Points of the grid, and how far it reaches, in spreads of the prior. */
const grid = Object.freeze({ points: 801, reach: 6 });

/**
 * A bed's own buffer, learned from before and after: a prior about the starting value of its soil, times for
 * every season the normal density of the rise that was read about the rise that the buffer promises. Every
 * season counts, or one would learn only from the lucky ones.
 * @returns undefined where no season had any lime
 */
export function ownBuffer(
	soil: Omit<LimedSoil, 'own'>,
	seasons: readonly LimedSeason[]
): OwnBuffer | undefined {
	const limed = seasons.filter(({ lime }) => lime > 0);
	if (limed.length === 0) return undefined;
	const start = Math.log(defaultBuffer(soil).value);
	const step = (2 * grid.reach * bufferSpread) / (grid.points - 1);
	const logs = Array.from(
		{ length: grid.points },
		(_, i) => start - grid.reach * bufferSpread + i * step
	);
	const weights = logs.map((log) => {
		const z = (log - start) / bufferSpread;
		const fits = limed.map(
			(season) => (season.rise - promised(soil, season.lime, Math.exp(log))) / season.error
		);
		return -0.5 * (z ** 2 + fits.reduce((sum, fit) => sum + fit ** 2, 0));
	});
	const most = Math.max(...weights);
	const dense = weights.map((weight) => Math.exp(weight - most));
	const all = dense.reduce((sum, one) => sum + one, 0);
	const at = (share: number) => Math.exp(quantile(logs, dense, share * all));
	return { value: at(0.5), low: at(0.1), high: at(0.9), seasons: limed.length };
}

/** The rise that a buffer promises of so much lime, at the middle of the response. */
const promised = ({ texture, depth }: Omit<LimedSoil, 'own'>, lime: number, buffer: number) =>
	(response.value * lime) / (gramsPerMol * buffers[texture].kg_per_m3 * depth * buffer);

/** Where the sum of the weights reaches so much, between two points of the grid. */
function quantile(logs: readonly number[], dense: readonly number[], want: number): number {
	let sum = 0;
	for (let i = 0; i < dense.length; i += 1) {
		const weight = dense[i] ?? 0;
		if (sum + weight >= want) {
			const [from, to] = [logs[Math.max(0, i - 1)] ?? 0, logs[i] ?? 0];
			return weight > 0 ? from + ((to - from) * (want - sum)) / weight : to;
		}
		sum += weight;
	}
	return logs.at(-1) ?? 0;
}
