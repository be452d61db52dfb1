import { z } from 'zod';
import { defaultDepth } from '../../core/beds';
import { metres } from '../../core/units';
import type { BedInput } from '../usecases/measure-bed';
import type { SpreadInput } from '../usecases/spread-lot';
import { fields, maybeText, nameField, oneOf, optional, text, ticked, type Reading } from './form';

const traits = (reading: Reading) => {
	const { length, number } = fields(reading);
	return z.object({
		length: length(metres, 0.1, 300),
		width: length(metres, 0.1, 30),
		depth: optional(length(metres, 0.02, 1)),
		texture: oneOf(['sand', 'sandy-silt', 'loam', 'clay-loam', 'clay']),
		drainage: oneOf(['dries-out', 'even', 'stays-wet']),
		ph: optional(number(3, 10)),
		acidLover: ticked,
		eatenRaw: ticked,
		crop: maybeText(80)
	});
};

const measured = (typed: z.output<ReturnType<typeof traits>>) => ({
	length_m: typed.length,
	width_m: typed.width,
	depth_m: typed.depth ?? defaultDepth,
	texture: typed.texture,
	drainage: typed.drainage,
	ph: typed.ph ?? null,
	acidLover: typed.acidLover,
	eatenRaw: typed.eatenRaw,
	crop: typed.crop
});

/** A bed that is not in the books yet. */
export function bedSchema(reading: Reading) {
	return traits(reading)
		.extend({ name: nameField })
		.transform((typed): BedInput => ({ name: typed.name, isNew: true, ...measured(typed) }));
}

/** The bed of that name, measured again. */
export function bedAgainSchema(reading: Reading, name: string) {
	return traits(reading).transform((typed): BedInput => ({
		name,
		isNew: false,
		...measured(typed)
	}));
}

export function spreadSchema(reading: Reading, bed: string) {
	const { number } = fields(reading);
	return z
		.object({
			lot: text(12),
			form: oneOf(['L/m2', 'kg/m2', 'percent', 'cup/ft2', 'lb/ft2']),
			amount: number(0, 10_000),
			reason: maybeText(300)
		})
		.transform(({ lot, form, amount, reason }): SpreadInput => ({
			bed,
			lot,
			form,
			amount,
			reason
		}));
}
