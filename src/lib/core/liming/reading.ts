import { exactly, type Range } from '../units';

/** How a pH was read. */
export type PhMethod = 'strip' | 'probe' | 'slurry' | 'laboratory' | 'grower';
/** What the soil was stirred up in. */
export type PhIn = 'water' | 'cacl2';

/** Standard error of a reading by its method. Source: a judgement, by how meters and strips are sold. */
export const methodErrors: Readonly<Record<PhMethod, number>> = Object.freeze({
	strip: 0.3,
	probe: 0.4,
	slurry: 0.1,
	laboratory: 0.05,
	// Told once, and nobody knows how it was read.
	grower: 0.4
});

/** Between places of one bed, where only one was read. */
export const placeSpread = 0.2;

/** How far a reading in calcium chloride stands below one in water. */
export const belowWater = Object.freeze({
	value: 0.6,
	error: 0.2,
	source: 'Soil stirred in 0.01 M CaCl₂ reads 0.6 ± 0.2 lower than in water'
});

/** One reading of a bed at several places, by one method. */
export interface PhReading {
	readonly places: readonly number[];
	readonly method: PhMethod;
	readonly in: PhIn;
	readonly at_ms: number;
}

/** A pH as it stands in water, with its standard error. */
export interface PhMean {
	readonly ph: number;
	/** Standard error of the mean. */
	readonly error: number;
	/** The middle four in five of where it may be. */
	readonly range: Range;
	readonly lowest: number;
	readonly highest: number;
	/** It was read in calcium chloride, and lifted to what water would read. */
	readonly isLifted: boolean;
}

/** As many standard errors as hold four in five. */
const fourInFive = 1.2816;

/**
 * The mean of the places, told as in water, with its standard error √(method² + spread²/n).
 * @throws RangeError where no place was read
 * @example meanOf({ places: [5.6, 5.8, 5.7], method: 'slurry', in: 'cacl2', at_ms }).ph // 6.3
 */
export function meanOf({ places, method, in: stirredIn }: PhReading): PhMean {
	const n = places.length;
	if (n === 0) throw new RangeError('meanOf: no place was read');
	const read = places.reduce((sum, one) => sum + one, 0) / n;
	const spread =
		n > 1
			? Math.sqrt(places.reduce((sum, one) => sum + (one - read) ** 2, 0) / (n - 1))
			: placeSpread;
	const isLifted = stirredIn === 'cacl2';
	const lift = isLifted ? belowWater.value : 0;
	const error = Math.hypot(
		methodErrors[method],
		spread / Math.sqrt(n),
		isLifted ? belowWater.error : 0
	);
	const ph = read + lift;
	return {
		ph,
		error,
		range: { value: ph, low: ph - fourInFive * error, high: ph + fourInFive * error },
		lowest: Math.min(...places) + lift,
		highest: Math.max(...places) + lift,
		isLifted
	};
}

/** The rise from one mean to the next, with its standard error; two in one liquid share what it adds. */
export function riseRead(before: PhReading, after: PhReading): { rise: number; error: number } {
	const [from, to] = [meanOf(before), meanOf(after)];
	const same = before.in === after.in && before.in === 'cacl2';
	const own = (mean: PhMean) =>
		same ? Math.sqrt(mean.error ** 2 - belowWater.error ** 2) : mean.error;
	return { rise: to.ph - from.ph, error: Math.hypot(own(from), own(to)) };
}

/** The rise that is wanted of a reading, with its doubt; nought where it is sweet enough. */
export const riseWanted = (mean: PhMean, target: number): Range =>
	mean.ph >= target
		? exactly(0)
		: {
				value: target - mean.ph,
				low: Math.max(0, target - mean.range.high),
				high: target - mean.range.low
			};

/**
 * When a bed is read again after lime: in four to eight weeks, where so much went on that it may show; a reading
 * before three weeks are over tells of the wet surface. Source: practice; the least is a judgement.
 */
export const readAgain = Object.freeze({
	from_days: 28,
	to_days: 56,
	settles_days: 21,
	least_g_m2: 15
});
