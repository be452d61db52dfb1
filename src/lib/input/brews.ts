import { z } from 'zod';
import { recipes, type RecipeId, type Smell } from '../core/brews';
import { celsius, litres, type Celsius, type Litres, type Part } from '../core/units';
import { complain, fields, ids, maybeText, oneOf, optional, text, type Reading } from './form';
import { limits } from './limits';

export interface BrewInput {
	readonly recipe: RecipeId;
	readonly vessel: string;
	/** Litres of rain or well water. */
	readonly water: Litres;
	/** The lot that hangs in the bag, and how much of it. */
	readonly partnerLot: string;
	readonly partner: Part;
	readonly temperature: Celsius;
}

/** A brew set going. */
export const brewSchema = (reading: Reading) => {
	const { quantity, part } = fields(reading);
	return z
		.object({
			recipe: oneOf(ids(recipes)),
			vessel: text(60),
			water: quantity(limits.brew.water, litres),
			partnerLot: text(12),
			partner: part(limits.brew.partner),
			temperature: quantity(limits.brew.temperature, celsius)
		})
		.transform((typed): BrewInput => typed);
};

export interface SmellInput {
	readonly code: string;
	readonly smell: Smell;
}

const smells = ['earthy', 'sweet', 'sour', 'stink'] as const;

/** What a nose says of it. */
export const smellSchema = (_reading: Reading, code: string) =>
	z.object({ smell: oneOf(smells) }).transform(({ smell }): SmellInput => ({ code, smell }));

export interface StopInput {
	readonly code: string;
}

/** Its pump was stopped. */
export const stopSchema = (_reading: Reading, code: string) =>
	z.object({}).transform((): StopInput => ({ code }));

export interface DrenchInput {
	readonly lot: string;
	/** Parts of water to one of brew. */
	readonly parts: number;
	readonly stops: readonly {
		readonly bed: string;
		readonly total: Litres;
		readonly field: string;
	}[];
	readonly reason: string;
}

const stopPrefix = 'diluted:';

/** One brew over several beds, thinned alike: `diluted:<bed>` is litres of the diluted liquid. */
export const drenchSchema = (reading: Reading, lot: string) => {
	const { quantity } = fields(reading);
	return z
		.looseObject({ parts: quantity(limits.drench.parts, Number, 'second'), reason: maybeText(300) })
		.transform((typed, ctx): DrenchInput => {
			const stops = Object.entries(typed).flatMap(([field, amount]) => {
				if (!field.startsWith(stopPrefix) || typeof amount !== 'string') return [];
				if (amount.trim() === '') return [];
				const read = quantity(limits.drench.diluted, litres).safeParse(amount);
				for (const issue of read.error?.issues ?? [])
					complain(ctx, field, issue.message, issue.code === 'custom' ? issue.params : {});
				return read.success
					? [{ bed: field.slice(stopPrefix.length), total: read.data, field }]
					: [];
			});
			return { lot, parts: typed.parts, stops, reason: typed.reason };
		});
};

/** The same for one bed, as a line says it. */
export const drenchOneSchema = (reading: Reading, lot: string, bed: string) => {
	const { quantity } = fields(reading);
	return z
		.object({
			parts: quantity(limits.drench.parts, Number, 'second'),
			diluted: quantity(limits.drench.diluted, litres),
			reason: optional(maybeText(300))
		})
		.transform(({ parts, diluted, reason }): DrenchInput => ({
			lot,
			parts,
			reason: reason ?? '',
			stops: [{ bed, total: diluted, field: 'diluted' }]
		}));
};
