import { amountIn } from '$lib/input/read-field';
import { limits, type Limit } from '$lib/input/limits';
import {
	litres,
	metres,
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
	const measure: StackMeasure = { size, form, wood, seasoned: entry.seasoned === 'yes' };
	return { measure, loose: looseVolume(size), solid: solidVolume(measure), dry: dryWood(measure) };
}

function sizeOf(entry: StackEntry, context: ParseContext): StackSize | undefined {
	if (entry.sizedBy === 'measures') {
		const filled = amountIn(entry.filled, limits.stack.filled, context);
		return filled === undefined
			? undefined
			: { by: 'measures', litres: litres(filled), typed: entry.filled };
	}
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
