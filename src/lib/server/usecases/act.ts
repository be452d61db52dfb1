import { inLitres } from '../../core/units';
import { asksSure, type Envelope, type Issue } from '../../input/act';
import type { Act } from '../db/acts';
import type { Books } from '../db/books';
import type { Stamp } from '../db/ledger';
import type { NewMovement } from '../db/movements';
import { minutes } from '../../core/time';
import { writtenSince } from '../db/writing';

/** An act was not done, and why; its transaction is rolled back. */
export class Refusal extends Error {
	override name = 'Refusal';
	constructor(readonly issues: readonly Issue[]) {
		super(issues.map((issue) => `${issue.field}: ${issue.code}`).join(', '));
	}
}

export function refuse(field: string, code: string, facts?: Issue['facts']): never {
	throw new Refusal([facts ? { field, code, facts } : { field, code }]);
}

/** Something far from the usual. */
export interface Unusual {
	readonly code: string;
	/** Which of several like it: a part, a field. */
	readonly of?: string;
	readonly facts?: Issue['facts'];
}

/** Ask back all that is far from the usual, each at a field of its own, unless it was said to be so. */
export function askUnlessSure({ sure = [] }: Envelope, ...unusual: readonly Unusual[]): void {
	const keyOf = ({ code, of }: Unusual) => (of === undefined ? code : `${code}-${of}`);
	const open = unusual.filter((one) => sure !== 'all' && !sure.includes(keyOf(one)));
	if (open.length > 0)
		throw new Refusal(
			open.map((one) => ({
				field: `${asksSure}${keyOf(one)}`,
				code: one.code,
				...(one.facts ? { facts: one.facts } : {})
			}))
		);
}

export type Outcome =
	| { readonly status: 'done'; readonly path: string; readonly repeated: boolean }
	| { readonly status: 'refused'; readonly issues: readonly Issue[] };

/** What an act decided on: where its result is shown, and the writing itself. */
export interface Decision {
	readonly path: string;
	/** Acts whose facts let it through, a passed check or test: it rests on them. */
	readonly gates?: readonly string[];
	readonly write: (stamp: Stamp) => void;
}

const clockSlack_ms = minutes(5);

/**
 * One act, one transaction. The same act sent again returns the first result; an id that comes
 * back with other figures is refused, so that neither is lost; a refusal leaves the books as they
 * were.
 * @param input what the form was resolved to, in SI
 */
export function perform(
	books: Books,
	now_ms: number,
	verb: string,
	envelope: Envelope,
	input: Readonly<Record<string, unknown>>,
	decide: (stamp: Stamp) => Decision,
	reversesId: string | null = null
): Outcome {
	const stamp: Stamp = {
		actId: envelope.actId,
		happenedAt_ms: envelope.happenedAt_ms,
		recordedAt_ms: now_ms,
		person: envelope.person
	};
	const typed = envelope.typed ?? input;
	const run = books.db.transaction((): Outcome => {
		const first = books.acts.maybeOne(envelope.actId);
		if (first && !isSame(first, verb, typed)) refuse('actId', 'sent-before');
		if (first) return { status: 'done', path: first.resultPath, repeated: true };
		if (envelope.happenedAt_ms > now_ms + clockSlack_ms) refuse('happenedAt', 'future');
		const { path, gates, write } = decide(stamp);
		writtenSince(books.db);
		books.acts.insert({
			id: envelope.actId,
			verb,
			happenedAt_ms: envelope.happenedAt_ms,
			recordedAt_ms: now_ms,
			person: envelope.person,
			note: envelope.note,
			typed,
			resolved: input,
			resultPath: path,
			reversesId
		});
		write(stamp);
		const written = writtenSince(books.db);
		if (reversesId === null) books.grounds.derive(stamp, written, gates);
		else books.grounds.copySubjects(envelope.actId, reversesId);
		books.digests.close(new Set([...written, 'act']));
		return { status: 'done', path, repeated: false };
	});
	try {
		return run.immediate();
	} catch (error) {
		if (error instanceof Refusal) return { status: 'refused', issues: error.issues };
		throw error;
	}
}

const isSame = (first: Act, verb: string, typed: Act['typed']) =>
	first.verb === verb && JSON.stringify(first.typed) === JSON.stringify(typed);

/** Post lines, or refuse at a field when a lot would fall below zero. */
export function postOrRefuse(
	books: Books,
	stamp: Stamp,
	lines: readonly NewMovement[],
	field: string,
	/** What to call a shortfall when the amount was not simply asked for. */
	named?: string
): void {
	const posted = books.ledger.post(stamp, lines);
	if (posted.status === 'posted') return;
	const { lot } = posted;
	if (posted.status === 'changes-later') refuseLate(books, lot, posted.actId);
	const taken_ul = lines
		.filter((line) => line.lotId === lot.id)
		.reduce((sum, line) => sum + (line.direction === 'out' ? 1 : -1) * line.volume_ul, 0);
	// Enough today, yet not at that moment: the date is what is wrong, not the amount.
	refuse(field, named ?? (taken_ul <= lot.volume_ul ? 'short-then' : 'short'), {
		code: lot.code,
		missing_l: inLitres(posted.missing_ul),
		held_l: inLitres(lot.volume_ul)
	});
}

/** Written late, it would change what a later act carried: that one is put right first. */
function refuseLate(books: Books, lot: { readonly code: string }, actId: string): never {
	const later = books.acts.maybeOne(actId);
	refuse('happenedAt', 'changes-later', {
		code: lot.code,
		verb: later?.verb ?? '',
		at_ms: later?.happenedAt_ms ?? 0
	});
}
