import { z } from 'zod';
import { litres, type Litres, type Part } from '../core/units';
import { wetnessField } from './fires';
import type { Issue } from './act';
import {
	complain,
	fields,
	laterTime,
	maybeText,
	type Check,
	type Reading,
	type Values
} from './form';
import { limits } from './limits';
import {
	byClockField,
	dayFields,
	readShifts,
	roundFields,
	roundsField,
	untilField
} from './day-form';

export interface DayInput {
	readonly startsAt_ms: number;
	readonly barrels: readonly string[];
	/** The fields of the day as they were sent: the act reads them as the page did. */
	readonly typed: Readonly<Record<string, string>>;
	readonly found: string;
}

/** A day of barrels, set down with its timetable. */
export function daySchema(reading: Reading, values: Values) {
	const { quantity } = fields(reading);
	const numbers = Object.fromEntries(
		[...dayFields, ...roundFields].map((name) => [name, quantity(limits.day[name])])
	);
	return z
		.object({
			...numbers,
			barrels: z.string({ error: 'no-barrel' }).trim().min(1, { error: 'no-barrel' }).max(2000),
			startsAt: laterTime(reading),
			found: maybeText(4000)
		})
		.superRefine(({ barrels }, ctx) => {
			const byClock = values[byClockField] ?? '';
			if (readShifts(byClock) === undefined)
				complain(ctx, byClockField, 'bad-shifts', { part: byClock });
			// Clock times say nothing of a day that begins whenever.
			if (byClock.trim() !== '' && (values.startsAt ?? '').trim() === '')
				complain(ctx, 'startsAt', 'bad-empty');
			for (const name of barrels.split('\n')) {
				const field = untilField(name);
				const typed = values[field]?.trim() ?? '';
				if (typed !== '') complainOf(quantity(limits.day.until).safeParse(typed), ctx, field);
				const own = values[roundsField(name)]?.trim() ?? '';
				if (own !== '')
					complainOf(quantity(limits.day.ownRounds).safeParse(own), ctx, roundsField(name));
			}
		})
		.transform(({ startsAt, barrels, found }): DayInput => ({
			startsAt_ms: startsAt,
			barrels: barrels.split('\n'),
			found,
			typed: values
		}));
}

/** What one field of many could not be read as stands at that field, with its figures. */
function complainOf(read: z.ZodSafeParseResult<unknown>, ctx: Check, field: string): void {
	for (const issue of read.error?.issues ?? [])
		complain(
			ctx,
			field,
			issue.message,
			issue.code === 'custom' ? (issue.params as Issue['facts']) : {}
		);
}

export interface DayRecordInput {
	readonly stops: readonly {
		readonly vessel: string;
		readonly field: string;
		readonly litres: Litres;
		/** As the timetable had it; not said, when it is written down. */
		readonly quenched_ms?: number;
	}[];
	readonly load: { readonly code: string; readonly part: Part };
	readonly wetness: 'dry' | 'drained' | 'quench-wet';
}

const prefix = 'char:';

/** What each barrel of a day gave: `char:Finch:1`, each a fire of its own; an empty one did not burn. */
export function dayRecordSchema(reading: Reading, values: Values) {
	const { quantity, part } = fields(reading);
	return z
		.looseObject({
			stack: z.string({ error: 'no-load' }).regex(/^S\d{1,7}$/, { error: 'no-load' }),
			each: part(limits.load.part),
			wetness: wetnessField
		})
		.transform((typed, ctx): DayRecordInput => ({
			load: { code: typed.stack, part: typed.each },
			wetness: typed.wetness,
			stops: Object.entries(values).flatMap(([field, amount]) => {
				if (!field.startsWith(prefix) || amount.trim() === '') return [];
				const read = quantity(limits.burn.char, litres).safeParse(amount);
				complainOf(read, ctx, field);
				if (!read.success) return [];
				const [, vessel = ''] = field.split(':');
				const at = Number(values[`at:${field.slice(prefix.length)}`] || NaN);
				return [
					{
						vessel,
						field,
						litres: read.data,
						...(Number.isSafeInteger(at) ? { quenched_ms: at } : {})
					}
				];
			})
		}));
}
