import { z } from 'zod';
import {
	kilograms,
	litres,
	metres,
	wetBasis,
	type Kilograms,
	type Litres,
	type Metres,
	type Part,
	type WetBasis
} from '../core/units';
import {
	covers,
	outlines,
	parsePieces,
	stackForms,
	suspicions,
	woodClasses,
	type CoverId,
	type StackMeasure,
	type StackSize,
	type SuspicionId,
	type ReadingMethod,
	type PieceReading
} from '../core/woodyard';
import {
	fields,
	ids,
	maybeName,
	maybeText,
	oneOf,
	optional,
	raiseRead,
	text,
	ticked,
	type Reading
} from './form';
import { limits } from './limits';

export interface HoldInput {
	readonly code: string;
	readonly held: boolean;
	readonly reason: string;
}

export interface StackInput {
	readonly name: string;
	readonly measure: StackMeasure;
	readonly suspicion: SuspicionId;
	/** Its leaves, chips and compost stay off sensitive crops; fire takes what is harmful. */
	readonly walnut?: boolean;
	readonly cover?: CoverId;
}

export interface MoistureInput {
	readonly code: string;
	readonly method: ReadingMethod;
	readonly pieces: readonly PieceReading[];
}

/** A stack by outline, by own measures, or as so many bundles of which one was weighed. */
export function stackSchema(reading: Reading) {
	const { quantity } = fields(reading);
	const what = {
		name: maybeName(80),
		wood: oneOf(ids(woodClasses)),
		form: oneOf(ids(stackForms)),
		seasoned: oneOf(['yes', 'no', 'dead']),
		suspicion: oneOf(ids(suspicions)),
		walnut: ticked,
		cover: optional(oneOf(ids(covers)))
	};
	const outline = z.object({
		...what,
		sizedBy: z.literal('outline'),
		outline: oneOf(ids(outlines)),
		length: quantity(limits.stack.length, metres),
		height: quantity(limits.stack.height, metres),
		width: optional(quantity(limits.stack.width, metres))
	});
	const measures = z.object({
		...what,
		sizedBy: z.literal('measures'),
		filled: quantity(limits.stack.filled, litres),
		filledAs: maybeText(80)
	});
	const weighed = z.object({
		...what,
		sizedBy: z.literal('weighed'),
		count: quantity(limits.stack.count),
		oneWeight: quantity(limits.stack.oneWeight, kilograms),
		oneHolds: optional(quantity(limits.stack.oneHolds, litres)),
		oneWater: optional(quantity(limits.stack.oneWater, (percent) => wetBasis(percent / 100)))
	});
	return z
		.preprocess(
			(value) =>
				value && typeof value === 'object'
					? { ...value, filledAs: (value as Record<string, unknown>).filled }
					: value,
			z.discriminatedUnion('sizedBy', [outline, measures, weighed], { error: 'choose' })
		)
		.transform((typed): StackInput => {
			const size = sizeOf(typed);
			const form = stackForms.find((entry) => entry.id === typed.form);
			return {
				name: typed.name || (form?.name ?? typed.form),
				suspicion: typed.suspicion,
				...(typed.walnut ? { walnut: true } : {}),
				...(typed.cover ? { cover: typed.cover } : {}),
				measure: {
					size,
					form: typed.form,
					wood: typed.wood,
					seasoned: typed.seasoned !== 'no',
					...(typed.seasoned === 'dead' ? { standingDead: true } : {})
				}
			};
		});
}

type TypedSize =
	| (Omit<Extract<StackSize, { by: 'outline' }>, 'by' | 'width'> & {
			sizedBy: 'outline';
			width?: Metres | undefined;
	  })
	| { sizedBy: 'measures'; filled: Litres; filledAs: string }
	| {
			sizedBy: 'weighed';
			count: number;
			oneWeight: Kilograms;
			oneHolds?: Litres | undefined;
			oneWater?: WetBasis | undefined;
	  };

function sizeOf(typed: TypedSize): StackSize {
	switch (typed.sizedBy) {
		case 'outline': {
			const { outline, length, height, width } = typed;
			return { by: 'outline', outline, length, height, ...(width === undefined ? {} : { width }) };
		}
		case 'measures':
			return { by: 'measures', litres: typed.filled, typed: typed.filledAs };
		case 'weighed': {
			const { count, oneWeight: one, oneHolds, oneWater: water } = typed;
			return {
				by: 'weighed',
				count,
				one,
				...(oneHolds === undefined ? {} : { oneHolds }),
				...(water === undefined ? {} : { water })
			};
		}
	}
}

const mostPieces = 40;

/** Readings as typed in one line: "19 22 24", ">30", "<7". */
export function moistureSchema(code: string) {
	return z
		.object({
			method: oneOf(['pin', 'oven']),
			pieces: text(200).transform((typed, ctx) => {
				const read = parsePieces(typed);
				if (read.status === 'ok' && read.pieces.length <= mostPieces) return read.pieces;
				if (read.status === 'ask') return raiseRead(read, ctx);
				const part = read.status === 'bad' ? read.part : typed;
				const message = /^[<>]?0+([.,]0*)?%?$/.test(part) ? 'no-moisture' : 'bad-number';
				ctx.addIssue({ code: 'custom', message, params: { part } });
				return z.NEVER;
			})
		})
		.transform(({ method, pieces }): MoistureInput => ({ code, method, pieces }));
}

export function holdSchema(code: string) {
	return z
		.object({ held: oneOf(['yes', 'no']), reason: text(200) })
		.transform(({ held, reason }): HoldInput => ({ code, held: held === 'yes', reason }));
}

export interface SplitStackInput {
	readonly code: string;
	readonly part: Part;
}

/** A part of a stack becomes one of its own. */
export const splitStackSchema = (reading: Reading, code: string) =>
	z
		.object({ part: fields(reading).part(limits.load.part) })
		.transform(({ part }): SplitStackInput => ({ code, part }));

export interface JoinStacksInput {
	readonly code: string;
	readonly other: string;
}

/** Two stacks become one. */
export const joinStacksSchema = (_reading: Reading, code: string) =>
	z.object({ other: text(12) }).transform(({ other }): JoinStacksInput => ({ code, other }));
