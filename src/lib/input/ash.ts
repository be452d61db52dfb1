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
import { exactly } from '../core/units';
import { measureField } from './charging';
import { complain, fields, maybeText, oneOf, optional, ticked, type Reading } from './form';
import { limits } from './limits';

export interface AshInput {
	readonly source: AshSource;
	readonly material: MaterialId;
	readonly name: string;
	readonly measure: Measure;
	readonly sifted: boolean;
	/** What else may have been burned there is not known. */
	readonly unsure: boolean;
	/** What the bag or a laboratory says, and a weighed scoop. */
	readonly measured: Measured;
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
			name: maybeText(80),
			sifted: ticked,
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
				sifted: typed.sifted,
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
