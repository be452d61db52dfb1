import { between, litres, metres, product, type Range } from '../units';
import { capacity, depthAtVolume, sectionAt, volumeAtDepth, type Shape } from '../vessels';
import type { Course, LayerOn } from './course';
import type { LayerSize } from './taps';

/** What the books say of a fire before its first layer. */
export interface FireGrounds {
	readonly shape: Shape;
	/** Dry wood of what was set down to be loaded, where anything was, kg. */
	readonly load?: Range;
	/** Dry wood in a loose litre, kg. */
	readonly kgPerLitre: Range;
	/** Char of dry wood, by weight, and dry char in a litre as it comes out, kg. */
	readonly massYield: Range;
	readonly density: Range;
	readonly isOwnYield: boolean;
	/** It is filled before it is lit, and nothing is added. */
	readonly isFilledOnce?: boolean;
}

/**
 * A usual layer, dry wood to the square metre of the bed: covers it and does not smother it. Half and double of it
 * are a thin and a thick one. Source: layers of the program's fire model, between which flame-cap fires burn as
 * published; by eye a grower is off by half.
 */
export const usualLayer = Object.freeze({
	kg_m2: 10,
	by: { thin: 0.5, usual: 1, thick: 2 } satisfies Record<LayerSize, number>,
	eye: { value: 1, low: 0.6, high: 1.5 } satisfies Range,
	source: 'Layers of the fire model: 10 kg of dry wood to the square metre; by eye a half off'
});

/** One layer in the vessel: what went on, and what lies of it once it has burnt. */
export interface Stratum {
	readonly layer: LayerOn;
	readonly dry_kg: number;
	/** Its char, L; and where it lies, m from the floor. */
	readonly char_l: number;
	readonly from_m: number;
	readonly to_m: number;
}

/** The bed of a fire as its layers built it; amounts with their doubt, four times in five. */
export interface Bed {
	readonly strata: readonly Stratum[];
	/** Dry, kg. */
	readonly wood: Range;
	/** Whole and loose, L. */
	readonly char: Range;
	/** Share of the vessel that is full. */
	readonly full: Range;
	/** It was dipped. */
	readonly isDipped: boolean;
}

/** How high so much char stands, m from the floor. */
export const depthOf = (shape: Shape, char_l: number): number => {
	const found = depthAtVolume(shape, litres(Math.max(0, char_l)));
	return found.status === 'holds' ? found.depth : shape.depth;
};
/** Nothing burns on less than so much of the floor. */
const leastArea_m2 = 0.02;
const sumOf = (list: readonly Stratum[]): number =>
	list.reduce((all, { dry_kg }) => all + dry_kg, 0);
const isMeasured = ({ layer }: Stratum): boolean => layer.litres !== undefined;

/** Lay the layers one over the other: a bed that has grown is wider, and takes more. */
export function bedOf(course: Pick<Course, 'layers' | 'depth'>, grounds: FireGrounds): Bed {
	const strata = laid(course, grounds, planShare(course, grounds));
	const { depth } = course;
	const { shape } = grounds;
	const wood = woodOf(strata, grounds);
	const later = depth ? strata.filter(({ layer }) => layer.at_ms > depth.at_ms) : strata;
	const grown = charOf(woodOf(later, grounds), grounds);
	const char = depth ? dipped(grown, volumeAt(shape, depth.depth_m)) : grown;
	const most = capacity(shape);
	const share = (value: number) => Math.min(1, value / most);
	return {
		strata,
		wood,
		char,
		full: { value: share(char.value), low: share(char.low), high: share(char.high) },
		isDipped: depth !== undefined
	};
}

function laid(
	{ layers }: Pick<Course, 'layers'>,
	{ shape, density, massYield, kgPerLitre }: FireGrounds,
	eyeShare: number
): readonly Stratum[] {
	const perKg = massYield.value / density.value;
	let char_l = 0;
	return layers.map((layer) => {
		const from_m = depthOf(shape, char_l);
		const area = Math.max(leastArea_m2, sectionAt(shape, Math.max(from_m, shape.depth / 10)));
		const dry_kg =
			layer.litres === undefined
				? usualLayer.kg_m2 * usualLayer.by[layer.layer] * area * eyeShare
				: layer.litres * kgPerLitre.value;
		char_l += dry_kg * perKg;
		return { layer, dry_kg, char_l: dry_kg * perKg, from_m, to_m: depthOf(shape, char_l) };
	});
}

/** A bed that takes less is narrower, and takes less again: a few rounds settle it. */
const rounds = 12;

/** More went in by eye than there was: all of it shared out over the layers. */
function planShare(course: Pick<Course, 'layers'>, grounds: FireGrounds): number {
	let share = 1;
	for (let round = 0; grounds.load && round < rounds; round += 1) {
		const strata = laid(course, grounds, share);
		const left = Math.max(0, grounds.load.value - sumOf(strata.filter(isMeasured)));
		const eye = sumOf(strata.filter((one) => !isMeasured(one)));
		if (eye <= 0) return share;
		share = Math.min(1, (share * left) / eye);
	}
	return share;
}

const volumeAt = (shape: Shape, depth_m: number): number =>
	volumeAtDepth(shape, metres(Math.min(depth_m, shape.depth)));

/** What is off by eye is off in every layer alike: the doubt of the whole is that of one. */
function woodOf(strata: readonly Stratum[], grounds: FireGrounds): Range {
	const { load, kgPerLitre, shape } = grounds;
	if (grounds.isFilledOnce && strata.length === 0)
		return load ?? scaled(kgPerLitre, capacity(shape));
	const measured = scaled(kgPerLitre, sumOf(strata.filter(isMeasured)) / kgPerLitre.value);
	const eye = scaled(usualLayer.eye, sumOf(strata.filter((one) => !isMeasured(one))));
	const value = measured.value + eye.value;
	const most = load?.high ?? Infinity;
	return {
		value,
		low: measured.low + eye.low,
		high: Math.max(value, Math.min(most, measured.high + eye.high))
	};
}

const scaled = ({ value, low, high }: Range, by: number): Range => ({
	value: value * by,
	low: low * by,
	high: high * by
});

const nothing: Range = { value: 0, low: 0, high: 0 };

/** Dry wood × yield ÷ density, their doubts as ratios in quadrature. */
export const charOf = (wood: Range, { massYield, density }: FireGrounds): Range =>
	wood.value > 0 ? product([wood, massYield, density], [1, 1, -1]) : nothing;

/** A stick in embers reads a tenth off either way. Working assumption. */
const stick = between(0.9, 1.1);

/** So much stood there when it was dipped, and what was laid on since. */
const dipped = (grown: Range, stood_l: number): Range => ({
	value: stood_l + grown.value,
	low: stood_l * stick.low + grown.low,
	high: stood_l * stick.high + grown.high
});
