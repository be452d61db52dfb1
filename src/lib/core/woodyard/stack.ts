import {
	between,
	earlier,
	known,
	kgDry,
	less,
	litres,
	over,
	reckon,
	times,
	type Estimate,
	type KgDry,
	type Kilograms,
	type Leaf,
	type Litres,
	type Metres,
	type Range,
	type Term,
	type WetBasis
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
import { unreadSource, unreadWater, type WoodCondition } from './data/lying';

/** How the loose volume of a stack was taken. */
export type StackSize =
	| {
			readonly by: 'outline';
			readonly outline: OutlineId;
			readonly length: Metres;
			readonly height: Metres;
			readonly width?: Metres;
	  }
	| { readonly by: 'measures'; readonly litres: Litres; readonly typed: string }
	| {
			/** So many bundles or tubs alike, of which one was weighed. */
			readonly by: 'weighed';
			readonly count: number;
			readonly one: Kilograms;
			/** Outer volume of that one; left out, it is reckoned back from its dry wood. */
			readonly oneHolds?: Litres;
			/** Its water, wet basis; left out, by its condition. */
			readonly water?: WetBasis;
	  };

/** What must be known of a stack to say how much dry wood is in it. */
export interface StackMeasure {
	readonly size: StackSize;
	readonly form: StackFormId;
	readonly wood: WoodClassId;
	/** Already shrunk (below about 30 % db) when it was measured. */
	readonly seasoned: boolean;
	/** Died on its stem: shrunk, yet wetter than seasoned wood. */
	readonly standingDead?: boolean;
}

const conditionOf = ({ seasoned, standingDead }: StackMeasure): WoodCondition =>
	standingDead ? 'standing-dead' : seasoned ? 'seasoned' : 'green';

/**
 * Loose volume of a stack, litres by its outline.
 * Basis: outer dimensions, air included. Width missing: about a metre is assumed, with a range.
 * Of bundles of which one was weighed: as many times that one, or reckoned back from its dry wood.
 */
export function looseVolume(stack: StackMeasure): Estimate<Litres> {
	const { size } = stack;
	if (size.by === 'weighed') return looseOfWeighed(stack, size);
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

/** Water in wood as it lies, share of its mass: for the weight in the books alone, no forecast rests on it. Source: seasoned under 20 %, standing dead about a quarter, green about half. */
export const yardWater = ({
	seasoned,
	standingDead
}: Pick<StackMeasure, 'seasoned' | 'standingDead'>): number =>
	standingDead ? 0.26 : seasoned ? 0.18 : 0.45;

/** No yard pile is larger; beyond it a unit was mistaken. */
export const largestStack = litres(5e6);

/** Whether a pile of that outline is smaller than the largest that is believed. */
export function isPlausibleSize(size: StackSize): boolean {
	if (size.by === 'measures') return size.litres <= largestStack;
	// The lightest of wood lies at some 20 kg to the cubic metre.
	if (size.by === 'weighed')
		return size.count * Math.max(size.oneHolds ?? 0, size.one / 0.02) <= largestStack;
	const width = size.width ?? assumedWidth.high;
	return size.length * width * size.height * 1000 <= largestStack;
}

/** Solid wood in a stack, litres: loose volume × packing fraction. */
export const solidVolume = (stack: StackMeasure): Estimate<Litres> =>
	reckon(
		litres,
		stack.size.by === 'weighed'
			? over(
					times(1000, earlier('dry wood', dryWood(stack), 'measured')),
					densityOf(stack.wood),
					stack.seasoned ? shrunk : 1
				)
			: times(earlier('loose volume', looseVolume(stack), 'measured'), packingOf(stack.form)),
		{ unit: 'L', basis: 'solid wood' }
	);

/**
 * Dry wood in a stack: loose volume × packing × basic density, and for seasoned wood the
 * 8–12 % by which it has shrunk. Basis: oven-dry kg.
 * Source: USDA Wood Handbook (FPL-GTR-282), ch. 4 and 5.
 * @example dryWood({ size: 1 m³ box, form: 'rods', wood: 'light-hardwood', seasoned: false }) // about 176 kg, 139–224
 */
export function dryWood(stack: StackMeasure): Estimate<KgDry> {
	if (stack.size.by === 'weighed')
		return reckon(kgDry, times(stack.size.count, alike, oneDry(stack, stack.size)), {
			unit: 'kg',
			basis: 'oven-dry wood'
		});
	const loose = earlier('loose volume', looseVolume(stack), 'measured');
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

/** Bundles of one hand are alike within a tenth. */
const alike = known(
	'likeness of the others to the weighed one',
	{ value: 1, low: 0.9, high: 1.1 },
	'times',
	'default',
	'Assumed of bundles made by one hand. Weigh one of middling size'
);

const shrunk = known(
	'shrinkage',
	between(shrinkage.low, shrinkage.high),
	'times',
	'default',
	shrinkage.source
);

type Weighed = Extract<StackSize, { by: 'weighed' }>;

/** Dry wood of the one that was weighed: its weight less its water. */
function oneDry(stack: StackMeasure, { one, water }: Weighed): Term {
	const weight = known('weight of one', one, 'kg', 'measured', 'as it lies');
	if (water !== undefined)
		return times(weight, less(1, known('its water', water, 'share', 'measured', 'wet basis')));
	const [low, high] = unreadWater(stack.wood, conditionOf(stack)).map((db) => db / (1 + db));
	const unread = known('its water, unread', between(low!, high!), 'share', 'default', unreadSource);
	return times(weight, less(1, unread));
}

function looseOfWeighed(stack: StackMeasure, size: Weighed): Estimate<Litres> {
	const basis = { unit: 'L', basis: 'loose, all the bundles' } as const;
	if (size.oneHolds !== undefined)
		return reckon(
			litres,
			times(size.count, known('one of them', size.oneHolds, 'L', 'measured', 'its outline')),
			basis
		);
	const bulk =
		bulkOf(stack.wood) ??
		times(densityOf(stack.wood), packingOf(stack.form), stack.seasoned ? shrunk : 1);
	return reckon(
		litres,
		over(times(1000, earlier('dry wood', dryWood(stack), 'measured')), bulk),
		basis
	);
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
