/** What every act carries: its id from the form or device, who, when it happened, a note. */
export interface Envelope {
	readonly actId: string;
	readonly person: string;
	readonly happenedAt_ms: number;
	readonly note: string;
	/** The fields as the person filled them; absent when no form was involved. */
	readonly typed?: Readonly<Record<string, string>>;
	/** What is far from the usual and was said to be so, by the code it was asked with; a reason answers all. */
	readonly sure?: readonly string[] | 'all';
}

/** What is wrong, at which field, with the figures its words need. Words are chosen at the edge. */
export interface Issue {
	readonly field: string;
	readonly code: string;
	readonly facts?: Readonly<Record<string, string | number>>;
}

/** Before the code of what is asked back: the field that says it is meant. */
export const asksSure = 'sure-';
