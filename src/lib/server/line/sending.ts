import type { CheckFailing, ProofState, ZoneVerdict } from '../../core/fires';
import type { MoistureState } from '../../core/woodyard';
import type { Place } from '../../format/paths';
import type { Books } from '../db/books';
import type { Reading, Values } from '../input/form';
import { send, type Schema, type UseCase } from '../send';
import type { Issue, Outcome } from '../usecases/act';
import type { Names } from './names';

export const verbs = [
	'spread',
	'moist',
	'temp',
	'check',
	'count',
	'crush',
	'stir',
	'turn',
	'note'
] as const;
export type Verb = (typeof verbs)[number];

/** What the books would say after the line, in figures; words are chosen at the edge. */
export type Consequence =
	| {
			readonly verb: 'spread';
			readonly lot: string;
			readonly bed: string;
			readonly mix_l: number;
			readonly char_l: number;
			readonly shareBefore: number;
			readonly shareAfter: number;
			readonly left_l: number;
	  }
	| {
			readonly verb: 'moist';
			readonly code: string;
			readonly name: string;
			readonly state: MoistureState | undefined;
	  }
	| {
			readonly verb: 'temp';
			readonly name: string;
			readonly celsius: number;
			readonly zone?: ZoneVerdict;
			readonly proving?: boolean;
			/** Of a fire: where it burns or burnt, and when it was quenched. */
			readonly vessel?: string;
			readonly quenched_ms?: number;
	  }
	| {
			readonly verb: 'check';
			readonly code: string;
			readonly places: number;
			readonly failings: readonly CheckFailing[];
			/** How the fire then stands. */
			readonly proof: ProofState;
	  }
	| {
			readonly verb: 'count';
			readonly code: string;
			readonly from_l: number;
			readonly to_l: number;
	  }
	| {
			readonly verb: 'crush';
			readonly code: string;
			readonly made: string;
			readonly before_l: number;
			readonly after_l: number;
	  }
	| { readonly verb: 'stir' | 'turn'; readonly code: string }
	| {
			/** Something else from stock on a bed. */
			readonly verb: 'put';
			readonly lot: string;
			readonly name: string;
			readonly bed: string;
			readonly mix_l: number;
			readonly left_l: number;
	  }
	| { readonly verb: 'note'; readonly place: Place; readonly name: string; readonly words: string };

/** A line understood: the form it stands for, and how to see what it does. */
export interface Sending {
	readonly verb: Verb;
	readonly values: Values;
	send(books: Books, reading: Reading, values: Values, typed: Values): Outcome;
	/** Looked at before the act; the function it gives looks again after it. */
	watch(books: Books, now_ms: number): (path: string) => Consequence;
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

/** A line in its parts: what comes after the verb, the reason after `;`. */
export interface Words {
	readonly rest: string;
	readonly reason: string;
}

export type ReadVerb = (words: Words, names: Names) => Understood;

/** A sending through a room's door and use case. */
export function sending<T>(
	verb: Verb,
	values: Values,
	schema: Schema<T>,
	useCase: UseCase<T>,
	watch: Sending['watch']
): Understood {
	return {
		status: 'ok',
		sending: {
			verb,
			values,
			watch,
			send: (books, reading, given, typed) => send(books, reading, given, schema, useCase, typed)
		}
	};
}
