import { getContext, setContext } from 'svelte';
import type { Limit } from '$lib/input/limits';

type Texts = Readonly<Record<string, string>>;

/** What a form knows of its fields: what was typed or is known, what is wrong with it, and its limits. */
export interface FormHere {
	/** Where it is sent, such as "?/measure". */
	readonly action: string;
	/** What was sent and refused, else what is known. */
	readonly values: Texts;
	readonly errors: Texts;
	readonly limits: Readonly<Record<string, Limit>>;
}

/** What came back of a form that was sent. */
export interface Sent<Name extends string = string> {
	readonly form: Name;
	readonly values: Texts;
	readonly errors: Texts;
}

const key = Symbol('form');
const none: FormHere = { action: '', values: {}, errors: {}, limits: {} };

/** Said once by the form around. */
export const beginForm = (form: FormHere): FormHere => setContext(key, form);

/** The form around a field; a field alone has nothing to learn. */
export const formHere = (): FormHere => getContext<FormHere | undefined>(key) ?? none;
