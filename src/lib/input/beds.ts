import { z } from 'zod';
import {
	askForms,
	defaultDepth,
	ownLot,
	readAsk,
	readMoisture,
	targets,
	waysOfPutting,
	type AskForm,
	type DoseAsk,
	type PutAsked,
	type WayOfPutting,
	type Target,
	type Texture,
	type Drainage,
	type Humus,
	type CropKind
} from '../core/beds';
import { metres, type Part } from '../core/units';
import {
	complain,
	fields,
	ids,
	maybeText,
	nameField,
	oneOf,
	optional,
	text,
	ticked,
	type Check,
	type Reading,
	type Values
} from './form';
import { limits } from './limits';

export interface PutInput {
	readonly bed: string;
	readonly lot: string;
	/** A part of the lot, litres to the square metre, or how deep it lies. */
	readonly part: PutAsked;
	readonly way: WayOfPutting;
}

/** A bed as it was measured. */
export interface MeasuredBed {
	readonly name: string;
	readonly target: Target;
	readonly pieces: number;
	readonly length_m: number;
	readonly width_m: number;
	readonly depth_m: number;
	readonly texture: Texture;
	readonly drainage: Drainage;
	readonly humus: Humus;
	readonly cropKind: CropKind;
	readonly ph: number | null;
	readonly acidLover: boolean;
	readonly eatenRaw: boolean;
	readonly crop: string;
}

export interface BedInput extends MeasuredBed {
	/** Not in the books yet; a name that is taken is then refused, so that no other bed is overwritten. */
	readonly isNew: boolean;
}

export interface RoundInput {
	readonly lot: string;
	readonly stops: readonly {
		readonly bed: string;
		readonly ask: DoseAsk;
		readonly field: string;
		/** Another lot than the round's, for this bed alone. */
		readonly lot?: string | undefined;
	}[];
}

export interface SpreadInput {
	readonly bed: string;
	readonly lot: string;
	readonly ask: DoseAsk;
	readonly way?: WayOfPutting | undefined;
}

const targetTable = targets.map((id) => ({ id }));

const traits = (reading: Reading) => {
	const { quantity } = fields(reading);
	return z.object({
		target: oneOf(ids(targetTable)).default('area'),
		pieces: optional(quantity(limits.bed.pieces)),
		length: quantity(limits.bed.length, metres),
		width: optional(quantity(limits.bed.width, metres)),
		depth: optional(quantity(limits.bed.depth, metres)),
		texture: oneOf(['sand', 'sandy-silt', 'loam', 'clay-loam', 'clay']),
		drainage: oneOf(['dries-out', 'even', 'stays-wet']),
		humus: oneOf(['poor', 'usual', 'rich']),
		cropKind: oneOf(['mixed', 'leaf-and-fruit', 'fine-seed', 'grass-and-grain']),
		ph: optional(quantity(limits.bed.ph)),
		acidLover: ticked,
		eatenRaw: ticked,
		crop: maybeText(80)
	});
};

/** An area has two sides. */
function refuseNoWidth(typed: { target: string; width?: number | undefined }, ctx: Check): void {
	if (typed.target === 'area' && typed.width === undefined) complain(ctx, 'width', 'bad-empty');
}

const measured = (typed: z.output<ReturnType<typeof traits>>) => ({
	target: typed.target,
	pieces: Math.round(typed.pieces ?? 1),
	length_m: typed.length,
	// A pot or crown is round: one measure is both.
	width_m: typed.target === 'area' ? (typed.width ?? typed.length) : typed.length,
	depth_m: typed.depth ?? defaultDepth,
	texture: typed.texture,
	drainage: typed.drainage,
	humus: typed.humus,
	cropKind: typed.cropKind,
	ph: typed.ph ?? null,
	acidLover: typed.acidLover,
	eatenRaw: typed.eatenRaw,
	crop: typed.crop
});

/** A bed that is not in the books yet. */
export function bedSchema(reading: Reading) {
	return traits(reading)
		.extend({ name: nameField })
		.superRefine(refuseNoWidth)
		.transform((typed): BedInput => ({ name: typed.name, isNew: true, ...measured(typed) }));
}

/** The bed of that name, measured again. */
export function bedAgainSchema(reading: Reading, name: string) {
	return traits(reading)
		.superRefine(refuseNoWidth)
		.transform((typed): BedInput => ({ name, isNew: false, ...measured(typed) }));
}

const squareFoot_m2 = 0.3048 ** 2;

/** Anything else in stock on a bed: so much of it, so much to the square metre or foot, or so deep. */
export function putSchema(reading: Reading, bed: string, values: Values = {}) {
	const { part, quantity } = fields(reading);
	const by = values.putAs;
	return z
		.object({
			putLot: text(12),
			putAs: oneOf(['carried', 'per-area', 'depth']).default('carried'),
			part:
				by === 'depth'
					? quantity(limits.put.depth)
					: by === 'per-area'
						? quantity(limits.put.perArea)
						: part(limits.put.part),
			way: oneOf(ids(waysOfPutting))
		})
		.transform(({ putLot, putAs, part, way }): PutInput => ({
			bed,
			lot: putLot,
			part:
				putAs === 'depth'
					? { depth_m: part as number }
					: putAs === 'per-area'
						? { perM2: (part as number) / (reading.system === 'us' ? squareFoot_m2 : 1) }
						: (part as Part),
			way
		}));
}

/** It rained: the ring of a bed once more, of which nothing need be said. */
export const layAgainSchema = (bed: string) => z.object({}).transform(() => ({ bed }));

/** The forms an amount may be in; a unit typed with it wins over the one chosen. */
const askForm = oneOf(askForms);

export function spreadSchema(reading: Reading, bed: string) {
	return z
		.object({
			lot: text(12),
			form: askForm,
			amount: text(60),
			moisture: maybeText(20)
		})
		.transform(({ lot, form, amount, moisture }, ctx): SpreadInput => ({
			bed,
			lot,
			ask: readDose({ amount, form, moisture }, reading, ctx)
		}));
}

const mostAmount = 10_000;

/** A dose as typed in `amount`, complaints standing there. */
export function readDose(
	typed: { amount: string; form: AskForm; moisture: string },
	reading: Reading,
	ctx: Check,
	field = 'amount'
): DoseAsk {
	const moisture = readMoisture(typed.moisture);
	if (typed.moisture !== '' && moisture === undefined) {
		complain(ctx, 'moisture', 'out-of-range-number', { low: 0, high: 95 });
		return z.NEVER;
	}
	const read = readAsk(typed.amount, typed.form, reading, moisture);
	if (read.status === 'ask')
		complain(ctx, field, `ask-${read.code}`, { options: read.options.join(' | ') });
	else if (read.status === 'bad') complain(ctx, field, `bad-${read.code}`, { part: read.part });
	else if (read.ask.by === 'rate' && read.ask.amount > mostAmount)
		complain(ctx, field, 'out-of-range-number', { low: 0, high: mostAmount });
	else return read.ask;
	return z.NEVER;
}

/**
 * One lot over several beds: `amount:<bed>` for each, empty for a bed that is passed by. A unit
 * typed with an amount wins over the form chosen for all.
 */
export function roundSchema(reading: Reading) {
	return z
		.looseObject({
			lot: text(12),
			form: askForm,
			moisture: maybeText(20)
		})
		.transform((typed, ctx): RoundInput => ({
			lot: typed.lot,
			stops: Object.entries(typed).flatMap(([field, amount]) => {
				if (!field.startsWith(stopPrefix) || typeof amount !== 'string') return [];
				if (amount.trim() === '') return [];
				const { lot, text: said } = ownLot(amount);
				const ask = readDose({ ...typed, amount: said }, reading, ctx, field);
				return [{ bed: field.slice(stopPrefix.length), ask, field, ...(lot ? { lot } : {}) }];
			})
		}));
}

const stopPrefix = 'amount:';
