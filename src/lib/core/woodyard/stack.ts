import {
	asInput,
	between,
	estimate,
	exactly,
	kgDry,
	litres,
	product,
	type Estimate,
	type Input,
	type KgDry,
	type Litres,
	type Metres,
	type Range
} from '../units';
import {
	assumedWidth,
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
		return estimate(litres, exactly(size.litres), {
			unit: 'L',
			basis: 'loose, as filled',
			formula: 'own measures counted',
			from: [
				{ name: 'filled', value: size.litres, unit: 'L', origin: 'measured', source: size.typed }
			]
		});
	const { fill, name } = outline(size.outline);
	const width: Range = size.width === undefined ? assumedWidth : exactly(size.width);
	const sides = [exactly(size.length), width, exactly(size.height), exactly(fill * 1000)];
	return estimate(litres, product(sides), {
		unit: 'L',
		basis: 'loose, outline of the stack',
		formula: 'length × width × height × share of the outline',
		from: [
			dimension('length', size.length),
			widthInput(size.width),
			dimension('height', size.height),
			{
				name: `outline: ${name}`,
				value: fill,
				unit: 'share',
				origin: 'typed',
				source: 'box 1, ridge and dome ½ of the box around them'
			}
		]
	});
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
export function solidVolume(stack: StackMeasure): Estimate<Litres> {
	const loose = looseVolume(stack.size);
	const packing = packingOf(stack.form);
	return estimate(litres, product([loose, packing]), {
		unit: 'L',
		basis: 'solid wood',
		formula: 'loose volume × solid share',
		from: [asInput('loose volume', loose, 'measured'), packing]
	});
}

/**
 * Dry wood in a stack: loose volume × packing × basic density, and for seasoned wood the
 * 8–12 % by which it has shrunk. Basis: oven-dry kg. Independent terms, in quadrature on logs.
 * Source: USDA Wood Handbook (FPL-GTR-282), ch. 4 and 5.
 * @example dryWood({ size: 1 m³ box, form: 'rods', wood: 'light-hardwood', seasoned: false }) // about 176 kg, 139–224
 */
export function dryWood(stack: StackMeasure): Estimate<KgDry> {
	const loose = looseVolume(stack.size);
	const packing = packingOf(stack.form);
	const density = densityOf(stack.wood);
	const inputs: Input[] = [asInput('loose volume', loose, 'measured'), packing, density];
	const terms: Range[] = [loose, packing, density, exactly(1 / 1000)];
	if (stack.seasoned) {
		const shrunk = between(shrinkage.low, shrinkage.high);
		terms.push(shrunk);
		inputs.push({
			name: 'shrunk in drying',
			...shrunk,
			unit: 'times',
			origin: 'default',
			source: shrinkage.source
		});
	}
	return estimate(kgDry, product(terms), {
		unit: 'kg',
		basis: 'oven-dry wood',
		formula: 'loose volume × solid share × basic density' + (stack.seasoned ? ' × shrinkage' : ''),
		from: inputs
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

function packingOf(id: StackFormId): Input & Range {
	const form = stackForm(id);
	return {
		name: `solid share, ${form.name}`,
		...between(...form.packing),
		unit: 'share',
		origin: 'default',
		source: packingSource
	};
}

function densityOf(id: WoodClassId): Input & Range {
	const wood = woodClass(id);
	return {
		name: `basic density, ${wood.name}`,
		...between(...wood.basicDensityKgPerM3),
		unit: 'kg/m³',
		origin: 'default',
		source: woodSource
	};
}

const dimension = (name: string, value: Metres): Input => ({
	name,
	value,
	unit: 'm',
	origin: 'measured',
	source: 'tape'
});

function widthInput(width: Metres | undefined): Input {
	if (width !== undefined) return dimension('width', width);
	const { source, ...range } = assumedWidth;
	return { name: 'width', ...range, unit: 'm', origin: 'default', source };
}
