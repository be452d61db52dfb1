import type { Values } from '../../input/form';
import { readMoment, type DateOrder } from '../../core/time';
import { rooms } from '../rooms';
import { nearest } from '../../core/units';
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
	const verb = verbOf(line, names) ?? verbOf(line.replace(atStart, ''), names);
	const turned = verb ? undefined : verbFirst(line, names);
	if (turned !== undefined) return readLine(turned, names, clock);
	if (!verb)
		return trouble('line-no-verb', {
			typed: line.split(' ')[0] ?? '',
			...nearTo(line.split(' ')[0] ?? ''),
			verbs: verbs.flatMap(({ word, opens }) => (opens ? [] : [word])).join(', ')
		});
	const ways = whensOf(line, clock, verb).map((taken) => readTaken(taken, verb, names));
	return ways.find(({ status }) => status === 'ok') ?? ways[0]!;
}

/** A line of a verb, with its moment taken off it. */
function readTaken({ body, when, typed }: Taken, of: LogVerb, names: Names): Understood {
	if (when === 'unreadable') return trouble('line-bad-when', { typed });
	// What began with a day may have looked like an amount.
	const verb = verbOf(body, names) ?? of;
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
export function verbOf(line: string, names: Names): LogVerb | undefined {
	const first = line.split(' ')[0]?.toLowerCase() ?? '';
	return (
		verbs.find(({ word, also = [] }) => word === first || also.includes(first)) ??
		verbs.find(({ opens }) => opens?.(line, names))
	);
}

export const withoutVerb = (line: string, { word, also = [] }: LogVerb): string => {
	const first = line.split(' ')[0]?.toLowerCase() ?? '';
	return first === word || also.includes(first) ? line.slice(first.length).trim() : line.trim();
};

/** "C6 stirred", "S1 moist 19 22", "F6 all cold", "B3 stinks": what it was done with, and then the verb. */
function verbFirst(line: string, names: Names): string | undefined {
	const [thing = '', second = '', ...rest] = line.split(' ');
	if (!/^\p{L}\d+[,:]?$/u.test(thing)) return undefined;
	const code = thing.replace(/[,:]$/, '');
	if (/^f/i.test(code) && /^(?:all|cold|warm)$/i.test(second))
		return ['check', code, second, ...rest].join(' ');
	if (/^b/i.test(code) && /^stinks?$/i.test(second))
		return ['smell', code, second, ...rest].join(' ');
	const verb = verbs.find(({ word }) => isVerb(second.toLowerCase(), word));
	return verb && verbOf(verb.word, names) ? [verb.word, code, ...rest].join(' ') : undefined;
}

/** A verb, or what it is once it was done: stirred, turned, moistened. */
const isVerb = (said: string, word: string): boolean =>
	[word, `${word}ed`, `${word}d`, `${word}${word.at(-1)}ed`].includes(said);

/** The verb that was most likely meant. */
function nearTo(typed: string): { readonly near?: string } {
	const near = nearest(
		typed,
		verbs.map(({ word }) => word)
	);
	return near === undefined ? {} : { near };
}

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

/**
 * The ways to read when a line happened, the likeliest first: after an at sign, in words at the end of what was done
 * ("yesterday", "22 nov", "2 days ago") or before it, or not at all. What looks like a day may be part of a name.
 */
function whensOf(line: string, clock: Clock, verb: LogVerb): readonly Taken[] {
	const read = (text: string) => readMoment(text, clock.now_ms, clock);
	const none = { body: line, when: '', typed: '' };
	const signs = [...line.matchAll(/(?<= )@ ?/g)];
	const sign = signs.at(-1);
	if (sign) {
		const typed = line.slice(sign.index + sign[0].length);
		const when = read(typed);
		if (when !== undefined) return [{ body: line.slice(0, sign.index).trim(), when, typed }];
		// Free text keeps its own signs: only a moment that can be read is taken off it.
		return [verb.isFree ? none : { body: line, when: 'unreadable', typed }];
	}
	if (verb.isFree) return [none];
	// What stands in a reason dates nothing.
	const [what = '', ...reasons] = line.split(';');
	const taken = (typed: string | undefined, rest: string): readonly Taken[] => {
		const when = typed === undefined ? undefined : read(typed);
		return when === undefined
			? []
			: [{ body: [rest, ...reasons].join(';'), when, typed: typed ?? '' }];
	};
	const tail = atEnd.exec(what.trimEnd());
	const head = atStart.exec(what);
	return [
		...(tail ? taken(tail[1], what.slice(0, tail.index)) : []),
		...(head ? taken(head[1], what.slice(head[0].length)) : []),
		none
	];
}

const month = '(?:jan|feb|mar|apr|may|june?|july?|aug|sept?|oct|nov|dec)[a-z]*';
const weekday = '(?:mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:day)?';
const clockTime = '(?:(?: at)? (?:\\d{1,2}[:.]\\d\\d(?: ?[ap]m)?|\\d{1,2} ?[ap]m|noon))?';
const dayWords = `(?:yesterday|today|\\d+ (?:hours?|days?|weeks?) ago|${weekday}|\\d{1,2} ${month}(?: \\d{4})?|${month} \\d{1,2}|\\d{4}-\\d\\d-\\d\\d)`;
const atEnd = new RegExp(` ((?:on )?${dayWords}${clockTime})$`, 'i');
const atStart = new RegExp(`^(${dayWords}${clockTime}):? (?=\\S)`, 'i');
