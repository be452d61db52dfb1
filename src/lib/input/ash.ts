import { z } from 'zod';
import {
	ashSources,
	elementOfOxide,
	refusedFuels,
	type AshSource,
	type MaterialId,
	type Measure,
	type Measured
} from '../core/materials';
import { exactly, kilograms, litres, type Kilograms, type Litres } from '../core/units';
import type { WoodClassId } from '../core/woodyard';
import { measureField } from './charging';
import { complain, fields, maybeName, oneOf, optional, ticked, type Reading } from './form';
import { limits } from './limits';

export interface AshInput {
	readonly source: AshSource;
	readonly material: MaterialId;
	readonly name: string;
	readonly measure: Measure;
	readonly sifted: boolean;
	/** Charred bits that were sifted out of it, as a char lot; none where none were weighed. */
	readonly bits?: Bits | undefined;
	/** What else may have been burned there is not known. */
	readonly unsure: boolean;
	/** What the bag or a laboratory says, and a weighed scoop. */
	readonly measured: Measured;
}

interface Bits {
	readonly litres: Litres;
	/** As they lay, dry. */
	readonly kg?: Kilograms | undefined;
	readonly wood: WoodClassId;
}

const fuels = ['none', 'unsure', ...refusedFuels.map(({ id }) => id)] as const;

/** An ash lot: where it comes from, of what wood, how it was kept, and how much of it there is. */
export function ashSchema(reading: Reading) {
	const { quantity } = fields(reading);
	return z
		.object({
			source: oneOf([...ashSources] as [AshSource, ...AshSource[]]),
			wood: oneOf(['hardwood', 'softwood']),
			kept: oneOf(['dry', 'rained-on']),
			alsoBurned: oneOf([...fuels] as [string, ...string[]]),
			amount: measureField(reading),
			name: maybeName(80),
			sifted: ticked,
			bits: optional(quantity(limits.charIn.volume, litres)),
			bitsWeight: optional(quantity(limits.charIn.weight, kilograms)),
			sampleVolume: optional(quantity(limits.stock.sampleVolume)),
			sampleMass: optional(quantity(limits.stock.sampleMass)),
			cce: optional(quantity(limits.stock.lime)),
			k2o: optional(quantity(limits.stock.k2o))
		})
		.transform((typed, ctx): AshInput => {
			const refused = refusedFuels.find(({ id }) => id === typed.alsoBurned);
			if (refused) complain(ctx, 'alsoBurned', 'refused-ash', { what: refused.name });
			const { sampleVolume, sampleMass } = typed;
			if ((sampleVolume === undefined) !== (sampleMass === undefined))
				complain(ctx, sampleVolume === undefined ? 'sampleVolume' : 'sampleMass', 'bad-empty');
			if (typed.bitsWeight !== undefined && typed.bits === undefined)
				complain(ctx, 'bits', 'bad-empty');
			const one = (name: keyof Measured, value: number | undefined): Measured =>
				value === undefined ? {} : { [name]: exactly(value) };
			return {
				source: typed.source,
				material:
					typed.kept === 'rained-on'
						? 'rained-on-ash'
						: `${typed.wood as 'hardwood' | 'softwood'}-ash`,
				name: typed.name,
				measure: typed.amount,
				sifted: typed.sifted || typed.bits !== undefined,
				...(typed.bits === undefined
					? {}
					: {
							bits: {
								litres: typed.bits,
								kg: typed.bitsWeight,
								wood: typed.wood === 'hardwood' ? 'dense-hardwood' : 'softwood'
							}
						}),
				unsure: typed.alsoBurned === 'unsure',
				measured: {
					...(sampleVolume && sampleMass ? one('density', sampleMass / sampleVolume) : {}),
					...one('lime', typed.cce === undefined ? undefined : typed.cce / 100),
					...one('potassium', typed.k2o === undefined ? undefined : elementOf(typed.k2o))
				}
			};
		});
}

/** K₂O, percent of the mass, as grams of the element to the kilogram. */
const elementOf = (k2o: number) => k2o * 10 * elementOfOxide.potassium;
