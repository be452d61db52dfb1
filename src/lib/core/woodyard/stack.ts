import {
	between,
	earlier,
	known,
	kgDry,
	litres,
	over,
	reckon,
	times,
	type Estimate,
	type KgDry,
	type Leaf,
	type Litres,
	type Metres,
	type Range
} from '../units';
import {
	assumedWidth,
	bulkSource,
	outline,
	packingSource,
	shrinkage,
	stackForm,
	woodClass,
	woodSource,
	type OutlineId,
	type StackFormId,
	type WoodClassId
} from './data/wood';

/** How the loose volume of a stack was taken. */
export type StackSize =
	| {
			readonly by: 'outline';
			readonly outline: OutlineId;
			readonly length: Metres;
			readonly height: Metres;
			readonly width?: Metres;
	  }
	| { readonly by: 'measures'; readonly litres: Litres; readonly typed: string };

/** What must be known of a stack to say how much dry wood is in it. */
export interface StackMeasure {
	readonly size: StackSize;
	readonly form: StackFormId;
	readonly wood: WoodClassId;
	/** Already shrunk (below about 30 % db) when it was measured. */
	readonly seasoned: boolean;
}

/**
 * Loose volume of a stack, litres by its outline.
 * Basis: outer dimensions, air included. Width missing: about a metre is assumed, with a range.
 */
export function looseVolume(size: StackSize): Estimate<Litres> {
	if (size.by === 'measures')
		return reckon(litres, known('filled', size.litres, 'L', 'measured', size.typed), {
			unit: 'L',
			basis: 'loose, as filled'
		});
	const { fill, name } = outline(size.outline);
	return reckon(
		litres,
		times(
			1000,
			dimension('length', size.length),
			widthTerm(size.width),
			dimension('height', size.height),
			known(
				`share of its box, ${name}`,
				fill,
				'share',
				'typed',
				'box 1, ridge and dome ½ of the box around them'
			)
		),
		{ unit: 'L', basis: 'loose, outline of the stack' }
	);
}

/** Water in wood as it lies, share of its mass: for the weight in the books alone, no forecast rests on it. Source: seasoned under 20 %, green about half. */
export const yardWater = ({ seasoned }: Pick<StackMeasure, 'seasoned'>): number =>
	seasoned ? 0.18 : 0.45;

/** No yard pile is larger; beyond it a unit was mistaken. */
export const largestStack = litres(5e6);

/** Whether a pile of that outline is smaller than the largest that is believed. */
export function isPlausibleSize(size: StackSize): boolean {
	if (size.by === 'measures') return size.litres <= largestStack;
	const width = size.width ?? assumedWidth.high;
	return size.length * width * size.height * 1000 <= largestStack;
}

/** Solid wood in a stack, litres: loose volume × packing fraction. */
export const solidVolume = (stack: StackMeasure): Estimate<Litres> =>
	reckon(
		litres,
		times(earlier('loose volume', looseVolume(stack.size), 'measured'), packingOf(stack.form)),
		{ unit: 'L', basis: 'solid wood' }
	);

/**
 * Dry wood in a stack: loose volume × packing × basic density, and for seasoned wood the
 * 8–12 % by which it has shrunk. Basis: oven-dry kg.
 * Source: USDA Wood Handbook (FPL-GTR-282), ch. 4 and 5.
 * @example dryWood({ size: 1 m³ box, form: 'rods', wood: 'light-hardwood', seasoned: false }) // about 176 kg, 139–224
 */
export function dryWood(stack: StackMeasure): Estimate<KgDry> {
	const loose = earlier('loose volume', looseVolume(stack.size), 'measured');
	const shrunk = known(
		'shrinkage',
		between(shrinkage.low, shrinkage.high),
		'times',
		'default',
		shrinkage.source
	);
	const bulk = bulkOf(stack.wood);
	// What pours was weighed dry: it has no packing of its own, and has shrunk already.
	if (bulk) return reckon(kgDry, over(times(loose, bulk), 1000), { unit: 'kg', basis: 'oven-dry' });
	const solid = times(loose, packingOf(stack.form), densityOf(stack.wood));
	// Litres times kilograms to the cubic metre.
	return reckon(kgDry, over(stack.seasoned ? times(solid, shrunk) : solid, 1000), {
		unit: 'kg',
		basis: 'oven-dry wood'
	});
}

/**
 * So much dry wood of a stack, with the relative doubt of the whole: what left it was no better known.
 * @param measured dry wood when it was measured, kg, above 0
 * @throws RangeError where nothing was measured
 */
export function partOfWood(measured: Range, dry: KgDry): Range {
	const { value, low, high } = measured;
	if (!(value > 0) || !Number.isFinite(high))
		throw new RangeError(`partOfWood: ${value} kg was measured, nothing to share out`);
	return { value: dry, low: (dry * low) / value, high: (dry * high) / value };
}

function packingOf(id: StackFormId): Leaf {
	const form = stackForm(id);
	const name = `solid share, ${form.name}`;
	return known(name, between(...form.packing), 'share', 'default', packingSource);
}

function densityOf(id: WoodClassId): Leaf {
	const wood = woodClass(id);
	const range = between(...wood.basicDensityKgPerM3);
	return known(`basic density, ${wood.name}`, range, 'kg/m³', 'default', woodSource);
}

function bulkOf(id: WoodClassId): Leaf | undefined {
	const { bulkKgPerM3, name } = woodClass(id);
	return (
		bulkKgPerM3 &&
		known(`dry bulk, ${name}`, between(...bulkKgPerM3), 'kg/m³', 'default', bulkSource)
	);
}

const dimension = (name: string, value: Metres): Leaf =>
	known(name, value, 'm', 'measured', 'tape');

function widthTerm(width: Metres | undefined): Leaf {
	if (width !== undefined) return dimension('width', width);
	const { source, ...range } = assumedWidth;
	return known('width', range, 'm', 'default', source);
}
