import type { Names, Thing } from './names';
import { verbs, withoutVerb } from './read';
import type { Completion, LogVerb } from './sending';

const most = 8;

/** How the line may go on from where it ends, the likeliest first. */
export function completions(line: string, names: Names): readonly Completion[] {
	return waysOn(line.replace(/\s+/g, ' ').trimStart(), names).slice(0, most);
}

function waysOn(line: string, names: Names): readonly Completion[] {
	const first = line.split(' ')[0]?.toLowerCase() ?? '';
	const verb = line.includes(' ') ? verbs.find(({ word }) => word === first) : undefined;
	if (verb) return after(verb, line, names);
	const open = verbs.find(({ opens }) => opens?.(line, names));
	return open ? after(open, line, names) : verbsFrom(first, names);
}

/** What may stand after a verb, the line before it kept as it was typed. */
function after(verb: LogVerb, line: string, names: Names): readonly Completion[] {
	const rest = line.endsWith(' ')
		? `${withoutVerb(line, verb)} `.trimStart()
		: withoutVerb(line, verb);
	const before = line.slice(0, line.length - rest.length);
	const ways = verb.ways?.(rest, names);
	if (ways) return ways.map((way) => ({ ...way, line: `${before}${way.line}` }));
	return thingsFrom(names, rest, verb.fits).map((way) => ({
		...way,
		line: `${before}${way.shows} `
	}));
}

function verbsFrom(begun: string, names: Names): readonly Completion[] {
	const open =
		begun === '' ? verbs.flatMap((verb) => (verb.opens ? (verb.ways?.('', names) ?? []) : [])) : [];
	const rest = verbs
		.filter(({ word, opens }) => !opens && word.startsWith(begun))
		.map(({ word, about }) => ({ line: `${word} `, shows: word, about }));
	return [...open, ...rest];
}

/** Things that a text begins, those that are ripe first. */
export const thingsFrom = (
	{ things }: Names,
	begun: string,
	fits: (thing: Thing) => boolean
): readonly Completion[] =>
	things
		.filter((thing) => fits(thing) && isBegun(begun, thing.code, thing.name))
		.sort((a, b) => Number(b.ripe ?? false) - Number(a.ripe ?? false))
		.map(({ code, name, litres }) => ({
			line: '',
			shows: code,
			about: name,
			...(litres === undefined ? {} : { litres })
		}));

/** Begun by its code, or by any word of its name; already there in full it is no way on. */
export const isBegun = (begun: string, ...names: readonly string[]): boolean => {
	const typed = begun.toLowerCase();
	return names.some(
		(name) =>
			name.toLowerCase().startsWith(typed) ||
			(typed.length > 1 && name.toLowerCase().includes(` ${typed}`))
	);
};
