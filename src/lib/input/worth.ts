import { z } from 'zod';
import {
	priceIds,
	readTook,
	shareDay,
	stages,
	type PriceId,
	type Stage,
	type Took,
	type Worked
} from '../core/worth';
import { complain, fields, maybeText, oneOf, optional, text, type Reading } from './form';
import { limits } from './limits';

/** Hours of one stage by the clock, about a thing or none. */
export interface HoursInput {
	readonly stage: Stage;
	readonly took: Took;
	/** A code or a name; empty for none. */
	readonly of: string;
}

const stageField = oneOf(stages as unknown as [Stage, ...Stage[]]);

export const hoursSchema = () =>
	z
		.object({ stage: stageField, lasted: text(40), ofThing: maybeText(60) })
		.transform(({ stage, lasted, ofThing }, ctx): HoursInput => {
			const took = readTook(lasted);
			if (!took) complain(ctx, 'lasted', 'bad-took', { part: lasted });
			return { stage, took: took ?? { minutes: 1, heads: 1 }, of: ofThing };
		});

/** A day's work shared out over its stages. */
export interface DayHoursInput {
	readonly worked: readonly Worked[];
	readonly of: string;
}

/** As many stages as a day is shared over in one form. */
export const dayRows = [1, 2, 3, 4] as const;
const noStage = z.literal('');

export const dayHoursSchema = (reading: Reading) => {
	const { quantity } = fields(reading);
	return z
		.object({
			dayHours: quantity(limits.worth.dayHours),
			dayHeads: quantity(limits.worth.heads),
			ofThing: maybeText(60),
			...Object.fromEntries(
				dayRows.flatMap((row) => [
					[`stage${row}`, stageField.or(noStage).default('')],
					[`share${row}`, optional(quantity(limits.worth.share))]
				])
			)
		})
		.transform((said, ctx): DayHoursInput => {
			const parts: Partial<Record<Stage, number>> = {};
			const told = said as Readonly<Record<string, Stage | number | '' | undefined>>;
			const day = said as { dayHours: number; dayHeads: number; ofThing: string };
			for (const row of dayRows) {
				const [stage, part] = [told[`stage${row}`], told[`share${row}`]];
				if (!stage && part === undefined) continue;
				if (!stage) complain(ctx, `stage${row}`, 'choose');
				else if (part === undefined) complain(ctx, `share${row}`, 'bad-empty');
				else parts[stage as Stage] = (parts[stage as Stage] ?? 0) + Number(part);
			}
			const worked = shareDay(day.dayHours, day.dayHeads, parts);
			if (worked.length === 0) complain(ctx, 'stage1', 'choose');
			return { worked, of: day.ofThing };
		});
};

export interface PaidInput {
	readonly paidFor: string;
	readonly paid: number;
	readonly of: string;
}

export const paidSchema = (reading: Reading) =>
	z
		.object({
			paidFor: text(80),
			paid: fields(reading).quantity(limits.worth.paid),
			ofThing: maybeText(60)
		})
		.transform(({ ofThing, ...said }): PaidInput => ({ ...said, of: ofThing }));

/** What things cost to buy: those that were said. */
export interface PricesInput {
	readonly prices: readonly { readonly of: PriceId; readonly price: number }[];
}

export const priceField = (id: PriceId) => `price-${id}`;

export const pricesSchema = (reading: Reading) =>
	z
		.object(
			Object.fromEntries(
				priceIds.map((id) => [
					priceField(id),
					optional(fields(reading).quantity(limits.worth.price))
				])
			)
		)
		.transform((said, ctx): PricesInput => {
			const prices = priceIds.flatMap((of) => {
				const price = said[priceField(of)];
				return price === undefined ? [] : [{ of, price: Number(price) }];
			});
			if (prices.length === 0) complain(ctx, priceField('char'), 'bad-empty');
			return { prices };
		});
