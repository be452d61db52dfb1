import type { LotKind } from '../../core/kinds';
import type { Window } from '../../core/time';
import type { Books } from '../db/books';
import type { Diary } from '../demo/diary';
import type { Thing } from '../line/names';
import type { Saying } from '../line/saying';
import type { LogVerb } from '../line/sending';
import type { OntoBed } from '../line/verbs/onto-bed';

/** How a thing stands, the most pressing first. */
export const standings = ['wrong', 'due', 'ripe', 'fading', 'watch', 'working', 'next'] as const;
export type Stands = (typeof standings)[number];

/** Something a thing wants or comes to: Today, the bench, the counts and the weeks ahead are views of these. */
export interface Duty {
	readonly is: Stands;
	/** Somebody must stand beside it: nothing else comes before it. */
	readonly isNeverLeft?: boolean;
	/** What it is about: a code, or a name; empty where it is about several things. */
	readonly code: string;
	/** What the code stands for, in a few words. */
	readonly name: string;
	readonly href: string;
	/** What to do, where that is all there is to say of it. */
	readonly title?: string;
	/** How it stands, in a few words; then what comes next. */
	readonly state: string;
	readonly says: string;
	/** The word of its act, at the end of its line. */
	readonly act?: string;
	/** In the headline: "fire is not proven out", and of several. */
	readonly told?: readonly [one: string, many: string];
	/** A clock on the bench, and what it is for. */
	readonly clock?: { readonly does: string; readonly due_ms: number };
	/** On the axis of the coming weeks. */
	readonly window?: Window;
	readonly moments?: readonly Moment[];
	/** Its kind's drawing, with what that is drawn from. */
	readonly drawing?: { readonly of: string; readonly data: Readonly<Record<string, unknown>> };
}

export interface Moment {
	readonly is: string;
	readonly at_ms: number;
	readonly pressing?: boolean;
}

/** A count beside a room on the path. */
export interface Count {
	readonly href: string;
	readonly n: number;
	readonly word: string;
}

/** What a room states once; everything central only iterates over these. */
export interface Room {
	readonly id: string;
	/** What a line may name: its lots in stock, its fires. */
	readonly things?: (books: Books, now_ms: number) => readonly Thing[];
	readonly verbs?: readonly LogVerb[];
	readonly ontoBed?: Partial<Record<LotKind, OntoBed>>;
	readonly duties?: (books: Books, now_ms: number, saying: Saying) => readonly Duty[];
	readonly counts?: (books: Books, now_ms: number) => Count;
	/** Sheets by their names: SQL whose columns carry their units. */
	readonly sheets?: Readonly<Record<string, string>>;
	/** Its part of the demo garden, after that of the rooms before it. */
	readonly grow?: (diary: Diary) => void;
	/** Its part of a holding that worked for so many years, on which speed is measured. */
	readonly work?: (diary: Diary, years: number) => void;
}
