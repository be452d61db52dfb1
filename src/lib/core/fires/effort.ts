import {
	between,
	known,
	over,
	reckon,
	times,
	type Estimate,
	type Litres,
	type Metres
} from '../units';
import { rimArea, type Shape } from '../vessels';
import { wayOf, type WayId } from './data/ways';

/** A layer covers the bed without smothering it: one to two hands of loose wood. Source: burn practice. */
const layerDepth_m = between(0.08, 0.2);

/**
 * Layers that a load makes, each a thin cover over the mean of floor and rim; none where a vessel is filled once.
 * @param loose litres of the load as it lies
 */
export function layersOf(way: WayId, shape: Shape, loose: Litres): Estimate | undefined {
	if (wayOf(way).filledOnce || way === 'stove' || loose <= 0) return undefined;
	// The bed starts on the floor and ends under the rim.
	const mean_m2 = Math.max(0.05, rimArea(shape) * 0.75);
	return reckon<number>(
		(value) => value,
		over(
			known('load as it lies', loose, 'L', 'computed', 'the stacks chosen'),
			times(
				1000,
				known('bed, on the way up', mean_m2, 'm²', 'computed', 'three quarters of the rim'),
				known(
					'a layer, thick',
					layerDepth_m,
					'm',
					'default',
					'Practice: thin enough to flame through'
				)
			)
		),
		{ unit: 'times', basis: 'layers' }
	);
}

export interface Cutting {
	/** Saw cuts to bring every piece into the vessel. */
	readonly cuts: number;
	readonly sawing_h: Estimate;
	/** Metres that a pit would have to be longer, and the earth and time that is. */
	readonly longer?: {
		readonly by_m: number;
		readonly earth_l: number;
		readonly digging_h: Estimate;
	};
}

/** Earth one person moves with a spade in an hour, L. */
const dug_l_per_h = between(300, 800);

/**
 * What long pieces cost: cut to what fits, or a pit dug as long as they are.
 * @param solid_l solid wood, L
 * @param pieces longest, and their usual thickness, m
 * @param seconds for one cut, the grower's own
 * @throws RangeError for pieces without thickness, or what is no number
 * @returns nothing where they fit
 */
export function cuttingOf(
	shape: Shape,
	solid_l: number,
	pieces: { readonly longest: Metres; readonly thick: Metres },
	seconds: number | undefined
): Cutting | undefined {
	const given = [solid_l, pieces.longest, pieces.thick, seconds ?? 1];
	if (!given.every((amount) => Number.isFinite(amount) && amount >= 0) || pieces.thick <= 0)
		throw new RangeError(`cuttingOf: ${given.join(', ')} are no pieces of wood`);
	const fits = longestInside(shape);
	if (!(solid_l > 0) || pieces.longest <= fits) return undefined;
	const section_m2 = (Math.PI * pieces.thick ** 2) / 4;
	const count = Math.max(1, Math.round(solid_l / 1000 / section_m2 / pieces.longest));
	const each = Math.ceil(pieces.longest / fits - 1e-9) - 1;
	const cuts = count * each;
	const cut = known(
		'a cut',
		seconds === undefined ? between(10 / 60, 40 / 60) : seconds / 60,
		'min',
		seconds === undefined ? 'default' : 'own',
		seconds === undefined ? 'Assumed of a bow saw on thin wood; time ten of your own' : 'as typed'
	);
	const sawing_h = hours(over(times(cuts, cut), 60), 'sawing');
	if (shape.kind !== 'trench') return { cuts, sawing_h };
	const by_m = pieces.longest - fits;
	const earth_l = 1000 * by_m * shape.depth * ((shape.rimWidth + shape.floorWidth) / 2);
	const digging_h = hours(
		over(
			known('earth', earth_l, 'L', 'computed', 'extra length × section'),
			known(
				'an hour moves',
				dug_l_per_h,
				'L',
				'default',
				'Practice: a spade in loam; stones halve it'
			)
		),
		'digging'
	);
	return { cuts, sawing_h, longer: { by_m, earth_l, digging_h } };
}

const hours = (term: Parameters<typeof reckon>[1], basis: string): Estimate =>
	reckon<number>((value) => value, term, { unit: 'h', basis });

/** The longest piece that lies flat in a vessel, m. */
function longestInside(shape: Shape): number {
	if (shape.kind === 'trench') return Math.max(shape.floorLength, 0.1);
	if (shape.kind === 'lying') return shape.rimLength;
	if (shape.kind === 'pile') return Infinity;
	return Math.max(shape.rimWidth, 0.1);
}
