import type { Sentence } from '$lib/format/sentence';

/** A line as it was understood, in words, with the ways on from where it ends. */
export interface LineView {
	readonly status: 'empty' | 'understood' | 'trouble';
	readonly head: Sentence | string;
	readonly text: Sentence | string;
	/** What speaks against it, in words. */
	readonly cautions?: readonly { readonly says: string; readonly isAsked: boolean }[];
	/** What a reason in it answers, sent with it: the number of its line and the key of a caution. */
	readonly shown?: readonly string[];
	/** Of several lines, each as it was understood. */
	readonly lines?: readonly {
		readonly line: string;
		readonly isUnderstood: boolean;
		readonly head: Sentence | string;
		readonly text: Sentence | string;
		readonly cautions?: LineView['cautions'];
	}[];
	readonly ways: readonly {
		readonly line: string;
		readonly shows: string;
		readonly about: string;
	}[];
}

/** What was written down last, and where it can be seen. */
export interface Written {
	readonly line: string;
	readonly href: string;
	readonly actId: string;
}

/** What the page asks for while one types. */
export interface LineAnswer {
	readonly view: LineView;
	/** The text it is of. */
	readonly of: string;
	/** An id for the next line. */
	readonly actId: string;
	readonly written?: Written;
}
