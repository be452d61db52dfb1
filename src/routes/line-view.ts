import type { Sentence } from '$lib/format/sentence';

/** A line as it was understood, in words, with the ways on from where it ends. */
export interface LineView {
	readonly status: 'empty' | 'understood' | 'trouble';
	readonly head: Sentence | string;
	readonly text: Sentence | string;
	/** Of several lines, each as it was understood. */
	readonly lines?: readonly {
		readonly line: string;
		readonly isUnderstood: boolean;
		readonly head: Sentence | string;
		readonly text: Sentence | string;
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
	/** An id for the next line. */
	readonly actId: string;
	readonly written?: Written;
}
