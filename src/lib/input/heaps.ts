import { z } from 'zod';
import { unders, ways, type HeapWay, type Under } from '../core/heaps';
import { isMaterial, readMeasure, type MaterialId, type Measure } from '../core/materials';
import {
	kilograms,
	litres,
	metres,
	type Kilograms,
	type Litres,
	type Metres,
	type Part
} from '../core/units';
import {
	complain,
	fields,
	ids,
	maybeName,
	nameField,
	oneOf,
	optional,
	ticked,
	unused,
	type Reading,
	type Values
} from './form';
import { limits } from './limits';
import { issueOf } from './read-field';

/** One stuff that is laid: out of a lot, or brought in now. */
export interface LaidPart {
	/** The number of its line on the form. */
	readonly row: number;
	readonly stuff: MaterialId | 'lot';
	readonly lot?: string | undefined;
	readonly measure: Measure;
}

export interface HeapInput {
	readonly way: HeapWay;
	/** Its corner. */
	readonly name: string;
	readonly across?: Metres | undefined;
	readonly length?: Metres | undefined;
	readonly width?: Metres | undefined;
	readonly depth?: Metres | undefined;
	readonly isTough: boolean;
	readonly isShredded: boolean;
	readonly isStreet: boolean;
	readonly isCovered: boolean;
	readonly forAcidLovers: boolean;
	readonly urine?: 'fresh' | 'stored' | undefined;
	/** What a path lies on, and whether boards hold it. */
	readonly under?: Under | undefined;
	readonly hasTimber?: boolean;
	readonly parts: readonly LaidPart[];
}

export interface AddInput {
	readonly code: string;
	readonly parts: readonly LaidPart[];
}

export interface LiftInput {
	readonly code: string;
	/** Of the heap; unsaid, by what was lifted where it is a path, else all of it. */
	readonly part?: Part | undefined;
	/** Of a path: so long a stretch of it. */
	readonly stretch?: Metres | undefined;
	/** As measured; sieved, what went through. */
	readonly fine: Litres;
	readonly coarse?: Litres | undefined;
	/** Of what went through, where it was weighed. */
	readonly kg?: Kilograms | undefined;
	readonly name: string;
}

/** Lines of a form for what is laid. */
export const rows = Object.freeze([1, 2, 3, 4, 5, 6, 7, 8] as const);

/** `straw`, or of a lot `lot:M12`. */
export function laidStuff(chosen: string): Pick<LaidPart, 'stuff' | 'lot'> | undefined {
	const lot = /^lot:([A-Z]\d{1,7})$/.exec(chosen)?.[1];
	if (lot) return { stuff: 'lot', lot };
	return isMaterial(chosen) ? { stuff: chosen } : undefined;
}

/** Every line on which an amount stands; a heap of nothing is told at the first. */
export const laidFrom = (reading: Reading, values: Values) =>
	unused.transform((_value, ctx): readonly LaidPart[] => {
		const parts = rows.flatMap((row): LaidPart[] => {
			const typed = values[`part${row}`]?.trim() ?? '';
			if (typed === '') return [];
			const stuff = laidStuff(values[`stuff${row}`] ?? '');
			if (!stuff) {
				complain(ctx, `stuff${row}`, 'choose');
				return [];
			}
			const read = readMeasure(typed, reading);
			if (read.status === 'ok') return [{ row, ...stuff, measure: read.measure }];
			const { code, facts } = issueOf(read);
			complain(ctx, `part${row}`, code, facts);
			return [];
		});
		const isAnyTyped = rows.some((row) => (values[`part${row}`]?.trim() ?? '') !== '');
		if (!isAnyTyped) complain(ctx, 'part1', 'bad-empty');
		return parts;
	});

/** A heap that is begun. */
export function heapSchema(reading: Reading, values: Values) {
	const { quantity } = fields(reading);
	const { heap } = limits;
	return z
		.object({
			heapWay: oneOf(ids(ways)),
			name: nameField,
			across: optional(quantity(heap.across, metres)),
			heapLength: optional(quantity(heap.heapLength, metres)),
			heapWidth: optional(quantity(heap.heapWidth, metres)),
			heapDepth: optional(quantity(heap.heapDepth, metres)),
			tough: ticked,
			shredded: ticked,
			street: ticked,
			covered: ticked,
			acidLovers: ticked,
			urineAge: oneOf(['', 'fresh', 'stored']).default(''),
			under: oneOf(['', ...unders]).default(''),
			timber: ticked,
			parts: laidFrom(reading, values)
		})
		.superRefine(({ heapLength, heapWidth }, ctx) => {
			if ((heapLength === undefined) !== (heapWidth === undefined))
				complain(ctx, heapLength === undefined ? 'heapLength' : 'heapWidth', 'bad-empty');
		})
		.transform((typed): HeapInput => ({
			way: typed.heapWay as HeapWay,
			name: typed.name,
			across: typed.across,
			length: typed.heapLength,
			width: typed.heapWidth,
			depth: typed.heapDepth,
			isTough: typed.tough,
			isShredded: typed.shredded,
			isStreet: typed.street,
			isCovered: typed.covered,
			forAcidLovers: typed.acidLovers,
			urine: typed.urineAge === '' ? undefined : typed.urineAge,
			under: typed.under === '' ? undefined : typed.under,
			hasTimber: typed.timber,
			parts: typed.parts
		}));
}

/** More on a heap. */
export const addSchema = (reading: Reading, code: string, values: Values) =>
	z
		.object({ parts: laidFrom(reading, values) })
		.transform(({ parts }): AddInput => ({ code, parts }));

/** What comes off a heap, as it was measured. */
export function liftSchema(reading: Reading, code: string) {
	const { quantity, part } = fields(reading);
	return z
		.object({
			taken: optional(part(limits.put.part)),
			stretch: optional(quantity(limits.heap.stretch, metres)),
			lifted: quantity(limits.heap.lifted, litres),
			coarse: optional(quantity(limits.heap.coarse, litres)),
			liftedWeight: optional(quantity(limits.heap.liftedWeight, kilograms)),
			liftedName: maybeName(80)
		})
		.transform((typed): LiftInput => ({
			code,
			part: typed.taken,
			stretch: typed.stretch,
			fine: typed.lifted,
			coarse: typed.coarse,
			kg: typed.liftedWeight,
			name: typed.liftedName
		}));
}
