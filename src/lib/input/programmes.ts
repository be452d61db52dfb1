import { z } from 'zod';
import { dueDays, recipes, type Phase, type RecipeId, type WateringAsk } from '../core/brews';
import { readDay } from '../core/time';
import { celsius, type Celsius } from '../core/units';
import { readStop } from './drench';
import {
	complain,
	datesOf,
	fields,
	ids,
	maybeText,
	nameField,
	oneOf,
	optional,
	text,
	type Check,
	type Reading
} from './form';
import { limits } from './limits';

export interface ProgrammeInput {
	readonly name: string;
	/** Set anew under its own name. */
	readonly isNew: boolean;
	readonly recipe: RecipeId;
	readonly phases: readonly Phase[];
	readonly parts: number;
	readonly onto: 'soil' | 'leaves';
	readonly stops: readonly {
		readonly bed: string;
		readonly ask: WateringAsk;
		readonly field: string;
	}[];
	readonly temperature: Celsius;
	readonly priority?: 'first' | 'usual' | 'last';
}

const watering = recipes.filter(({ soil }) => soil !== undefined);
const stopPrefix = 'each:';

/** A programme: every so many days from one day to another, perhaps at another pace until a third, on these beds. */
export const programmeSchema = (reading: Reading) => {
	const { quantity } = fields(reading);
	return z
		.looseObject({
			name: nameField,
			again: maybeText(3),
			recipe: oneOf(ids(watering)),
			from: text(40),
			until: text(40),
			every: quantity(limits.programme.every),
			thenUntil: maybeText(40),
			thenEvery: optional(quantity(limits.programme.thenEvery)),
			parts: quantity(limits.drench.parts, Number, 'second'),
			onto: oneOf(['soil', 'leaves']).default('soil'),
			temperature: quantity(limits.brew.temperature, celsius),
			priority: oneOf(['first', 'usual', 'last']).default('usual')
		})
		.transform((typed, ctx): ProgrammeInput => {
			const phases = phasesOf(typed, reading, ctx);
			const stops = Object.entries(typed).flatMap(([field, amount]) => {
				if (!field.startsWith(stopPrefix) || typeof amount !== 'string' || amount.trim() === '')
					return [];
				const ask = readStop(amount, reading, ctx, field);
				return ask ? [{ bed: field.slice(stopPrefix.length), ask, field }] : [];
			});
			return {
				name: typed.name,
				isNew: typed.again !== 'yes',
				recipe: typed.recipe,
				phases,
				parts: typed.parts,
				onto: typed.onto,
				stops,
				temperature: typed.temperature,
				...(typed.priority === 'usual' ? {} : { priority: typed.priority })
			};
		});
};

interface Days {
	readonly from: string;
	readonly until: string;
	readonly every: number;
	readonly thenUntil: string;
	readonly thenEvery?: number | undefined;
}

function phasesOf(typed: Days, reading: Reading, ctx: Check): readonly Phase[] {
	/** A plan lies ahead: each of its days after the one before. */
	const day = (field: 'from' | 'until' | 'thenUntil', after?: string) => {
		const since_ms = after === undefined ? reading.now_ms : Date.parse(`${after}T12:00:00Z`);
		const dates = { ...datesOf(reading), lies: 'ahead' as const };
		const read = readDay(typed[field], since_ms, dates);
		if (read === undefined) complain(ctx, field, 'bad-date', { part: typed[field] });
		return read;
	};
	const from = day('from');
	const until = day('until', from);
	if (from === undefined || until === undefined) return [];
	const first: Phase = { from, until, every_days: Math.round(typed.every) };
	if (dueDays([first]).length === 0) complain(ctx, 'until', 'no-days');
	if (typed.thenUntil === '' || typed.thenEvery === undefined) return [first];
	const end = day('thenUntil', until);
	if (end === undefined) return [first];
	const last = dueDays([first]).at(-1) ?? until;
	const every_days = Math.round(typed.thenEvery);
	return [first, { from: last, until: end, every_days }];
}

export interface EndInput {
	readonly name: string;
}

/** It ends: no more rounds. */
export const endSchema = (_reading: Reading) =>
	z.object({ name: text(60) }).transform(({ name }): EndInput => ({ name }));

export interface WalkInput {
	readonly name: string;
	/** The day it was due. */
	readonly due: string;
	/** The brew it was walked with. */
	readonly lot: string;
}

/** One tap: the round of a programme was walked, as it was set. */
export const walkSchema = (_reading: Reading) =>
	z
		.object({
			name: text(60),
			due: z.string().regex(/^\d{4}-\d{2}-\d{2}$/, { error: 'bad-form' }),
			lot: text(12)
		})
		.transform((typed): WalkInput => typed);
