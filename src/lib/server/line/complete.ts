import type { LotName, Names } from './names';
import { verbs, type Verb } from './sending';

/** One way to go on: the line as it then stands, what to show for it, and what it is. */
export interface Completion {
	readonly line: string;
	readonly shows: string;
	readonly about: string;
	/** Left of a lot. */
	readonly litres?: number;
}

const most = 8;

const abouts: Readonly<Record<Exclude<Verb, 'spread'>, string>> = {
	moist: 'read a stack',
	temp: 'a fire or lot',
	check: 'is the fire out',
	count: 'a lot again',
	crush: 'whole char',
	stir: 'a batch',
	turn: 'a batch',
	note: 'what you saw'
};

/** How the line may go on from where it ends, the likeliest first. */
export function completions(line: string, names: Names): readonly Completion[] {
	return waysOn(line.replace(/\s+/g, ' ').trimStart(), names).slice(0, most);
}

function waysOn(line: string, names: Names): readonly Completion[] {
	const first = line.split(' ')[0]?.toLowerCase() ?? '';
	const verb = verbs.find((known) => known === first);
	if (verb === 'check' && /^check f\d+ /i.test(line)) return seenAt(line);
	if (verb && verb !== 'spread' && line.includes(' '))
		return subjects(verb, names, line.slice(verb.length + 1), `${line.slice(0, verb.length)} `);
	const spread = line.replace(/^spread /i, '');
	if (/^[\d¼½¾⅓⅔⅛.]|^all\b/i.test(spread))
		return spreading(spread, names, line.slice(0, line.length - spread.length));
	return verbsFrom(first, names);
}

const seen = [
	['cold', 'no heat felt'],
	['warm', 'heat felt'],
	['smoke', 'smoke seen'],
	['white', 'white spots seen']
] as const;

/** What a check may say of its next place, or of the whole. */
function seenAt(line: string): readonly Completion[] {
	const said = line.slice(0, line.lastIndexOf(' '));
	const begun = line.slice(said.length + 1).toLowerCase();
	return seen
		.filter(([word]) => word.startsWith(begun))
		.map(([word, about]) => ({ line: `${said} ${word} `, shows: word, about }));
}

function verbsFrom(begun: string, { measures }: Names): readonly Completion[] {
	const spread = [...measures.slice(0, 1), 'L'].map((measure) => ({
		line: `1 ${measure} `,
		shows: `1 ${measure} …`,
		about: 'spread it on a bed'
	}));
	const rest = verbs.flatMap((verb) =>
		verb !== 'spread' && verb.startsWith(begun)
			? [{ line: `${verb} `, shows: verb, about: abouts[verb] }]
			: []
	);
	return begun === '' ? [...spread, ...rest] : rest;
}

function spreading(text: string, names: Names, before: string): readonly Completion[] {
	const [left = '', right] = text.split('>', 2);
	if (right !== undefined)
		return begunWith(right.trim(), names.beds).map((bed) => ({
			line: `${before}${left.trim()} > ${bed}`,
			shows: bed,
			about: 'bed'
		}));
	const [, figure = '', word = ''] = /^(all|[\d¼½¾⅓⅔⅛.,/ ]*\d|[¼½¾⅓⅔⅛])\s*(.*)$/i.exec(text) ?? [];
	const units = ['L', 'L/m2', '%', ...names.measures];
	const isAll = /^all$/i.test(figure);
	const unit = isAll ? '' : longestStart(word, units);
	if (unit === undefined)
		return begunWith(word, units).map((name) => ({
			line: `${before}${figure} ${name} `,
			shows: name,
			about: names.measures.includes(name) ? 'your measure' : 'unit'
		}));
	const begun = word.slice(unit.length).trim();
	const amount = `${before}${figure}${unit === '' ? '' : ` ${word.slice(0, unit.length)}`}`;
	return lotsFrom(names, begun, ({ kind }) => kind !== 'stack' && kind !== 'stock').map((way) => ({
		...way,
		line: `${amount} ${way.shows} > `
	}));
}

/** The unit or measure a text starts with, in full. */
const longestStart = (text: string, known: readonly string[]) =>
	known
		.flatMap((name) => [`${name}s`, name])
		.filter((name) => `${text.toLowerCase()} `.startsWith(`${name.toLowerCase()} `))
		.sort((a, b) => b.length - a.length)[0];

function subjects(
	verb: Exclude<Verb, 'spread'>,
	names: Names,
	begun: string,
	before: string
): readonly Completion[] {
	const at = (way: Omit<Completion, 'line'>): Completion => ({
		...way,
		line: `${before}${way.shows} `
	});
	const lots = (fits: (lot: LotName) => boolean) => lotsFrom(names, begun, fits).map(at);
	const fires = names.fires
		.filter(
			({ code, vessel, state }) =>
				isBegun(begun, code, vessel) && (verb !== 'check' || state !== 'planned')
		)
		.map(({ code, vessel, state }) => at({ shows: code, about: `${vessel}, ${state}` }));
	const beds = begunWith(begun, names.beds).map((bed) => at({ shows: bed, about: 'bed' }));
	switch (verb) {
		case 'moist':
			return lots(({ kind }) => kind === 'stack');
		case 'crush':
			return lots(({ char }) => char?.state === 'whole');
		case 'stir':
		case 'turn':
			return lots(({ kind }) => kind === 'charge');
		case 'count':
			return lots(() => true);
		case 'check':
			return fires;
		case 'temp':
			return [...fires, ...lots(({ kind }) => kind === 'charge')];
		case 'note':
			return [...beds, ...fires, ...lots(() => true)];
	}
}

const lotsFrom = (names: Names, begun: string, fits: (lot: LotName) => boolean) =>
	names.lots
		.filter((lot) => fits(lot) && isBegun(begun, lot.code, lot.name))
		.sort((a, b) => Number(b.ripe) - Number(a.ripe))
		.map((lot) => ({ line: '', shows: lot.code, about: lot.name, litres: lot.litres }));

const begunWith = (begun: string, known: readonly string[]) =>
	known.filter((name) => isBegun(begun, name));

/** Begun by its code, or by any word of its name; already there in full it is no way on. */
const isBegun = (begun: string, ...names: readonly string[]) => {
	const typed = begun.toLowerCase();
	return names.some(
		(name) =>
			name.toLowerCase().startsWith(typed) ||
			(typed.length > 1 && name.toLowerCase().includes(` ${typed}`))
	);
};
