import { measuresOf, settingsOf } from './questions/settings';
import { byField } from '$lib/format/issues';
import { error, fail, redirect, type RequestEvent } from '@sveltejs/kit';
import { randomUUID } from 'node:crypto';
import { now } from './clock';
import type { Books } from './db/books';
import type { Settings } from '../input/settings';
import { unnamed, type Person } from './device';
import { printable, valuesOf, type Reading, type Values } from '../input/form';
import { reverseSchema } from '../input/ledger';
import { books } from './runtime';
import { send, type Schema, type UseCase } from './send';
import type { Issue } from '../input/act';
import { smallSchema, type SmallInput } from '../input/small';
import { doSmall } from './usecases/small-act';
import { reverseWhole } from './usecases/reverse-round';

/** What every page and act works with: the books, the moment, how typed text is read. */
export interface Desk {
	readonly books: Books;
	readonly now_ms: number;
	readonly reading: Reading;
	readonly settings: Settings;
}

/** Set up once for a request: an act ends it, so nothing read here grows stale. */
export const deskOf = ({ locals }: Pick<RequestEvent, 'locals'>): Desk =>
	(locals.desk ??= setUp(locals.signed));

function setUp(signed: Person | undefined): Desk {
	const open = books();
	const now_ms = now();
	const settings = settingsOf(open);
	const { system, timeZone, people } = settings;
	const reading: Reading = {
		measures: measuresOf(open),
		timeZone,
		person: signed ?? people[0] ?? unnamed,
		now_ms,
		...(system ? { system } : {})
	};
	return { books: open, now_ms, reading, settings };
}

/** An id for the next act of a form. */
export const newActId = (): string => randomUUID();

export async function submitted(request: Request): Promise<Values> {
	try {
		return valuesOf(await request.formData());
	} catch (failure) {
		if (failure instanceof TypeError)
			error(400, 'This form could not be read. Go back and send it again.');
		throw failure;
	}
}

/**
 * A form with whole sheets of text: its fields, a field in full however long, and each file that
 * was chosen with its name. The server refuses bodies beyond its limit before this is reached.
 */
export async function withFiles(request: Request): Promise<{
	readonly values: Values;
	readonly inFull: (name: string) => string;
	readonly files: readonly { readonly name: string; readonly text: string }[];
}> {
	try {
		const form = await request.formData();
		const chosen = [...form.values()].filter((one) => one instanceof File && one.size > 0);
		const files = (chosen as File[]).map(async (file) => ({
			name: printable(file.name),
			text: printable(await file.text())
		}));
		const inFull = (name: string) => {
			const field = form.get(name);
			return typeof field === 'string' ? printable(field) : '';
		};
		return { values: valuesOf(form), inFull, files: await Promise.all(files) };
	} catch (failure) {
		if (failure instanceof TypeError)
			error(400, 'This form could not be read. Go back and send it again.');
		throw failure;
	}
}

/** One act of one form: read, do, and either go where its result is shown or give back what was typed. */
export async function act<T, const Name extends string>(
	event: RequestEvent,
	form: Name,
	schema: Schema<T>,
	useCase: UseCase<T>,
	/** What of a form that says less than its act is meant by it. */
	meant: (values: Values) => Values = (values) => values
) {
	const { books: open, reading } = deskOf(event);
	const values = meant(await submitted(event.request));
	event.locals.sent = values;
	const outcome = send(open, reading, values, schema, useCase);
	if (outcome.status === 'refused') return refusal(form, values, outcome.issues, reading);
	const more = outcome.path.includes('?') ? '&' : '?';
	redirect(303, `${outcome.path}${more}did=${encodeURIComponent(values.actId ?? '')}`);
}

/** The small acts of a page by their verbs: what they are done with is what the page is of. */
export const smallActions = <Event extends RequestEvent, const Verb extends string>(
	of: SmallInput['of'],
	nameIn: (event: Event) => string,
	verbs: readonly Verb[]
) =>
	Object.fromEntries(
		verbs.map((verb) => [
			verb,
			(event: Event) =>
				act(event, verb, (reading) => smallSchema(reading, verb, of, nameIn(event)), doSmall)
		])
	) as Record<Verb, (event: Event) => ReturnType<typeof act<SmallInput, Verb>>>;

/** Reverse an act named by the form, and go to `backTo`: the thing itself may be gone then. */
export const undo = (event: RequestEvent, backTo: string) =>
	act(event, 'undo', () => reverseSchema(backTo), reverseWhole);

function refusal<const Name extends string>(
	form: Name,
	values: Values,
	issues: readonly Issue[],
	{ system }: Reading
) {
	// An id that is spent must not come back: the form takes the fresh one the page brings.
	const spent = issues.some(({ code }) => code === 'sent-before');
	return fail(400, {
		form,
		values: spent ? { ...values, actId: '' } : values,
		errors: byField(issues, system)
	});
}

/** Which part of a long list an address asks for. */
export function pageOf(
	url: URL,
	total: number,
	perPage: number,
	name = 'page'
): { readonly page: number; readonly pages: number; readonly skip: number } {
	const pages = Math.max(1, Math.ceil(total / perPage));
	const asked = Number(url.searchParams.get(name) ?? 1);
	const page = Number.isInteger(asked) && asked >= 1 ? Math.min(asked, pages) : 1;
	return { page, pages, skip: (page - 1) * perPage };
}

/** A part of a long list. */
export interface Part<T> {
	readonly rows: readonly T[];
	/** Of how many there are. */
	readonly n: number;
	readonly page: number;
	readonly pages: number;
}

/** The part of a long list that an address asks for, by the name of the list where a page has several. */
export function partOf<T>(url: URL, all: readonly T[], perPage: number, name = 'page'): Part<T> {
	const { page, pages, skip } = pageOf(url, all.length, perPage, name);
	return { rows: all.slice(skip, skip + perPage), n: all.length, page, pages };
}

/** As many as one chooses from at once. */
const mostChoices = 10;

/** A part of what there is to choose from; where that is not all, how many there are and where others stand. */
export interface Choices<T> {
	readonly rows: readonly T[];
	readonly rest?: { readonly n: number; readonly href: string };
}

/**
 * What a form offers to choose from: a part of a long list, and in any case what is asked for by the address or was
 * just sent.
 */
export function choicesOf<T>(
	event: RequestEvent,
	all: readonly T[],
	valueOf: (one: T) => string,
	field: string,
	most = mostChoices
): Choices<T> {
	const key = `of-${field}`;
	const { rows, n, page, pages } = partOf(event.url, all, most, key);
	const wanted = event.locals.sent?.[field] ?? asked(event.url)[field];
	const first = rows.some((one) => valueOf(one) === wanted)
		? undefined
		: all.find((one) => valueOf(one) === wanted);
	const query = new URLSearchParams(event.url.search);
	query.set(key, String((page % pages) + 1));
	return {
		rows: first === undefined ? rows : [first, ...rows],
		...(pages > 1 ? { rest: { n, href: `?${query}` } } : {})
	};
}

/** The query of a page as form values: what "work it out" sends without script. */
export function asked(url: URL): Values {
	const form = new FormData();
	for (const [name, value] of url.searchParams) form.append(name, value);
	return valuesOf(form);
}
