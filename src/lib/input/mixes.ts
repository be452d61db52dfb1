import { z } from 'zod';
import { mixUses, type MixUse } from '../core/mixes';
import { litres, type Litres } from '../core/units';
import { fields, nameField, oneOf, optional, type Reading, type Values } from './form';
import { laidFrom, type LaidPart } from './heaps';
import { limits } from './limits';

/** A blend or a potting mix that is made. */
export interface MixInput {
	readonly use: MixUse;
	readonly name: string;
	readonly parts: readonly LaidPart[];
	/** As it was measured once mixed; else as much as such parts usually come to. */
	readonly litres?: Litres | undefined;
}

export function mixSchema(reading: Reading, values: Values) {
	const { quantity } = fields(reading);
	return z
		.object({
			mixUse: oneOf(mixUses),
			name: nameField,
			mixed: optional(quantity(limits.mix.mixed, litres)),
			parts: laidFrom(reading, values)
		})
		.transform((typed): MixInput => ({
			use: typed.mixUse,
			name: typed.name,
			parts: typed.parts,
			litres: typed.mixed
		}));
}
