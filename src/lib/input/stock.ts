import { z } from 'zod';
import { isMaterial, type Measured, type MaterialId, type Measure } from '../core/materials';
import { exactly } from '../core/units';
import { measureField } from './charging';
import { complain, fields, maybeText, optional, text, type Check, type Reading } from './form';
import { limits } from './limits';

export interface AnalysisInput {
	readonly material: MaterialId;
	readonly measured: Measured;
}

export interface StockInput {
	readonly material: MaterialId;
	/** What this lot is called; the material's own name where nothing is said. */
	readonly name: string;
	readonly measure: Measure;
	/** Share of its litres that is char, as it was told: strewn as bedding, or fed. */
	readonly charTold?: number | undefined;
}

const materialField = text(60).transform((id, ctx): MaterialId => {
	if (isMaterial(id)) return id;
	ctx.addIssue({ code: 'custom', message: 'choose' });
	return z.NEVER;
});

/** Something brought in: what, how much as used, and what it is called. */
export function stockSchema(reading: Reading) {
	const { quantity } = fields(reading);
	return z
		.object({
			material: materialField,
			amount: measureField(reading),
			name: maybeText(80),
			charTold: optional(quantity(limits.stock.charTold))
		})
		.transform(({ material, amount, name, charTold }): StockInput => ({
			...{ material, name, measure: amount },
			...(charTold === undefined ? {} : { charTold: charTold / 100 })
		}));
}

/** What the grower measured: a weighed measure, or an analysis as the sheet gives it. */
export function analysisSchema(reading: Reading) {
	const { quantity } = fields(reading);
	return z
		.object({
			analysed: materialField,
			sampleVolume: optional(quantity(limits.stock.sampleVolume)),
			sampleMass: optional(quantity(limits.stock.sampleMass)),
			water: optional(quantity(limits.stock.water)),
			nitrogen: optional(quantity(limits.stock.nitrogen)),
			phosphorus: optional(quantity(limits.stock.phosphorus)),
			potassium: optional(quantity(limits.stock.potassium)),
			lime: optional(quantity(limits.stock.lime)),
			ph: optional(quantity(limits.stock.ph))
		})
		.transform((typed, ctx): AnalysisInput => ({
			material: typed.analysed,
			measured: measuredFrom(typed, ctx)
		}));
}

interface Typed {
	readonly sampleVolume?: number | undefined;
	readonly sampleMass?: number | undefined;
	readonly water?: number | undefined;
	readonly nitrogen?: number | undefined;
	readonly phosphorus?: number | undefined;
	readonly potassium?: number | undefined;
	readonly lime?: number | undefined;
	readonly ph?: number | undefined;
}

function measuredFrom(typed: Typed, ctx: Check): Measured {
	const { sampleVolume, sampleMass } = typed;
	if ((sampleVolume === undefined) !== (sampleMass === undefined))
		complain(ctx, sampleVolume === undefined ? 'sampleVolume' : 'sampleMass', 'bad-empty');
	const one = (name: keyof Measured, value: number | undefined, scale = 1): Measured =>
		value === undefined ? {} : { [name]: exactly(value * scale) };
	return {
		...(sampleVolume && sampleMass ? one('density', sampleMass / sampleVolume) : {}),
		...one('water', typed.water, 0.01),
		...one('nitrogen', typed.nitrogen),
		...one('phosphorus', typed.phosphorus),
		...one('potassium', typed.potassium),
		...one('lime', typed.lime, 0.01),
		...one('ph', typed.ph)
	};
}
