import { days } from '../time';
import { heapWay, type HeapWay } from './data/ways';
import { litres, metres, type Litres, type Metres, type Range } from '../units';

/** A heap whose place is round or has two sides, m; as deep as it stands. */
export type HeapSize =
	| { readonly shape: 'ring'; readonly across: Metres }
	| { readonly shape: 'box'; readonly length: Metres; readonly width: Metres };

/** Square metres of ground under it. */
export const groundUnder = (size: HeapSize): number =>
	size.shape === 'ring' ? (Math.PI * size.across ** 2) / 4 : size.length * size.width;

/** @example litresAt({ shape: 'ring', across: metres(1.1) }, metres(1)) // 950 L */
export const litresAt = (size: HeapSize, depth: Metres): Litres =>
	litres(groundUnder(size) * depth * 1000);

/** How deep so many litres stand. */
export const depthOf = (size: HeapSize, volume: number): Metres =>
	metres(volume / groundUnder(size) / 1000);

/** Leaves as they are carried, and as they are trodden; kg/L, mostly dry and damp. Source: practice of leaf hoops. */
const leaves = Object.freeze({
	loose: { low: 0.06, high: 0.1 },
	trodden: { low: 0.2, high: 0.35 },
	shredded: { low: 0.12, high: 0.18 }
});
/** Water that trodden leaves hold beyond loose ones: the litres go by dry weight. */
const drynesses = Object.freeze({ loose: 0.75, trodden: 0.45, shredded: 0.7 });

export type Laid = keyof typeof leaves;

/**
 * Litres that loose leaves come to once they are laid: by their dry weight, which stays.
 * @example laidLitres(900, 'trodden').value // 340 L of 900 loose
 */
export function laidLitres(loose_l: number, laid: Laid): Range {
	if (laid === 'loose') return { value: loose_l, low: loose_l, high: loose_l };
	const dry = (of: Laid) => Math.sqrt(leaves[of].low * leaves[of].high) * drynesses[of];
	const value = (loose_l * dry('loose')) / dry(laid);
	return { value, low: value * 0.75, high: value * 1.33 };
}

/** How a heap sinks. Source: practice of leaf hoops and heaps: what is left at last, and in how many months. */
export interface Sinks {
	/** Of the litres as laid. */
	readonly left: Range;
	/** Months at 15 °C in which it comes nearer by a factor e. */
	readonly months: Range;
}

const month_ms = days(30.44);

/** Leaves by what was done to them: twice as long for tough evergreen ones, faster shredded or with nitrogen. */
export function sinksOf({
	isTough,
	isFast
}: {
	readonly isTough: boolean;
	readonly isFast: boolean;
}): Sinks {
	const [low, high] = isFast ? [5, 8] : [8, 14];
	const by = isTough ? 2 : 1;
	return {
		left: { value: 0.32, low: 0.25, high: 0.4 },
		months: { value: ((low + high) / 2) * by, low: low * by, high: high * by }
	};
}

/** Months at 15 °C in which other heaps come nearer to what is left; ash does not sink. Source: practice of heaps. */
const pace: Readonly<Partial<Record<HeapWay, readonly [number, number]>>> = Object.freeze({
	compost: [1.5, 4],
	path: [3, 7],
	worms: [2, 5]
});

/** How a heap of any way sinks; none of one that does not. */
export function sinksOfWay(
	way: HeapWay,
	how: { readonly isTough: boolean; readonly isFast: boolean }
): Sinks | undefined {
	if (way === 'leaf-mould') return sinksOf(how);
	const months = pace[way];
	if (!months) return undefined;
	const [low, high] = months;
	return { left: heapWay(way).left, months: { value: (low + high) / 2, low, high } };
}

/** How fast it works at a temperature, in times its pace at 15 °C: none below 4 °C, held from 35 °C on. */
export const paceAt = (temperature_c: number): number =>
	temperature_c < 4 ? 0 : 2 ** ((Math.min(temperature_c, 35) - 15) / 10);

/**
 * Usual air of a day in a year, °C: a wave about a mean, both by latitude. A working assumption: 10.8 ± 8 °C at 54°,
 * warmest in late July north of the equator; a reading of the place wins.
 */
export function usualAir(at_ms: number, latitude = 50): number {
	const far = Math.abs(latitude);
	const peak = latitude >= 0 ? 205 : 22;
	const day = (at_ms / days(1)) % 365.25;
	return 27 - 0.3 * far + 0.15 * far * Math.cos((2 * Math.PI * (day - peak)) / 365.25);
}

const step_ms = days(10);

/** Months at 15 °C that passed between two moments in the usual air. */
export function monthsWorked(from_ms: number, to_ms: number, latitude?: number): number {
	let sum = 0;
	for (let at = from_ms; at < to_ms; at += step_ms) {
		const span = Math.min(step_ms, to_ms - at);
		sum += (paceAt(usualAir(at + span / 2, latitude)) * span) / month_ms;
	}
	return sum;
}

/** Share of the litres as laid that is left after so many months at 15 °C. */
export const leftAfter = ({ left, months }: Sinks, worked: number): Range => {
	const at = (end: number, t: number) => end + (1 - end) * Math.exp(-worked / t);
	return {
		value: at(left.value, months.value),
		low: at(left.low, months.low),
		high: at(left.high, months.high)
	};
};

/** The same from a reading on, which takes the place of what was expected before it. */
export function leftSince({ left, months }: Sinks, read: number, worked: number): Range {
	const at = (end: number, t: number) => {
		const last = Math.min(end, read);
		return last + (read - last) * Math.exp(-worked / t);
	};
	return {
		value: at(left.value, months.value),
		low: at(left.low, months.low),
		high: at(left.high, months.high)
	};
}

/** No reading says that it goes more than so many times as fast or slow. */
const mostOff = 3;

/**
 * How it sinks by what a stick read: the months that bring the curve through the reading. One at or below what is left
 * at last, or above what was laid, says only how fast at most or least.
 * @param read share of the litres as laid
 */
export function sinksBy(sinks: Sinks, read: number, worked: number): Sinks {
	if (!(worked > 0)) return sinks;
	const { left, months } = sinks;
	const gone = (read - left.value) / (1 - left.value);
	const t = gone <= 0 ? 0 : gone >= 1 ? Infinity : -worked / Math.log(gone);
	const by = Math.min(mostOff, Math.max(1 / mostOff, t / months.value));
	// Read once it is known half as loosely again.
	const narrow = (end: number) => months.value * by * Math.sqrt(end / months.value);
	return {
		left,
		months: { value: months.value * by, low: narrow(months.low), high: narrow(months.high) }
	};
}
