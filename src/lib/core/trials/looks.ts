import { inDays } from '../time';

/** What was read of one pot or plot at a moment. */
export interface Look {
	readonly n: number;
	readonly at_ms: number;
	readonly value: number;
}

/** One curve: its last value, and what it stood at on the whole between its first and last look. */
export interface Curve {
	readonly n: number;
	readonly looks: number;
	readonly last: number;
	/** Area under it by its days; undefined where it was looked at once. */
	readonly area?: number;
}

/**
 * Repeated looks are one curve for each pot, and no test at every date.
 * @param looks in any order; of one moment the later given stands
 */
export function curvesOf(looks: readonly Look[]): readonly Curve[] {
	const pots = [...new Set(looks.map(({ n }) => n))].sort((a, b) => a - b);
	return pots.map((n) => {
		const own = looks.filter((one) => one.n === n).toSorted((a, b) => a.at_ms - b.at_ms);
		const [first] = own;
		const last = own.at(-1);
		if (!first || !last) throw new RangeError(`curvesOf: pot ${n} without a look`);
		const span = inDays(last.at_ms - first.at_ms);
		if (!(span > 0)) return { n, looks: own.length, last: last.value };
		const area = own.slice(1).reduce((sum, one, i) => {
			const before = own[i] ?? first;
			return sum + ((one.value + before.value) / 2) * inDays(one.at_ms - before.at_ms);
		}, 0);
		return { n, looks: own.length, last: last.value, area: area / span };
	});
}
