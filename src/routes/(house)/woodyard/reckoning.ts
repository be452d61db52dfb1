import { amountIn } from '$lib/input/read-field';
import { limits, type Limit } from '$lib/input/limits';
import {
	kilograms,
	litres,
	metres,
	wetBasis,
	type Estimate,
	type KgDry,
	type Litres,
	type Metres,
	type ParseContext
} from '$lib/core/units';
import {
	dryWood,
	isPlausibleSize,
	looseVolume,
	outlines,
	solidVolume,
	stackForms,
	woodClasses,
	type StackMeasure,
	type StackSize
} from '$lib/core/woodyard';

/** What the measuring form holds, as typed. */
export interface StackEntry {
	sizedBy: string;
	outline: string;
	length: string;
	height: string;
	width: string;
	filled: string;
	count: string;
	oneWeight: string;
	oneHolds: string;
	oneWater: string;
	cover: string;
	form: string;
	wood: string;
	seasoned: string;
	suspicion: string;
	name: string;
}

export const freshEntry = (values: Readonly<Record<string, string>>): StackEntry => ({
	sizedBy: values.sizedBy ?? 'outline',
	outline: values.outline ?? 'box',
	length: values.length ?? '',
	height: values.height ?? '',
	width: values.width ?? '',
	filled: values.filled ?? '',
	count: values.count ?? '',
	oneWeight: values.oneWeight ?? '',
	oneHolds: values.oneHolds ?? '',
	oneWater: values.oneWater ?? '',
	cover: values.cover ?? '',
	form: values.form ?? 'rods',
	wood: values.wood ?? 'light-hardwood',
	seasoned: values.seasoned ?? 'yes',
	suspicion: values.suspicion ?? 'none',
	name: values.name ?? ''
});

export interface StackFigures {
	readonly measure: StackMeasure;
	readonly loose: Estimate<Litres>;
	readonly solid: Estimate<Litres>;
	readonly dry: Estimate<KgDry>;
}

/** The answer after two numbers: undefined until they can be read. */
export function reckonStack(entry: StackEntry, context: ParseContext): StackFigures | undefined {
	const size = sizeOf(entry, context);
	const form = stackForms.find(({ id }) => id === entry.form)?.id;
	const wood = woodClasses.find(({ id }) => id === entry.wood)?.id;
	if (!size || !isPlausibleSize(size) || !form || !wood) return undefined;
	const measure: StackMeasure = {
		size,
		form,
		wood,
		seasoned: entry.seasoned !== 'no',
		...(entry.seasoned === 'dead' ? { standingDead: true } : {})
	};
	return {
		measure,
		loose: looseVolume(measure),
		solid: solidVolume(measure),
		dry: dryWood(measure)
	};
}

function sizeOf(entry: StackEntry, context: ParseContext): StackSize | undefined {
	if (entry.sizedBy === 'measures') {
		const filled = amountIn(entry.filled, limits.stack.filled, context);
		return filled === undefined
			? undefined
			: { by: 'measures', litres: litres(filled), typed: entry.filled };
	}
	if (entry.sizedBy === 'weighed') return weighedOf(entry, context);
	const length = lengthOf(entry.length, limits.stack.length, context);
	const height = lengthOf(entry.height, limits.stack.height, context);
	const outline = outlines.find(({ id }) => id === entry.outline)?.id;
	if (length === undefined || height === undefined || !outline) return undefined;
	const width =
		entry.width.trim() === '' ? undefined : lengthOf(entry.width, limits.stack.width, context);
	return { by: 'outline', outline, length, height, ...(width === undefined ? {} : { width }) };
}

function lengthOf(text: string, limit: Limit, context: ParseContext): Metres | undefined {
	const value = amountIn(text, limit, context);
	return value === undefined ? undefined : metres(value);
}

function weighedOf(entry: StackEntry, context: ParseContext): StackSize | undefined {
	const { count: counted, oneWeight, oneHolds, oneWater } = limits.stack;
	const count = amountIn(entry.count, counted, context);
	const one = amountIn(entry.oneWeight, oneWeight, context);
	if (count === undefined || one === undefined) return undefined;
	const size = { by: 'weighed', count, one: kilograms(one) } as const;
	const holds = amountIn(entry.oneHolds, oneHolds, context);
	const water = amountIn(entry.oneWater, oneWater, context);
	return {
		...size,
		...(holds === undefined ? {} : { oneHolds: litres(holds) }),
		...(water === undefined ? {} : { water: wetBasis(water / 100) })
	};
}

/** The face of a pile as it is drawn: its own, or that of the cube that would hold it. */
export function faceOf(measure: StackMeasure, loose: Litres) {
	const { size } = measure;
	if (size.by === 'outline')
		return { outline: size.outline, across: size.length, height: size.height };
	const side = Math.cbrt(loose / 1000);
	return { outline: 'box' as const, across: side, height: side };
}
