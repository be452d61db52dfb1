import { minutes } from '../time';
import { product, type Range } from '../units';
import { capacity, sectionAt } from '../vessels';
import { feedingLimits } from './advice';
import { charOf, depthOf, usualLayer, type Bed, type FireGrounds } from './amount';
import type { Course } from './course';
import { learnPace, paceSpread, z80, type PaceStart } from './pace';

/** What a fire comes to if it is fed on as it is; with its doubt, four times in five. */
export interface Ending {
	/** What ends it: the wood that was set down for it, or the room in its vessel. */
	readonly by: 'wood' | 'room';
	/** Whole and loose, L. */
	readonly char: Range;
	/** Usual layers still to come. */
	readonly layers: Range;
	/** When the last of them has burnt down, ms. */
	readonly low_ms: number;
	readonly high_ms: number;
}

/** Full to the eye: a tenth either side of where feeding stops, and never over the rim. */
const brim = Object.freeze({ low: 0.9, high: 1 });

/**
 * The rest of the wood, as far as it finds room, layer by layer at this fire's pace. Undefined before the first layer,
 * and where nothing is left to lay on.
 */
export function endingOf(
	course: Pick<Course, 'layers'>,
	bed: Bed,
	grounds: FireGrounds,
	start: PaceStart
): Ending | undefined {
	const last = course.layers.at(-1);
	if (!last) return undefined;
	const room_l = capacity(grounds.shape);
	const full_l = room_l * feedingLimits.full;
	const fed = byWood(bed, grounds);
	const by = fed && fed.value < full_l ? 'wood' : 'room';
	const char = by === 'wood' && fed ? within(fed, room_l) : brimful(full_l, room_l, bed, fed);
	const left_l = char.value - bed.char.value;
	if (left_l <= 0) return undefined;
	const layers = layersFor(left_l, bed.char.value + left_l / 2, grounds);
	const known = learnPace(start, course.layers);
	const each = Math.exp(known.log);
	const spread = Math.exp(z80 * Math.hypot(Math.sqrt(known.variance), paceSpread.drift));
	// The last one lies there too, and has to burn down.
	const takes = product(
		[
			{ value: layers.value + 1, low: layers.low + 1, high: layers.high + 1 },
			{ value: each, low: each / spread, high: each * spread }
		],
		[1, 1]
	);
	return {
		by,
		char,
		layers,
		low_ms: last.at_ms + minutes(takes.low),
		high_ms: last.at_ms + minutes(takes.high)
	};
}

/** Char of all the wood that was set down; over a bed that was dipped, of what is left of it. */
function byWood(bed: Bed, grounds: FireGrounds): Range | undefined {
	const { load } = grounds;
	if (!load) return undefined;
	if (!bed.isDipped) return charOf(load, grounds);
	const left = (kg: number) => Math.max(0, kg - bed.wood.value);
	const more = charOf(
		{ value: left(load.value), low: left(load.low), high: left(load.high) },
		grounds
	);
	return {
		value: bed.char.value + more.value,
		low: bed.char.low + more.low,
		high: bed.char.high + more.high
	};
}

const within = ({ value, low, high }: Range, most: number): Range => ({
	value,
	low,
	high: Math.min(most, high)
});

/** As full as it gets: by the eye, or less where the wood might not reach. */
const brimful = (full_l: number, room_l: number, bed: Bed, fed: Range | undefined): Range => ({
	value: Math.max(full_l, bed.char.value),
	low: Math.min(room_l * brim.low, fed?.low ?? Infinity),
	high: room_l * brim.high
});

/** So many usual layers make so much char where the bed stands so high. */
function layersFor(left_l: number, at_l: number, grounds: FireGrounds): Range {
	const { shape, massYield, density } = grounds;
	const perLayer_kg = usualLayer.kg_m2 * sectionAt(shape, depthOf(shape, at_l));
	const each_l = (perLayer_kg * massYield.value) / density.value;
	const value = left_l / each_l;
	return { value, low: value / usualLayer.eye.high, high: value / usualLayer.eye.low };
}
