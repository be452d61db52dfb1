import type { Place } from '../../core/kinds';
import type { Limit } from '../limits';

/** One thing that is asked when a finding is written down, and kept with it under `key`. */
export type SmallField = {
	/** Of its form field, and in the books beside what was typed. */
	readonly name: string;
	readonly key: string;
	readonly label: string;
	/** What it is called in the books. */
	readonly said: string;
	readonly hint?: string;
	/** May be left empty, and is then not kept. */
	readonly isOptional?: boolean;
	readonly inPercent?: boolean;
} & (
	| {
			readonly reads: Limit;
			/** A reading farther than this from the last is asked back. */
			readonly step?: number;
			/** Several of them may be typed: their mean is kept under its key, each under "places". */
			readonly isList?: true;
	  }
	/** Litres or kilograms, or a measure of one's own. */
	| { readonly measures: true }
	| {
			readonly oneOf: readonly {
				readonly value: string;
				readonly label: string;
				readonly means?: string;
			}[];
	  }
	| { readonly longest: number }
);

/**
 * An act that only writes down a finding: declared here once, and schema, form, act, words in the books, the
 * verb of the log and the sheet follow from it.
 */
export interface SmallAct {
	readonly verb: string;
	/** The name its finding has. */
	readonly what: string;
	/** Kinds of things it is done with. */
	readonly on: readonly Place[];
	readonly fields: readonly SmallField[];
	/** What is kept with it and not asked. */
	readonly always?: Readonly<Record<string, string>>;
	/** It holds from a local day on, or between two; else it is of its moment. */
	readonly holds?: 'from-a-day' | 'between-days';
	/** Ways in which it may be known, where there are several: the first stands where none is said. */
	readonly ways?: readonly { readonly value: string; readonly label: string }[];
	/** Its form asks when it was. */
	readonly isDated?: boolean;
	/** In the books: "stirred"; what its fold asks for; and its button. */
	readonly did: string;
	readonly asks: string;
	readonly button: string;
	readonly line?: {
		readonly word: string;
		/** What it is done with, beside the verb where one chooses it. */
		readonly about: string;
		readonly example: string;
		readonly does: string;
	};
	/** The name of its sheet; none where it is told on another. */
	readonly sheet?: string;
}

export const smallAct = (act: SmallAct): SmallAct => Object.freeze(act);
