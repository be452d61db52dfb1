import { z } from 'zod';
import { kindOf, type Place } from '../core/kinds';
import { celsius } from '../core/units';
import { readDay } from '../core/time';
import { measureField } from './charging';
import {
	complain,
	datesOf,
	fields,
	maybeText,
	oneOf,
	optional,
	text,
	type Check,
	type Reading
} from './form';
import type { Limit } from './limits';
import { smallActOf, type SmallAct, type SmallField } from './small-acts';

/** What a small act writes down, of the thing that goes by this name or code. */
export interface SmallInput {
	readonly verb: string;
	/** What the books of the thing are kept by. */
	readonly of: 'lot' | 'fire' | 'bed' | (string & {});
	readonly name: string;
	readonly found: Readonly<Record<string, unknown>>;
	/** Local days, YYYY-MM-DD. */
	readonly firstDay?: string | undefined;
	readonly lastDay?: string | undefined;
	readonly way?: string | undefined;
}

const valueOf = (reading: Reading, field: SmallField): z.ZodType => {
	const { quantity } = fields(reading);
	const number = (limit: Limit): z.ZodType =>
		limit.reads === 'temperature' ? quantity(limit, celsius) : quantity(limit);
	const one: z.ZodType =
		'reads' in field
			? field.isList
				? listOf(number(field.reads))
				: number(field.reads)
			: 'oneOf' in field
				? oneOf(field.oneOf.map(({ value }) => value) as [string, ...string[]])
				: 'measures' in field
					? measureField(reading)
					: text(field.longest);
	return field.isOptional ? optional(one as z.ZodType<number>) : one;
};

/** As many places as one reads of a bed. */
const mostPlaces = 30;

/** Numbers with blanks, commas or semicolons between; the first that can't be read is told. */
const listOf = (one: z.ZodType) =>
	z.string({ error: 'bad-empty' }).transform((typed, ctx): readonly number[] => {
		const words = typed.split(/[\s;]+|,(?!\d)|,(?=\d+[.,])/).filter(Boolean);
		if (words.length === 0 || words.length > mostPlaces) {
			ctx.addIssue({ code: 'custom', message: 'bad-empty' });
			return z.NEVER;
		}
		const read = words.map((word) => one.safeParse(word));
		const bad = read.find(({ success }) => !success);
		for (const { message, ...issue } of bad?.error?.issues ?? [])
			ctx.addIssue({ ...issue, code: 'custom', message, path: [] } as never);
		return bad ? z.NEVER : read.map(({ data }) => Number(data));
	});

/** What is kept of a field: shares are typed in percent; of several places their mean stands for all. */
function keptOf(field: SmallField, value: unknown): Readonly<Record<string, unknown>> {
	if (Array.isArray(value)) {
		const places = value.map(Number);
		const mean = places.reduce((sum, one) => sum + one, 0) / places.length;
		return { [field.key]: mean, ...(places.length > 1 ? { places } : {}) };
	}
	return { [field.key]: field.inPercent ? Number(value) / 100 : value };
}

/** A day as people write it; the day of the act where none is said. */
function dayOf(typed: string, at: { reading: Reading; ctx: Check; field: string }) {
	if (typed === '') return undefined;
	const day = readDay(typed, at.reading.now_ms, datesOf(at.reading));
	if (day === undefined) complain(at.ctx, at.field, 'bad-date', { part: typed });
	return day;
}

/** The schema of a small act, from its declaration. */
export function smallSchema(reading: Reading, verb: string, of: SmallInput['of'], name: string) {
	const act: SmallAct = smallActOf(verb);
	return z
		.object({
			...Object.fromEntries(act.fields.map((field) => [field.name, valueOf(reading, field)])),
			firstDay: maybeText(20),
			lastDay: maybeText(20),
			way: maybeText(20)
		})
		.transform((typed: Record<string, unknown>, ctx): SmallInput => {
			const kept = act.fields.map((field) =>
				typed[field.name] === undefined ? {} : keptOf(field, typed[field.name])
			);
			const day = (field: 'firstDay' | 'lastDay') =>
				dayOf(String(typed[field] ?? ''), { reading, ctx, field });
			const [firstDay, lastDay] = act.holds ? [day('firstDay'), day('lastDay')] : [];
			if (firstDay !== undefined && lastDay !== undefined && lastDay < firstDay)
				complain(ctx, 'lastDay', 'ends-before');
			const way = act.ways?.find(({ value }) => value === typed.way) ?? act.ways?.[0];
			return {
				verb,
				of,
				name,
				found: Object.assign({}, act.always, ...kept) as Record<string, unknown>,
				firstDay,
				lastDay,
				way: way?.value
			};
		});
}

/** What the books of a kind of thing are kept by. */
export const keptBy = (kind: Place): string => kindOf(kind).of;
