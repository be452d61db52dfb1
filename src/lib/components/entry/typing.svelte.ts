import { getContext, setContext } from 'svelte';
import { SvelteMap } from 'svelte/reactivity';
import type { ParseContext } from '$lib/core/units';

/** What is being typed on a page: how its fields are read, and which of them cannot be. */
export class Typing {
	/** Labels of fields that can't be read as they stand, by the field. */
	readonly unread = new SvelteMap<string, string>();

	constructor(readonly context: () => ParseContext) {}
}

const typingKey = Symbol('typing');

/** Said once by the frame: the grower's units and measures. */
export const beginTyping = (context: () => ParseContext): Typing =>
	setContext(typingKey, new Typing(context));

export const typingHere = (): Typing | undefined => getContext<Typing | undefined>(typingKey);
