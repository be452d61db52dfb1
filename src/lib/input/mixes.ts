import { z } from 'zod';
import { mixUses, shapes, type MixUse, type Shape, type Vessel } from '../core/mixes';
import { litres, metres, type Litres } from '../core/units';
import {
	complain,
	fields,
	maybeText,
	nameField,
	oneOf,
	optional,
	type Reading,
	type Values
} from './form';
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

/** Pots that are filled from a mix. */
export interface PotInput {
	readonly code: string;
	readonly pots: number;
	readonly vessel: Vessel;
	/** A target of pots in the books that they are; else they go on nobody’s account. */
	readonly onto?: string | undefined;
}

export function potSchema(reading: Reading, code: string) {
	const { quantity } = fields(reading);
	const { mix } = limits;
	return z
		.object({
			pots: quantity(mix.pots),
			shape: oneOf(shapes).default('round'),
			top: optional(quantity(mix.top, metres)),
			foot: optional(quantity(mix.top, metres)),
			potHigh: optional(quantity(mix.high, metres)),
			cells: optional(quantity(mix.cells)),
			cellVolume: optional(quantity(mix.cellVolume, litres)),
			onto: maybeText(80)
		})
		.transform((typed, ctx): PotInput => {
			const vessel = vesselOf(typed);
			if (!vessel) complain(ctx, typed.shape === 'tray' ? 'cells' : 'top', 'bad-empty');
			return {
				...{ code, pots: Math.round(typed.pots), onto: typed.onto || undefined },
				vessel: vessel ?? { shape: 'round', top: 0.09 }
			};
		});
}

/** A pot by what was typed of it; none where that is too little. */
export function vesselOf(typed: {
	readonly shape: Shape;
	readonly top?: number | undefined;
	readonly foot?: number | undefined;
	readonly potHigh?: number | undefined;
	readonly cells?: number | undefined;
	readonly cellVolume?: number | undefined;
}): Vessel | undefined {
	const { shape, top, foot, potHigh, cells, cellVolume } = typed;
	if (shape === 'tray')
		return cells !== undefined && cellVolume !== undefined
			? { shape, cells, cell_l: cellVolume }
			: undefined;
	if (top === undefined) return undefined;
	const high = potHigh === undefined ? {} : { high: potHigh };
	if (shape === 'block') return { shape, side: top, ...high };
	return { shape, top, ...(foot === undefined ? {} : { foot }), ...high };
}
