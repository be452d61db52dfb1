import {
	between,
	known,
	litres,
	metres,
	over,
	reckon,
	times,
	kgDry,
	type Estimate,
	type KgDry,
	type Litres,
	type Range
} from '../units';
import { capacity, depthAtVolume, sectionAt, volumeAtDepth, type Shape } from '../vessels';
import type { Course, LayerOn } from './course';
import type { LayerSize } from './taps';

/** What the books say of a fire before its first layer. */
export interface FireGrounds {
	readonly shape: Shape;
	/** Dry wood of what was set down to be loaded, where anything was. */
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
	eye: between(0.6, 1.5),
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

/** The bed of a fire as its layers built it. */
export interface Bed {
	readonly strata: readonly Stratum[];
	readonly wood: Estimate<KgDry>;
	readonly char: Estimate<Litres>;
	readonly charKg: Estimate<KgDry>;
	/** Share of the vessel that is full, as far as can be told. */
	readonly full: Range;
	readonly depth_m: number;
	/** It was dipped. */
	readonly isDipped: boolean;
}

const depthOf = (shape: Shape, char_l: number): number => {
	const found = depthAtVolume(shape, litres(Math.max(0, char_l)));
	return found.status === 'holds' ? found.depth : shape.depth;
};
/** Nothing burns on less than so much of the floor. */
const leastArea_m2 = 0.02;

/** Lay the layers one over the other: a bed that has grown is wider, and takes more. */
export function bedOf(course: Pick<Course, 'layers' | 'depth'>, grounds: FireGrounds): Bed {
	const { shape, density, massYield, kgPerLitre } = grounds;
	const perKg = massYield.value / density.value;
	const eyeShare = planShare(course, grounds);
	const strata: Stratum[] = [];
	let char_l = 0;
	for (const layer of course.layers) {
		const from_m = depthOf(shape, char_l);
		const area = Math.max(leastArea_m2, sectionAt(shape, Math.max(from_m, shape.depth / 10)));
		const dry_kg =
			layer.litres === undefined
				? usualLayer.kg_m2 * usualLayer.by[layer.layer] * area * eyeShare
				: layer.litres * kgPerLitre.value;
		const more_l = dry_kg * perKg;
		char_l += more_l;
		strata.push({ layer, dry_kg, char_l: more_l, from_m, to_m: depthOf(shape, char_l) });
	}
	return { strata, ...amounts(course, grounds, strata) };
}

/** More went in by eye than there was: all of it shared out over the layers. */
function planShare(course: Pick<Course, 'layers'>, grounds: FireGrounds): number {
	if (!grounds.load) return 1;
	const { load, ...without } = grounds;
	const { strata } = bedOf({ layers: course.layers }, without);
	const byEye = strata.filter(({ layer }) => layer.litres === undefined);
	const measured = strata.filter(({ layer }) => layer.litres !== undefined);
	const sum = (list: readonly Stratum[]) => list.reduce((all, { dry_kg }) => all + dry_kg, 0);
	const left = Math.max(0, load.value - sum(measured));
	const eye = sum(byEye);
	return eye > left && eye > 0 ? left / eye : 1;
}

function amounts(
	{ depth }: Pick<Course, 'depth'>,
	grounds: FireGrounds,
	strata: readonly Stratum[]
): Omit<Bed, 'strata'> {
	const { shape } = grounds;
	const later = depth ? strata.filter(({ layer }) => layer.at_ms > depth.at_ms) : strata;
	const wood = woodOf(strata, grounds);
	const grown = charOf(woodOf(later, grounds), grounds);
	const char = depth ? dipped(grown, volumeAt(shape, depth.depth_m)) : grown;
	const most = capacity(shape);
	const share = (value: number) => Math.min(1, value / most);
	return {
		wood,
		char,
		charKg: reckon(
			kgDry,
			times(
				known('char so far', char, 'L', 'computed', 'layers laid on'),
				known('char density', grounds.density, 'kg/L', 'default', 'class of wood, or own measures')
			),
			{ unit: 'kg', basis: 'dry char' }
		),
		full: { value: share(char.value), low: share(char.low), high: share(char.high) },
		depth_m: depthOf(shape, char.value),
		isDipped: depth !== undefined
	};
}

const volumeAt = (shape: Shape, depth_m: number): number =>
	volumeAtDepth(shape, metres(Math.min(depth_m, shape.depth)));

const woodOf = (strata: readonly Stratum[], grounds: FireGrounds): Estimate<KgDry> => {
	const { load, kgPerLitre } = grounds;
	if (grounds.isFilledOnce && strata.length === 0) return filledWith(grounds);
	const sum = (list: readonly Stratum[]) => list.reduce((all, { dry_kg }) => all + dry_kg, 0);
	const measured = sum(strata.filter(({ layer }) => layer.litres !== undefined));
	const eye = sum(strata.filter(({ layer }) => layer.litres === undefined));
	const { eye: doubt } = usualLayer;
	const of = (amount: number, { value, low, high }: Range): Range => ({
		value: amount,
		low: (amount * low) / value,
		high: (amount * high) / value
	});
	const [m, e] = [of(measured, kgPerLitre), of(eye, { ...doubt, value: 1 })];
	const most = load?.high ?? Infinity;
	const all: Range = {
		value: m.value + e.value,
		low: m.low + e.low,
		high: Math.max(m.value + e.value, Math.min(most, m.high + e.high))
	};
	return reckon(kgDry, known('dry wood laid on', all, 'kg', 'measured', usualLayer.source), {
		unit: 'kg',
		basis: 'dry wood'
	});
};

const filledWith = ({ load, kgPerLitre, shape }: FireGrounds): Estimate<KgDry> =>
	reckon(
		kgDry,
		load
			? known('dry wood loaded', load, 'kg', 'measured', 'the stacks set down for it')
			: times(
					known('the vessel holds', capacity(shape), 'L', 'measured', 'by its measures'),
					known('dry wood in a litre', kgPerLitre, 'kg/L', 'default', 'class of wood, thrown on')
				),
		{ unit: 'kg', basis: 'dry wood' }
	);

const charOf = (wood: Estimate<KgDry>, { massYield, density, isOwnYield }: FireGrounds) =>
	reckon(
		litres,
		over(
			times(
				known('dry wood laid on', wood, 'kg', 'measured', 'layers tapped'),
				known(
					'yield',
					massYield,
					'share',
					isOwnYield ? 'own' : 'default',
					isOwnYield ? 'own fires of this way' : 'published range of this way'
				)
			),
			known('char density', density, 'kg/L', 'default', 'class of wood, or own measures')
		),
		{ unit: 'L', basis: 'whole, loose' }
	);

/** A stick in embers reads a tenth off. */
const stick = 0.1;

const dipped = (grown: Estimate<Litres>, stood_l: number): Estimate<Litres> =>
	reckon(
		litres,
		known(
			'char and embers, dipped',
			{
				value: stood_l + grown.value,
				low: stood_l * (1 - stick) + grown.low,
				high: stood_l * (1 + stick) + grown.high
			},
			'L',
			'measured',
			'a stick dipped, and the layers since'
		),
		{ unit: 'L', basis: 'whole, loose' }
	);
