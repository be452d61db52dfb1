import { z } from 'zod';
import {
	isMaterial,
	type BagPrint,
	type Measured,
	type MaterialId,
	type Measure
} from '../core/materials';
import { exactly } from '../core/units';
import { measureField } from './charging';
import {
	complain,
	fields,
	maybeName,
	oneOf,
	optional,
	text,
	type Check,
	type Reading
} from './form';
import { limits } from './limits';

export interface AnalysisInput {
	readonly material: MaterialId;
	readonly measured: Measured;
}

/** What was measured of one lot. */
export interface LotAnalysisInput {
	readonly code: string;
	readonly measured: Measured;
}

export interface StockInput {
	readonly material: MaterialId;
	/** What this lot is called; the material's own name where nothing is said. */
	readonly name: string;
	readonly measure: Measure;
	/** Share of its litres that is char, as it was told: strewn as bedding, or fed. */
	readonly charTold?: number | undefined;
	/** Bought: so many bags of that measure, and what one cost. */
	readonly bought?: { readonly bags: number; readonly price?: number } | undefined;
	/** What is printed on the bag. */
	readonly printed?: BagPrint | undefined;
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
			name: maybeName(80),
			charTold: optional(quantity(limits.stock.charTold)),
			bags: optional(quantity(limits.stock.bags)),
			bagPrice: optional(quantity(limits.stock.bagPrice)),
			bagN: optional(quantity(limits.stock.bagN)),
			bagP: optional(quantity(limits.stock.bagP)),
			bagK: optional(quantity(limits.stock.bagK)),
			bagAs: oneOf(['oxide', 'element']).default('oxide')
		})
		.transform(({ material, amount, name, charTold, bags, bagPrice, ...bag }): StockInput => ({
			...{ material, name, measure: amount },
			...printedIn(bag),
			...(charTold === undefined ? {} : { charTold: charTold / 100 }),
			...(bags === undefined && bagPrice === undefined
				? {}
				: { bought: { bags: bags ?? 1, ...(bagPrice === undefined ? {} : { price: bagPrice }) } })
		}));
}

function printedIn({
	bagN,
	bagP,
	bagK,
	bagAs
}: {
	readonly bagN?: number | undefined;
	readonly bagP?: number | undefined;
	readonly bagK?: number | undefined;
	readonly bagAs: BagPrint['as'];
}): Pick<StockInput, 'printed'> {
	if (bagN === undefined && bagP === undefined && bagK === undefined) return {};
	const one = (name: 'n' | 'p' | 'k', value: number | undefined) =>
		value === undefined ? {} : { [name]: value };
	return { printed: { ...one('n', bagN), ...one('p', bagP), ...one('k', bagK), as: bagAs } };
}

/** The fields of a sheet. */
function sheet(reading: Reading) {
	const { quantity } = fields(reading);
	const { stock } = limits;
	return {
		sampleVolume: optional(quantity(stock.sampleVolume)),
		sampleMass: optional(quantity(stock.sampleMass)),
		water: optional(quantity(stock.water)),
		nitrogen: optional(quantity(stock.nitrogen)),
		phosphorus: optional(quantity(stock.phosphorus)),
		potassium: optional(quantity(stock.potassium)),
		lime: optional(quantity(stock.lime)),
		ph: optional(quantity(stock.ph))
	};
}

/** An analysis of one lot. */
export const lotAnalysisSchema = (reading: Reading, code: string) =>
	z
		.object(sheet(reading))
		.transform((typed, ctx): LotAnalysisInput => ({ code, measured: measuredFrom(typed, ctx) }));

/** What the grower measured: a weighed measure, or an analysis as the sheet gives it. */
export const analysisSchema = (reading: Reading) =>
	z
		.object({ analysed: materialField, ...sheet(reading) })
		.transform((typed, ctx): AnalysisInput => ({
			material: typed.analysed,
			measured: measuredFrom(typed, ctx)
		}));

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
