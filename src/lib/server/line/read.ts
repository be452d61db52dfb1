import { readWhen } from './when';
import type { Names } from './names';
import { trouble, verbs, type ReadVerb, type Understood, type Verb } from './sending';
import { readCheck } from './verbs/check';
import { readCount } from './verbs/count';
import { readCrush } from './verbs/crush';
import { readMoist } from './verbs/moist';
import { readNote } from './verbs/note';
import { readSpread } from './verbs/spread';
import { readStir, readTurn } from './verbs/tend';
import { readTemp } from './verbs/temp';

const readers: Readonly<Record<Verb, ReadVerb>> = {
	spread: readSpread,
	moist: readMoist,
	temp: readTemp,
	check: readCheck,
	count: readCount,
	crush: readCrush,
	stir: readStir,
	turn: readTurn,
	note: readNote
};

export const longestLine = 400;

/**
 * One line of the log into the form it stands for: `[verb] what … [; reason] [@ when]`. Without a
 * verb it is a spreading, `38 L C4 > Mere 2`. The grammar is in docs/log-line.md.
 */
export function readLine(
	text: string,
	names: Names,
	clock: { readonly now_ms: number; readonly timeZone: string }
): Understood {
	const line = text.replace(/\s+/g, ' ').trim();
	if (line === '') return trouble('line-empty');
	if (line.length > longestLine) return trouble('too-long');
	const verb = verbOf(line);
	if (!verb) return trouble('line-no-verb', { typed: line.split(' ')[0] ?? '' });
	const { body, when } = takeWhen(line, clock);
	if (when === 'unreadable' && verb !== 'note')
		return trouble('line-bad-when', { typed: line.split(' @ ').at(-1) ?? '' });
	// A note keeps its own signs: only a moment that can be read is taken off it.
	const said = when === 'unreadable' ? line : body;
	const [what = '', ...reasons] = verb === 'note' ? [said] : said.split(';');
	const rest = what.replace(new RegExp(`^${verb}\\b`, 'i'), '').trim();
	const read = readers[verb]({ rest, reason: reasons.join(';').trim() }, names);
	if (read.status !== 'ok') return read;
	const happenedAt = when === 'unreadable' ? '' : when;
	return {
		...read,
		sending: { ...read.sending, values: { ...read.sending.values, happenedAt } }
	};
}

export function verbOf(line: string): Verb | undefined {
	const first = line.split(' ')[0]?.toLowerCase();
	return (
		verbs.find((verb) => verb === first) ??
		(line.includes('>') || /^[\d¼½¾⅓⅔⅛.]|^(all|half|an?)\b/i.test(line) ? 'spread' : undefined)
	);
}

function takeWhen(
	line: string,
	{ now_ms, timeZone }: { readonly now_ms: number; readonly timeZone: string }
): { readonly body: string; readonly when: string } {
	const at = line.lastIndexOf(' @ ');
	const end = at < 0 && line.endsWith(' @') ? line.length - 2 : at;
	if (end < 0) return { body: line, when: '' };
	return {
		body: line.slice(0, end).trim(),
		when: readWhen(line.slice(end + 3), now_ms, timeZone) ?? 'unreadable'
	};
}
