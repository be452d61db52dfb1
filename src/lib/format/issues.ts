import type { ProofStage } from '../core/fires';
import type { System } from '../core/units';
import { joined, plain, say, show } from './figure';
import { verbWords } from './act-words';
import { amount, fieldSentences, number, type Words } from './field-words';
import { lineSentences } from './line-words';
import { neededWords, passedWords } from './proof-words';
import { roomWords } from './room-words';
import { limitWords } from './words';

/** The shape an act's refusal has; the server's `Issue` fits it. */
export interface Complaint {
	readonly field: string;
	readonly code: string;
	readonly facts?: Readonly<Record<string, string | number>> | undefined;
}

/** What speaks against a material on a bed. */
const putWarningWords: Readonly<Record<string, string>> = {
	'ash-cap': 'That passes 100 g of dry ash per m² in twelve months, all routes counted.',
	'acid-lover': 'Acid lovers grow here, and ash is lime.',
	'raw-germs':
		'What grows here is eaten raw, and this is raw: four months before harvest is the usual wait; ask your certifier.'
};

const sentences: Readonly<Record<string, Words>> = {
	...fieldSentences,
	...lineSentences,
	...roomWords.complaints,
	'no-moisture': () =>
		'Nought is no moisture: wood that lies in air is never quite dry. Read a fresh face again, or write <7 where the meter shows nothing.',
	'bad-date': ({ part }) =>
		`"${part}" is no date and time. Write it like 2026-05-14T16:30, or leave it empty for now.`,
	'bad-form': () => 'This form has grown stale. Load the page again; what you typed is still here.',
	'sent-before': () =>
		'This form was already sent, with other figures. If this is a further act, send it once more.',
	'moisture-wanted': () =>
		'A weight as sold has water in it. Type how much of it is water, in % of the weight.',
	'too-long': () => 'That is too long to keep. Shorten it.',
	choose: () => 'Choose one of the list.',
	future: () => 'That lies in the future. Write when it happened, or leave it empty for now.',
	'changes-later': ({ code, verb, at_ms }) =>
		`What came later would carry something else: "${verbWords[String(verb)] ?? verb}" of ${new Date(Number(at_ms) || 0).toISOString().slice(0, 10)} on ${code}. Take that back first, write this, then write it again.`,
	'no-batch': ({ code }) => `${code} is no batch: nothing works in it.`,
	'no-ingredient': ({ code }) =>
		`${code} can’t be an ingredient here. Take char or something in stock.`,
	'unknown-material': ({ name }) => `"${name}" is no material in the list.`,
	'same-lot': ({ code }) => `${code} can’t go into itself.`,
	'other-school': ({ code, school }) =>
		`${code} is another kind: ${school}. Only like goes to like.`,
	'split-all': ({ code }) => `That is all of ${code}; a part of it was meant.`,
	'stands-there': ({ code }) => `${code} stands there already.`,
	'no-tub': ({ name }) => `${name} is for fires, not for batches.`,
	'not-stock': ({ code }) =>
		`${code} is no material in stock; char and charges go on by the dose above.`,
	'put-reason-wanted': ({ why }) =>
		`${String(why)
			.split(' ')
			.map((word) => putWarningWords[word] ?? word)
			.join(' ')} Say why it is right here, or take less.`,
	nothing: () => 'That comes to nothing. Type an amount above zero.',
	empty: ({ code }) => `${code} is empty.`,
	short: (facts, system) =>
		`${facts.code} holds only ${amount(facts, 'held_l', 'L', system)}: ${amount(facts, 'missing_l', 'L', system)} short.`,
	'short-then': (facts, system) =>
		`${facts.code} holds enough today, but at that moment it was ${amount(facts, 'missing_l', 'L', system)} short: it came later, or was used in between. Give a later moment, or put right when it came.`,
	held: ({ code, reason }) =>
		`${code} is quarantined, or was made of something that is (${reason}). Release it with a reason first.`,
	'not-proven': (facts, system) =>
		neededWords[facts.needed as ProofStage](
			String(facts.burn),
			passedWords({ passed: number(facts, 'passed'), of: number(facts, 'of') }),
			system
		),
	'unknown-lot': ({ code }) => `There is no lot ${code} in the books.`,
	'unknown-burn': ({ code }) => `There is no fire ${code} in the books.`,
	'unknown-bed': ({ name }) => `There is no bed called ${name}.`,
	'unknown-act': () => 'That act is not in the books.',
	'too-big': (facts, system) =>
		`That is larger than any pile in a yard (${amount(facts, 'most_l', 'L', system)}). Check the units of the three sides.`,
	'no-load': () => 'Choose at least one stack.',
	'no-stack': ({ code }) => `${code} is no stack.`,
	'no-char': ({ code }) => `${code} is no char.`,
	'no-vessel': ({ name }) => `There is no vessel called ${name}. Measure it first.`,
	'no-kiln': ({ name }) => `${name} is a tub; choose a kiln or trench.`,
	'already-burnt': ({ code }) => `${code} is already recorded as burnt.`,
	'not-burnt': ({ code }) => `${code} is only planned: record the burn first.`,
	'already-crushed': ({ code }) => `${code} is already crushed.`,
	'already-held': ({ code }) => `${code} is already quarantined.`,
	'not-held': ({ code }) => `${code} is not quarantined.`,
	'before-lot': ({ code }) => `${code} was not there by then: that is before it was made.`,
	'planned-past': () =>
		'That day is past. A burn that is done is set down as burnt; if this plan is meant, say so.',
	'planned-far': () => 'That is more than a year away. If the day is meant, say so.',
	'long-ago': () =>
		'That is more than three years ago. If the year is right, say here why it comes so late.',
	'before-quench': ({ code }) => `${code} was not quenched by then.`,
	'no-soak': ({ code }) => `${code} is no soak: it has no liquid to drain.`,
	'already-drained': ({ code }) => `${code} is drained already.`,
	'before-start': ({ code }) => `${code} was not started by then.`,
	'above-rim': (facts, system) =>
		`That is above the rim: this vessel is ${amount(facts, 'depth_m', 'm', system)} deep.`,
	'more-than-vessel': (facts, system) =>
		`${facts.name} holds ${amount(facts, 'capacity_l', 'L', system)} to the rim. Was more than one load measured together, or in another unit?`,
	'vessel-busy': ({ name, code }) =>
		`${code} is in ${name} at that time: one vessel holds one fire. Give another time or another vessel.`,
	'tub-busy': ({ name, code }) =>
		`${name} holds ${code} at that time. Drain ${code} and take it out first, or choose another tub.`,
	'odd-density': (facts, system) =>
		`That sample comes to ${amount(facts, 'density', 'kg/L', system)}; dry char lies between ${say(0.04, 'kg/L', system)} and ${say(0.45, 'kg/L', system)}. Was it dried, and both figures of the same filling?`,
	'more-out-than-in': (facts, system) =>
		`That is ${amount(facts, 'out_kg', 'kg', system)} dry out of ${amount(facts, 'wood_kg', 'kg', system)} of dry wood. One of the three is off: the litres, the density or the stack.`,
	'implausible-yield': (facts) =>
		`That is a yield of ${joined(show({ value: number(facts, 'yield'), unit: 'share' }, 'metric'))}, outside what this way gives. Check the litres and the stack; if they are right, say why here.`,
	'implausible-crush': (facts) =>
		`Crushing would have packed away ${joined(show({ value: number(facts, 'packed'), unit: 'share' }, 'metric'))}; 25–40 % is usual. Check both measures; if they are right, say why here.`,
	'recount-empty': ({ code }) =>
		`The books had ${code} empty by then. Reverse the act that emptied it instead.`,
	'recount-below': (facts, system) =>
		`Later acts took more than that: ${facts.code} would be ${amount(facts, 'missing_l', 'L', system)} short. Count it at a later moment, or put right what was taken.`,
	'recount-same': () => 'That is what the books say already.',
	'wrong-partner': ({ school }) => `That partner does not belong to the ${school}.`,
	'tub-wanted': () => 'Choose the tub it will soak in.',
	overflows: (facts, system) =>
		`With ${say(5, 'cm', system)} of liquid above it that runs over ${facts.name}, which holds ${amount(facts, 'capacity_l', 'L', system)}. It takes ${amount(facts, 'most_l', 'L', system)} of char at most.`,
	'more-partner-than-liquid': (facts, system) =>
		`That would be ${amount(facts, 'partner_l', 'L', system)} of urine in ${amount(facts, 'liquid_l', 'L', system)} of liquid. Ask for less nitrogen.`,
	'cress-whole': () => 'Seeds are counted in whole numbers.',
	'cress-more-than-sown': ({ up, sown }) =>
		`${up} came up out of ${sown} sown? One of the two is wrong.`,
	'cress-seeds': () => 'The cress test needs 20 seeds or more in both.',
	'cress-control': () =>
		'The cress test is void: under 85 % of the seeds came up in plain water. Repeat it with fresh seed.',
	'more-than-soil': ({ most }) =>
		`That is more char than this bed has soil; its whole working depth is ${plain(Number(most), 1)} in this form. Was another form meant?`,
	'not-spreadable': ({ code }) => `${code} is nothing to spread.`,
	'reason-wanted': ({ why }) =>
		`This dose is ${String(why)
			.split(' ')
			.map((code) => limitWords[code as keyof typeof limitWords] ?? code)
			.join('; ')}. Say why it is right here, and it will be kept.`,
	'no-stops': () => 'Type an amount for one bed at least.',
	'already-reversed': () => 'That act is already reversed.',
	'rests-on-it': ({ count }) => `${count} later acts rest on it. Undo them with it, or one by one.`,
	'shape-and-use': () => 'A trench is a pit or trench; kilns and tubs are round.',
	'name-taken': ({ name }) =>
		`There is already one called ${name}. Open its page to measure it again, or give this one another name.`,
	'reserved-name': () => 'That word is kept for the program. Choose another name.',
	'bad-name': () => 'Start with a letter; letters, digits and spaces after it.',
	'name-signs': () =>
		'A name takes letters, digits, spaces and signs like - and ’: no > ; @, which part a line of the log, and nothing that can’t be seen.',
	'name-code': ({ name }) => `"${name}" reads like the code of a lot or fire. Choose another name.`,
	'name-unit': ({ name }) =>
		`"${name}" is a unit: every amount typed in it would change. Give the measure a name of its own.`,
	'name-word': ({ name }) =>
		`"${name}" holds a word the log reads as something else. Give the measure a name of its own.`,
	'notebook-missing': ({ name }) => `The sheet lacks the column "${name}".`,
	'notebook-strange': ({ name, known }) =>
		`"${name}" is no column of this sheet. Its columns are ${known}.`,
	'notebook-twice': ({ name }) => `The column "${name}" stands there twice.`,
	'notebook-quotes': ({ line }) => `A quotation mark near line ${line} is never closed.`,
	'notebook-long': ({ most }) => `A sheet takes ${most} rows at most. Bring it in in parts.`,
	'notebook-label-twice': ({ label }) => `Another row goes by "${label}" already.`,
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
