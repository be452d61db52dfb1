import { answersTo, type Envelope, type Issue } from './act';
import { z } from 'zod';
import { faultOfName, foldName, isSeen, type ParseContext, type Part } from '../core/units';
import type { Limit } from './limits';
import { issueOf, readField, type Unread } from './read-field';
import { readLocal, type DateContext } from '../core/time';
import { tookField } from './took';
import { doneAt, earliest_ms } from './done-at';

/** What a form is read against: the grower's units and measures, the device's person, the clock. */
export interface Reading extends ParseContext {
	readonly timeZone: string;
	readonly person: string;
	readonly now_ms: number;
}

/** How the grower writes short dates: by the units they chose. */
export const datesOf = ({ timeZone, system }: Reading): DateContext => ({
	timeZone,
	order: system === 'us' ? 'month-first' : 'day-first'
});

export type Values = Readonly<Record<string, string>>;

export type Read<T> =
	| { readonly ok: true; readonly value: T }
	| { readonly ok: false; readonly issues: readonly Issue[] };

const longestField = 4000;

/** All text fields of a form; files and anything over-long are dropped. Repeats are joined by a line. */
export function valuesOf(form: FormData): Values {
	const values: Record<string, string> = Object.create(null) as Record<string, string>;
	for (const [name, value] of form.entries()) {
		if (typeof value !== 'string' || name.length > 120) continue;
		const clean = printable(value.slice(0, longestField));
		values[name] = name in values ? `${values[name]}\n${clean}` : clean;
	}
	return { ...values };
}

/** Control characters and halves of a sign have no place in a text and break logs and exports; line ends stay. */
export const printable = (text: string): string => text.replace(/(?![\t\n\r])\p{Cc}|\p{Cs}/gu, '');

export type Check = z.core.$RefinementCtx;

function raise(ctx: Check, code: string, facts: Issue['facts'] = {}): never {
	ctx.addIssue({ code: 'custom', message: code, params: facts });
	return z.NEVER;
}

/** A complaint at one field of a form that was read as a whole. */
export function complain(
	ctx: Check,
	field: string,
	code: string,
	facts: Issue['facts'] = {}
): void {
	ctx.addIssue({ code: 'custom', message: code, params: facts, path: [field] });
}

/** What could not be read, as a complaint or a question. */
export function raiseRead(read: Unread, ctx: Check): never {
	const { code, facts } = issueOf(read);
	return raise(ctx, code, facts);
}

type Brand<Q> = (value: number) => Q;

const typed = z.string({ error: 'bad-empty' });

/** Fields that read what people type within the limits of their form; each is text in and a branded quantity out. */
export const fields = (reading: Reading) => ({
	/** @param order of a ratio: which of the two parts the value is so many of */
	quantity: <Q = number>(
		limit: Limit,
		brand: Brand<Q> = (value) => value as Q,
		order: 'first' | 'second' = 'first'
	) =>
		typed.transform((text, ctx): Q => {
			const read = readField(text, limit, reading, order);
			return read.status === 'ok' ? brand(read.value as number) : raise(ctx, read.code, read.facts);
		}),
	part: (limit: Limit) =>
		typed.transform((text, ctx): Part => {
			const read = readField(text, limit, reading);
			return read.status === 'ok' ? read.value : raise(ctx, read.code, read.facts);
		})
});

/** An empty field means "not given". */
export function optional<T extends z.ZodType>(schema: T) {
	return z.preprocess(
		(value) => (typeof value === 'string' && value.trim() === '' ? undefined : value),
		schema.optional()
	);
}

/** A field that this sending of the form does not use; it may be absent. */
export const unused = z.unknown().optional();

/** The same, and what stands there is dropped: a measure of another shape. */
export const dropped = unused.transform((): undefined => undefined);

export const text = (longest: number) =>
	z
		.string({ error: 'bad-empty' })
		.trim()
		.min(1, { error: 'bad-empty' })
		.max(longest, { error: 'too-long' });

/** Pages that stand where those of named things do. */
const pagesBeside = new Set(['new', 'kitchen', 'plan', 'round']);

/** A name that an address can end in: that of another page and names of signs alone would lead elsewhere. */
export const nameField = text(60)
	.transform(foldName)
	.pipe(
		z
			.string()
			.regex(/[\p{L}\p{N}]/u, { error: 'bad-name' })
			.refine((name) => !pagesBeside.has(name.toLowerCase()), { error: 'reserved-name' })
			.superRefine(refuseMisread('thing'))
	);

/** Refuse a name that would be read as something else where it is typed. */
export function refuseMisread(of: 'thing' | 'measure') {
	return (name: string, ctx: Check) => {
		const fault = faultOfName(name, of);
		if (fault) ctx.addIssue({ code: 'custom', message: `name-${fault}`, params: { name } });
	};
}

export const maybeText = (longest: number) =>
	z.string().trim().max(longest, { error: 'too-long' }).default('');

/** A name a lot may be told by besides its code; one that can't be seen, or not as it is written, is none. */
export const maybeName = (longest: number) =>
	maybeText(longest)
		.transform(foldName)
		.refine((name) => name === '' || isSeen(name), { error: 'name-unseen' });

export const ticked = z.preprocess((value) => value === 'on' || value === 'yes', z.boolean());

export const oneOf = <const T extends readonly [string, ...string[]]>(options: T) =>
	z.enum(options, { error: 'choose' });

/** The ids of a table as the tuple a zod enum wants. */
export function ids<Id extends string>(table: readonly { readonly id: Id }[]): [Id, ...Id[]] {
	return table.map((row) => row.id) as [Id, ...Id[]];
}

/** Of a round each act has the id of its form, and its number. */
const actId = z
	.string({ error: 'bad-form' })
	.regex(/^[\w-]{8,60}(\.\d{1,4}){0,2}$/, { error: 'bad-form' });

/** Read a form with a room's schema and the envelope every act has. */
export function readAct<T extends z.ZodType>(
	schema: T,
	values: Values,
	reading: Reading
): Read<{ input: z.output<T>; envelope: Envelope }> {
	const act = z
		.object({
			actId,
			happenedAt: happenedAt(reading),
			took: tookField,
			note: maybeText(2000),
			reason: maybeText(2000)
		})
		.safeParse(whichSaid(values));
	const input = schema.safeParse(values);
	const issues = [...issuesOf(act.error), ...issuesOf(input.error)].map(whichAsked);
	if (!act.success || !input.success || issues.length > 0) return { ok: false, issues };
	const { note, reason, took } = act.data;
	const happenedAt_ms = doneAt(values, reading.now_ms) ?? act.data.happenedAt;
	const { actId: id, ...typed } = values;
	const sure = sureOf(values);
	return {
		ok: true,
		value: {
			input: input.data,
			envelope: {
				actId: id ?? '',
				person: reading.person,
				happenedAt_ms,
				...(took ? { took } : {}),
				note,
				reason,
				typed,
				sure
			}
		}
	};
}

/** Which of two hours it was is answered by a field of its own. */
const whichSaid = (values: Values): Values =>
	values.hourTwice
		? { ...values, happenedAt: `${values.happenedAt ?? ''} ${values.hourTwice}` }
		: values;
const whichAsked = (issue: Issue): Issue =>
	issue.code === 'hour-twice' ? { ...issue, field: 'hourTwice' } : issue;

/** What was ticked as meant, each by the code it was asked with. */
function sureOf(values: Values): readonly string[] {
	return Object.keys(values)
		.filter((name) => values[name] === 'on')
		.flatMap((name) => answersTo(name) ?? []);
}

function issuesOf(error: z.ZodError | undefined): Issue[] {
	return (error?.issues ?? []).map((issue) => ({
		field: String(issue.path[0] ?? ''),
		code: issue.message,
		facts: factsOf(issue)
	})) as Issue[];
}

/** Of a choice, what there is to choose from. */
function factsOf(issue: z.core.$ZodIssue): Issue['facts'] {
	if (issue.code === 'custom') return issue.params as Issue['facts'];
	return issue.code === 'invalid_value' ? { options: issue.values.join(', ') } : undefined;
}

/** A local date and time in the grower's zone; empty means now. Of an hour that comes twice it is asked which. */
function happenedAt({ timeZone, now_ms }: Reading, asksWhich = true) {
	return z
		.string()
		.default('')
		.transform((typed, ctx): number => {
			if (typed.trim() === '') return now_ms;
			const read = readLocal(typed, timeZone);
			if (!read) return raise(ctx, 'bad-date', { part: typed });
			if (read.is === 'none')
				return raise(ctx, 'hour-skipped', { before: read.before, after: read.after });
			if (read.is === 'two' && asksWhich)
				return raise(ctx, 'hour-twice', { part: typed.slice(11) });
			const at_ms = read.is === 'two' ? read.first_ms : read.at_ms;
			return at_ms < earliest_ms ? raise(ctx, 'early-year', { part: typed.slice(0, 4) }) : at_ms;
		});
}

/** What is to come: of an hour that will come twice the first is as good. */
export const laterTime = (reading: Reading) => happenedAt(reading, false);
