import type { Values } from '../../input/form';
import { readMoment, type DateOrder } from '../../core/time';
import { rooms } from '../rooms';
import type { Names } from './names';
import { smallVerbs } from './verbs/small';
import { trouble, type LogVerb, type Understood } from './sending';

export const longestLine = 400;

/** Every verb a room states, in the order of the rooms, and those of small acts. */
export const verbs: readonly LogVerb[] = [
	...rooms.flatMap((room) => room.verbs ?? []),
	...smallVerbs
];

interface Clock {
	readonly now_ms: number;
	readonly timeZone: string;
	readonly order: DateOrder;
}

/**
 * One line of the log into the form it stands for: `[verb] what … [; reason] [@ when]`. Without a
 * verb it is a spreading, `38 L C4 > Mere 2`. The grammar is in docs/log-line.md.
 */
export function readLine(text: string, names: Names, clock: Clock): Understood {
	const line = text.replace(/\s+/g, ' ').trim();
	if (line === '') return trouble('line-empty');
	if (line.length > longestLine) return trouble('too-long');
	const verb = verbOf(line);
	if (!verb)
		return trouble('line-no-verb', {
			typed: line.split(' ')[0] ?? '',
			verbs: verbs.flatMap(({ word, opens }) => (opens ? [] : [word])).join(', ')
		});
	const { body, when, typed } = takeWhen(line, clock, verb);
	if (when === 'unreadable') return trouble('line-bad-when', { typed });
	const { what, reason } = takeReason(body, verb);
	const rest = withoutVerb(what, verb);
	const read = verb.read({ rest, reason }, names);
	if (read.status !== 'ok') return read;
	return {
		...read,
		sending: {
			...read.sending,
			values: { ...withReason(read.sending.values, reason), happenedAt: when }
		}
	};
}

/** A reason answers what the preview of its line showed; where no field of the act takes it, it is its note, too. */
function withReason(values: Values, reason: string): Values {
	if (reason === '') return values;
	const isTaken = Object.values(values).includes(reason);
	return { ...values, reason, ...(isTaken ? {} : { note: reason }) };
}

/** A verb counts in first position only. */
export function verbOf(line: string): LogVerb | undefined {
	const first = line.split(' ')[0]?.toLowerCase();
	return verbs.find(({ word }) => word === first) ?? verbs.find(({ opens }) => opens?.(line));
}

export const withoutVerb = (line: string, { word }: LogVerb): string =>
	line.toLowerCase().startsWith(`${word} `) || line.toLowerCase() === word
		? line.slice(word.length).trim()
		: line.trim();

/** What stands after a semicolon is the reason, unless the verb's list of readings goes on there. */
function takeReason(
	body: string,
	{ isFree, lists }: LogVerb
): { readonly what: string; readonly reason: string } {
	const parts = isFree ? [body] : body.split(';');
	const isList = (part: string) =>
		lists !== undefined && part.split(/[\s,/]+/).every((word) => word === '' || lists(word));
	const goesOn = (part: string, at: number) => at === 0 || isList(part);
	const end = parts.findIndex((part, at) => !goesOn(part, at));
	const [told, reasons] = end < 0 ? [parts, []] : [parts.slice(0, end), parts.slice(end)];
	return { what: told.join(' '), reason: reasons.join(';').trim() };
}

interface Taken {
	readonly body: string;
	/** As forms send it; empty where nothing was said. */
	readonly when: string;
	readonly typed: string;
}

/** The moment off the end of a line: after an at sign, or in words such as "yesterday" or "2 days ago". */
function takeWhen(line: string, clock: Clock, verb: LogVerb): Taken {
	const read = (text: string) => readMoment(text, clock.now_ms, clock);
	const signs = [...line.matchAll(/(?<= )@ ?/g)];
	const sign = signs.at(-1);
	if (sign) {
		const typed = line.slice(sign.index + sign[0].length);
		const when = read(typed);
		if (when !== undefined) return { body: line.slice(0, sign.index).trim(), when, typed };
		// Free text keeps its own signs: only a moment that can be read is taken off it.
		if (!verb.isFree) return { body: line, when: 'unreadable', typed };
	}
	// What stands in a reason dates nothing.
	const [what = '', ...reasons] = line.split(';');
	const tail = verb.isFree
		? null
		: / ((?:yesterday|\d+ (?:hours?|days?|weeks?) ago)(?: .*)?)$/i.exec(what.trimEnd());
	const when = tail?.[1] === undefined ? undefined : read(tail[1]);
	if (tail && when !== undefined)
		return {
			body: [what.slice(0, tail.index), ...reasons].join(';'),
			when,
			typed: tail[1] ?? ''
		};
	return { body: line, when: '', typed: '' };
}
