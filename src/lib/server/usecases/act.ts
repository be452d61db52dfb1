import { inLitres } from '../../core/units';
import { asks, keyOf, type Caution } from '../../core/cautions';
import { byClock, stageOfVerb, tellsItself } from '../../core/worth';
import { asksSure, asksWhy, type Envelope, type Issue } from '../../input/act';
import type { Act } from '../db/acts';
import type { Books } from '../db/books';
import type { Stamp } from '../db/ledger';
import type { NewMovement } from '../db/movements';
import { minutes } from '../../core/time';
import { asOne } from '../db/revision';
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

export type Outcome =
	| {
			readonly status: 'done';
			readonly path: string;
			readonly repeated: boolean;
			/** What spoke against it, answered or only told. */
			readonly cautions?: readonly Caution[];
	  }
	| { readonly status: 'refused'; readonly issues: readonly Issue[] };

/** What an act decided on: where its result is shown, and the writing itself. */
export interface Decision {
	readonly path: string;
	/** Acts whose facts let it through, a passed check or test: it rests on them. */
	readonly gates?: readonly string[];
	/** What speaks against it. */
	readonly cautions?: readonly Caution[];
	/** The field at which one stands that no reason makes right, where it is not that of the bed. */
	readonly fieldOf?: (caution: Caution) => string;
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
	const work = (): Outcome => {
		const first = books.acts.maybeOne(envelope.actId);
		if (first && !isSame(first, verb, typed)) refuse('actId', 'sent-before');
		if (first) return { status: 'done', path: first.resultPath, repeated: true };
		if (envelope.happenedAt_ms > now_ms + clockSlack_ms) refuse('happenedAt', 'future');
		const { path, gates, write, cautions = [], fieldOf } = decide(stamp);
		refuseUnanswered(envelope, cautions, fieldOf);
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
		keepTook(books, envelope, verb);
		keepAnswers(books, envelope, cautions);
		const written = writtenSince(books.db);
		if (reversesId === null) books.grounds.derive(stamp, written, gates);
		else books.grounds.copySubjects(envelope.actId, reversesId);
		books.digests.close(new Set([...written, 'act']));
		return { status: 'done', path, repeated: false, cautions };
	};
	try {
		return asOne(books.db, work);
	} catch (error) {
		if (error instanceof Refusal) return { status: 'refused', issues: error.issues };
		throw error;
	}
}

/**
 * All that speaks against an act at once, in the order it was judged: what is never right at its field, what may
 * be at a field that answers it. A reason answers what was shown with it, and nothing else.
 */
function refuseUnanswered(
	{ sure = [], reason = '' }: Envelope,
	cautions: readonly Caution[],
	fieldOf: (caution: Caution) => string = () => 'bed'
): void {
	const isAnswered = (one: Caution) =>
		(sure === 'all' || sure.includes(keyOf(one))) && (one.isSlip || reason !== '');
	const open = cautions.filter(
		(one) => one.weight === 'never' || (one.weight === 'ask' && !isAnswered(one))
	);
	if (open.length === 0) return;
	const isReasonWanted = open.some(
		(one) => one.weight === 'ask' && !one.isSlip && (sure === 'all' || sure.includes(keyOf(one)))
	);
	throw new Refusal([
		...open.map((one) => ({
			field: one.weight === 'never' ? fieldOf(one) : fieldThatAnswers(one),
			code: one.code,
			facts: one.facts
		})),
		// Shown before, and answered by nothing.
		...(isReasonWanted ? [{ field: 'reason', code: 'reason-empty' }] : [])
	]);
}

/** The field of a form by which a caution is answered. */
const fieldThatAnswers = (one: Caution): string =>
	`${one.isSlip ? asksSure : asksWhy}${keyOf(one)}`;

function keepAnswers(
	books: Books,
	{ actId, reason = '' }: Envelope,
	cautions: readonly Caution[]
): void {
	for (const { code, facts } of asks(cautions))
		books.answers.insert(actId, { code, facts, reason: reason || meantSo });
}

/** How long an act took is kept with it: at what, its verb says. */
function keepTook(books: Books, { actId, took }: Envelope, verb: string): void {
	if (!took || tellsItself(verb)) return;
	const { minutes: length, heads } = took;
	books.effort.insertWork(actId, null, {
		stage: stageOfVerb(verb),
		minutes: byClock(length),
		heads
	});
}

/** What is kept of an answer that is no more than a tick. */
const meantSo = 'It is so.';

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
