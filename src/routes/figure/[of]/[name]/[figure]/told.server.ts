import type { Estimate } from '$lib/core/units';
import type { Books } from '$lib/server/db/books';

/** A figure of a thing, with its words and the page of what it belongs to. */
export interface FigureOf {
	readonly label: string;
	readonly figure: Estimate;
	/** What it is a figure of, by code or name. */
	readonly of: string;
	readonly href: string;
	/** What a person typed that it came of, field by field. */
	readonly typed?: readonly (readonly [field: string, value: string])[];
	/** Its range is that of a rule, and not doubt. */
	readonly bounds?: boolean;
}

export interface Moment {
	readonly timeZone: string;
	readonly now_ms: number;
}

export type Question = (
	books: Books,
	name: string,
	figure: string,
	moment: Moment
) => FigureOf | undefined;
