import { z } from 'zod';
import type { NamedKind } from '../core/kinds';
import { metres, type Metres } from '../core/units';
import { complain, fields, nameField, oneOf, optional, text, type Reading } from './form';
import { limits } from './limits';

/** A thing by its kind and the name it goes by. */
export interface Named {
	readonly kind: NamedKind;
	readonly name: string;
}

export interface RenameInput extends Named {
	readonly newName: string;
}
export type RetireInput = Named;
export interface MergeInput extends Named {
	/** The one it is the same as: its name stays. */
	readonly into: string;
}
export interface NameInput extends Named {
	readonly kind: 'place' | 'device' | 'person';
	/** Of a device, what it reads. */
	readonly reads?: string | undefined;
}

export const renameSchema = (kind: NamedKind, name: string) =>
	z
		.object({ newName: nameField })
		.transform(({ newName }): RenameInput => ({ kind, name, newName }));

export const retireSchema = (kind: NamedKind, name: string) =>
	z.object({}).transform((): RetireInput => ({ kind, name }));

export const mergeSchema = (kind: NamedKind, name: string) =>
	z.object({ into: text(80) }).transform(({ into }): MergeInput => ({ kind, name, into }));

/** What a device may read, behind the protocol of real ones. */
export const deviceReads = ['temperature', 'mass', 'moisture', 'ph', 'weather'] as const;

/** A place, a device or a person that is not in the books yet. */
export const namingSchema = () =>
	z
		.object({
			kind: oneOf(['place', 'device', 'person']),
			name: nameField,
			reads: oneOf(['', ...deviceReads]).default('')
		})
		.transform(({ kind, name, reads }, ctx): NameInput => {
			if (kind === 'device' && reads === '') complain(ctx, 'reads', 'choose');
			return { kind, name, reads: kind === 'device' ? reads : undefined };
		});

/** A part of a bed: a rectangle from its nearest corner, or so many pots after so many. */
export interface PartInput {
	readonly bed: string;
	readonly name: string;
	readonly along?: Metres | undefined;
	readonly length?: Metres | undefined;
	readonly across?: Metres | undefined;
	/** Left out, the whole width: a strip. */
	readonly width?: Metres | undefined;
	readonly piecesBefore?: number | undefined;
	readonly pieces?: number | undefined;
}

export function partSchema(reading: Reading, bed: string) {
	const { quantity } = fields(reading);
	return z
		.object({
			name: nameField,
			along: optional(quantity(limits.part.along, metres)),
			partLength: optional(quantity(limits.bed.length, metres)),
			across: optional(quantity(limits.part.across, metres)),
			partWidth: optional(quantity(limits.bed.width, metres)),
			piecesBefore: optional(quantity(limits.part.piecesBefore)),
			pieces: optional(quantity(limits.bed.pieces))
		})
		.transform(({ partLength, partWidth, piecesBefore, pieces, ...typed }): PartInput => ({
			...typed,
			bed,
			length: partLength,
			width: partWidth,
			piecesBefore: piecesBefore === undefined ? undefined : Math.round(piecesBefore),
			pieces: pieces === undefined ? undefined : Math.round(pieces)
		}));
}

/** Water or leaves of one's own on a bed: what has no lot. */
export const ownStuffs = ['water', 'own-leaves'] as const;
export interface OwnInput {
	readonly bed: string;
	readonly material: (typeof ownStuffs)[number];
	readonly litres: number;
}
export function ownSchema(reading: Reading, bed: string) {
	return z
		.object({
			ownStuff: oneOf(ownStuffs),
			ownAmount: fields(reading).quantity(limits.own.amount)
		})
		.transform(({ ownStuff, ownAmount }): OwnInput => ({
			bed,
			material: ownStuff,
			litres: ownAmount as number
		}));
}
