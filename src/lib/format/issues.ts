import type { System } from '../core/units';
import { roomComplaints, verbWords } from './room-words';
import { amount, fieldSentences, type Words } from './field-words';
import { cautionSentences } from './caution-words';
import { lineSentences } from './line-words';

/** The shape an act's refusal has; the server's `Issue` fits it. */
export interface Complaint {
	readonly field: string;
	readonly code: string;
	readonly facts?: Readonly<Record<string, string | number>> | undefined;
}

const sentences: Readonly<Record<string, Words>> = {
	...fieldSentences,
	...cautionSentences,
	...lineSentences,
	...roomComplaints,
	'hour-skipped': ({ before, after }) =>
		`The clocks were put forward then: there was no such hour. Was it ${before} or ${after}?`,
	'hour-twice': ({ part }) =>
		`The clocks were put back that night, and ${part} came twice: say which.`,
	'early-year': ({ part }) => `${part} is before anybody kept these books. Which year was it?`,
	'bad-date': ({ part }) =>
		`"${part}" is no date and time. Write it like 2026-05-14T16:30, or leave it empty for now.`,
	'bad-form': () => 'This form has grown stale. Load the page again; what you typed is still here.',
	'sent-before': () =>
		'This form was already sent, with other figures. If this is a further act, send it once more.',
	'reason-empty': () => 'Say why it is done all the same.',
	'too-long': () => 'That is too long to keep. Shorten it.',
	choose: () => 'Choose one of the list.',
	future: () => 'That lies in the future. Write when it happened, or leave it empty for now.',
	'changes-later': ({ code, verb, at_ms }) =>
		`What came later would carry something else: "${verbWords[String(verb)] ?? verb}" of ${new Date(Number(at_ms) || 0).toISOString().slice(0, 10)} on ${code}. Take that back first, write this, then write it again.`,
	'same-lot': ({ code }) => `${code} can’t go into itself.`,
	nothing: () => 'That comes to nothing. Type an amount above zero.',
	empty: ({ code }) => `${code} is empty.`,
	short: (facts, system) =>
		`${facts.code} holds only ${amount(facts, 'held_l', 'L', system)}: ${amount(facts, 'missing_l', 'L', system)} short.`,
	'short-then': (facts, system) =>
		`${facts.code} holds enough today, but at that moment it was ${amount(facts, 'missing_l', 'L', system)} short: it came later, or was used in between. Give a later moment, or put right when it came.`,
	'unknown-lot': ({ code }) => `There is no lot ${code} in the books.`,
	'before-lot': ({ code }) => `${code} was not there by then: that is before it was made.`,
	'name-taken': ({ name }) =>
		`There is already one called ${name}. Open its page to measure it again, or give this one another name.`,
	'reserved-name': () => 'That word is kept for the program. Choose another name.',
	'bad-name': () => 'Start with a letter; letters, digits and spaces after it.',
	'name-unseen': () =>
		'A name needs a letter or a digit, and nothing in it that can’t be seen. Take those signs out, or leave it empty.',
	'name-signs': () =>
		'A name takes letters, digits, spaces and signs like - and ’: no > ; @, which part a line of the log, and nothing that can’t be seen.',
	'name-code': ({ name }) => `"${name}" reads like the code of a lot or fire. Choose another name.`,
	'name-unit': ({ name }) =>
		`"${name}" is a unit: amounts typed in it would be read as something else. Give it a name of its own.`,
	'name-word': ({ name }) =>
		`"${name}" holds a word the log reads as something else. Give the measure a name of its own.`,
	'not-above': ({ low }) => `That is not above ${low}.`,
	'refused-ash': ({ what }) =>
		`Ash of ${what} goes on no bed: metals and tars stay in it. Take it to where such ash is taken.`,
	'notebook-missing': ({ name }) => `The sheet lacks the column "${name}".`,
	'notebook-strange': ({ name, known }) =>
		`"${name}" is no column of this sheet. Its columns are ${known}.`,
	'notebook-twice': ({ name }) => `The column "${name}" stands there twice.`,
	'notebook-quotes': ({ line }) => `A quotation mark near line ${line} is never closed.`,
	'notebook-long': ({ most }) => `A sheet takes ${most} rows at most. Bring it in in parts.`,
	'notebook-label-twice': ({ label }) => `Another row goes by "${label}" already.`,
	'bad-took': ({ part }) =>
		`"${part}" can’t be read as a time. Write 40 min, 1 h 20, or 40 min 2 for two of you; a day at most.`,
	'bad-currency': ({ part }) =>
		`"${part}" is no currency. Give its three letters, such as EUR, GBP or USD.`,
	'bad-zone': ({ part }) => `"${part}" is no time zone. Try Europe/London or America/New_York.`
};

/** A form sent by something that is not this program's page. */
const unreadable = 'This is missing or can’t be read. Load the page again and fill it in.';

/** What went wrong at a field and what to do, in the grower's units. */
export function sayIssue(issue: Complaint, system: System | undefined): string {
	const words = sentences[issue.code];
	return words ? words(issue.facts ?? {}, system) : unreadable;
}

/** The sentences by field, for a form. */
export function byField(
	issues: readonly Complaint[],
	system: System | undefined
): Readonly<Record<string, string>> {
	const fields: Record<string, string> = {};
	for (const issue of issues) fields[issue.field] ??= sayIssue(issue, system);
	return fields;
}
