import type { ReadList } from '../../core/units';
import type { Sentence } from '../../format/sentence';
import type { Books } from '../db/books';
import type { Reading, Values } from '../../input/form';
import { send, type Schema, type UseCase, type Written } from '../send';
import type { Outcome } from '../usecases/act';
import type { Issue } from '../../input/act';
import type { Saying } from './saying';
import type { Names, Thing } from './names';

/** What the books would say after a line. */
export interface LineTold {
	readonly head: Sentence | string;
	readonly text: Sentence | string;
}

/** A line understood: the form it stands for, and how to see what it does. */
export interface Sending {
	readonly values: Values;
	send(books: Books, reading: Reading, values: Values, written: Written): Outcome;
	/** Looked at before the act; what it gives looks again after it, and tells. */
	watch(books: Books, now_ms: number): (path: string) => (saying: Saying) => LineTold;
}

export interface Trouble {
	readonly status: 'trouble';
	readonly issue: Issue;
}

export type Understood = { readonly status: 'ok'; readonly sending: Sending } | Trouble;

export const trouble = (code: string, facts: Issue['facts'] = {}): Trouble => ({
	status: 'trouble',
	issue: { field: 'line', code, facts }
});

/** A question about what was typed. */
export const askBack = ({ code, options }: Extract<ReadList, { status: 'ask' }>): Trouble =>
	trouble(`ask-${code}`, { options: options.join(' | ') });

/** A line in its parts: what comes after the verb, the reason after `;`. */
export interface Words {
	readonly rest: string;
	readonly reason: string;
}

export type ReadVerb = (words: Words, names: Names) => Understood;

/** One way to go on: the line as it then stands, what to show for it, and what it is. */
export interface Completion {
	readonly line: string;
	readonly shows: string;
	readonly about: string;
	/** Left of a lot. */
	readonly litres?: number;
}

/** A verb of the log as its room states it. */
export interface LogVerb {
	readonly word: string;
	/** What it is done with, beside the verb where one chooses it. */
	readonly about: string;
	/** Lines it reads, the first of them the likeliest. */
	readonly examples: readonly { readonly line: string; readonly does: string }[];
	/** Whether a line without any verb is one of its own. */
	readonly opens?: (line: string, names: Names) => boolean;
	/** Other words for it. */
	readonly also?: readonly string[];
	/** Its line is free text, whose own signs stay. */
	readonly isFree?: boolean;
	/** Of a verb that takes a list: whether a word is one of it, so that a semicolon before it parts the list. */
	readonly lists?: (word: string) => boolean;
	/** What may stand after the verb. */
	readonly fits: (thing: Thing) => boolean;
	/** Other ways on from what stands after the verb; undefined where its things are all. */
	readonly ways?: (after: string, names: Names) => readonly Completion[] | undefined;
	readonly read: ReadVerb;
}

/** A sending through a room's door and use case. */
export function sending<T>(
	values: Values,
	schema: Schema<T>,
	useCase: UseCase<T>,
	watch: Sending['watch']
): Understood {
	return {
		status: 'ok',
		sending: {
			values,
			watch,
			send: (books, reading, given, written) =>
				send(books, reading, given, schema, useCase, written)
		}
	};
}
