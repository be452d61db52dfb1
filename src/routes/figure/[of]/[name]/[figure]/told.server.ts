import { known, reckon, type Estimate, type Unit } from '$lib/core/units';
import type { Books } from '$lib/server/db/books';

/** A figure of a thing, with its words and the page of what it belongs to. */
export interface FigureOf {
	readonly label: string;
	readonly figure: Estimate;
	/** What it is a figure of, by code or name. */
	readonly of: string;
	readonly href: string;
	/** What a person typed that it came of, field by field, with who and when. */
	readonly typed?: readonly (readonly [field: string, value: string, by: string])[];
	/** Its range goes from one end of a rule to the other, and is not doubt. */
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

/** A figure that was not worked out: as somebody measured or typed it, or as it stands to begin with. */
export function asStated(
	value: number,
	unit: Unit,
	source: string,
	origin: 'typed' | 'default' | 'computed' | 'measured'
): Estimate {
	return reckon<number>((v) => v, known('as it is', value, unit, origin, source), {
		unit,
		basis: source
	});
}

export const asMeasured = (value: number, unit: Unit, source: string): Estimate =>
	asStated(value, unit, source, 'measured');

/** A figure with its words; none where the thing has not got it. */
export type Told = readonly [label: string, figure: Estimate | undefined];

/** Which of a thing's figures was asked for. */
export function told(
	wanted: string,
	[of, href]: readonly [name: string, href: string],
	figures: Readonly<Record<string, Told>>
): FigureOf | undefined {
	const [label, figure] = (Object.hasOwn(figures, wanted) && figures[wanted]) || [];
	return label !== undefined && figure ? { label, figure, of, href } : undefined;
}
