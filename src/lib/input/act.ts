import type { Took } from '../core/worth';

/** What every act carries: its id from the form or device, who, when it happened, a note. */
export interface Envelope {
	readonly actId: string;
	readonly person: string;
	readonly happenedAt_ms: number;
	readonly note: string;
	/** How long it took, where that was told with it. */
	readonly took?: Took;
	/** The fields as the person filled them; absent when no form was involved. */
	readonly typed?: Readonly<Record<string, string>>;
	/** Why it is done all the same, where something speaks against it. */
	readonly reason?: string;
	/** The cautions that were shown and are answered, each by its code and which of several it is. */
	readonly sure?: readonly string[] | 'all';
}

/** What is wrong, at which field, with the figures its words need. Words are chosen at the edge. */
export interface Issue {
	readonly field: string;
	readonly code: string;
	readonly facts?: Readonly<Record<string, string | number>>;
}

/** Before the key of a caution: the field that says it is meant, and the one that says the reason is for it. */
export const asksSure = 'sure-';
export const asksWhy = 'why-';

/** Of a field, the key of the caution that it answers; undefined for any other. */
export const answersTo = (field: string): string | undefined =>
	[asksSure, asksWhy].flatMap((sign) =>
		field.startsWith(sign) ? [field.slice(sign.length)] : []
	)[0];
