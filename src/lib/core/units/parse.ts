import { inVessels } from './in-vessels';
import { factors, inCelsius, type System } from './convert';
import { spellings, type Kind } from './spellings';

/** A container the grower has calibrated: one level filling holds so many litres. */
export interface OwnMeasure {
	readonly name: string;
	readonly litres: number;
}

/** What the text is read against. */
export interface ParseContext {
	/** Undefined means nobody has said yet: doubtful units are then asked back. */
	readonly system?: System;
	readonly measures?: readonly OwnMeasure[];
}

/** What was understood, or what to ask, or what is wrong; words are chosen at the edge. */
export type Parsed =
	| {
			readonly status: 'ok';
			readonly value: number;
			readonly number: number;
			readonly unit: string;
	  }
	| {
			readonly status: 'ask';
			readonly code: 'thousands' | 'cup' | 'spoon';
			readonly options: readonly string[];
	  }
	| {
			readonly status: 'bad';
			/** `kind`: a unit, and not of what is asked. */
			readonly code: 'empty' | 'number' | 'unit' | 'kind' | 'negative';
			readonly part: string;
	  };

const fractions: Readonly<Record<string, string>> = Object.freeze({
	'¼': '1/4',
	'½': '1/2',
	'¾': '3/4',
	'⅓': '1/3',
	'⅔': '2/3',
	'⅛': '1/8',
	'⅜': '3/8',
	'⅝': '5/8',
	'⅞': '7/8'
});

/**
 * Read a volume as people type it ("1 1/2 barrows", "12,5 l", "3 gal"); litres out.
 * A bare number is in litres (metric, or nobody said) or US gallons. "gal", "qt" and "pt" are
 * the US liquid ones. "cup" follows the system and is asked back without one.
 * @example parseVolume('1 1/2 barrows', { measures: [{ name: 'barrow', litres: 78 }] }) // 117
 */
export function parseVolume(text: string, context: ParseContext = {}): Parsed {
	const bare = context.system === 'us' ? factors.volume.usGallon : 1;
	return read(inVessels(text), context, 'volume', bare);
}

/** Read a length, also of two parts (`5' 6"`, "6 ft 6 in"); metres out. A bare number is in metres, or feet in US customary. */
export function parseLength(text: string, context: ParseContext = {}): Parsed {
	const bare = context.system === 'us' ? factors.length.foot : 1;
	return together(text.replace(/[’′]/g, "'").replace(/[”″]|''/g, '"'), context, 'length', bare);
}

/** Read a mass; kilograms out. A bare number is in kg, or pounds in US customary. */
export function parseMass(text: string, context: ParseContext = {}): Parsed {
	return together(text, context, 'mass', context.system === 'us' ? factors.mass.pound : 1);
}

/** Two parts of a whole as typed, `1:4`; a bare number is so many of the one to one of the other. */
export type ReadRatio =
	| { readonly status: 'ok'; readonly first: number; readonly second: number }
	| { readonly status: 'number'; readonly value: number }
	| Exclude<Parsed, { status: 'ok' }>;

/**
 * Read `a : b` in parts, or a bare number.
 * @example parseRatio('1:4') // { status: 'ok', first: 1, second: 4 }
 */
export function parseRatio(text: string): ReadRatio {
	const [left = '', right, ...more] = text.split(/:|\bto\b/);
	const first = parseNumber(left);
	if (first.status !== 'ok') return first;
	if (right === undefined) return { status: 'number', value: first.value };
	const second = parseNumber(right);
	if (second.status !== 'ok') return second;
	if (more.length > 0 || !(first.value > 0) || !(second.value > 0))
		return { status: 'bad', code: 'number', part: text.trim() };
	return { status: 'ok', first: first.value, second: second.value };
}

/** Read a plain number such as a count, a percentage or a pH; a trailing % is allowed. */
export function parseNumber(text: string): Parsed {
	return read(text.replace(/%\s*$/, ''), {}, 'plain', 1);
}

/** Read a temperature; °C out. A bare number is °C, or °F in US customary. May be below zero. */
export function parseTemperature(text: string, context: ParseContext = {}): Parsed {
	const found = /^([-−]?)(.*?)\s*°?\s*([cf]?)$/i.exec(text.trim());
	const parsed = readNumber(found?.[2] ?? '');
	if (parsed.status !== 'ok') return parsed;
	const number = found?.[1] ? -parsed.value : parsed.value;
	const isF = (found?.[3]?.toLowerCase() || (context.system === 'us' ? 'f' : 'c')) === 'f';
	return {
		status: 'ok',
		// Whether it can be is said by the field it is typed in.
		value: isF ? inCelsius(number) : number,
		number,
		unit: isF ? '°F' : '°C'
	};
}

const someFigure = String.raw`(?:\d[\d.,/ ¼½¾⅓⅔⅛⅜⅝⅞-]*|[¼½¾⅓⅔⅛⅜⅝⅞])`;

/** Feet and inches, pounds and ounces: two amounts of one kind, the larger unit first. */
function together(text: string, context: ParseContext, kind: Kind, bare: number): Parsed {
	const [, first, second] =
		new RegExp(
			String.raw`^(${someFigure}\s*[\p{L}'"][\p{L}.'"]*)\s*(${someFigure}[^\d]*)$`,
			'u'
		).exec(text.trim()) ?? [];
	if (first === undefined || second === undefined) return read(text, context, kind, bare);
	const large = read(first, context, kind, bare);
	const small = read(/^[\d.,/ ]+$/.test(second) ? `${second} in` : second, context, kind, bare);
	if (large.status !== 'ok') return large;
	if (small.status !== 'ok') return small;
	if (small.value / small.number >= large.value / large.number)
		return { status: 'bad', code: 'unit', part: second.trim() };
	return { ...large, value: large.value + small.value };
}

function read(text: string, context: ParseContext, kind: Kind, bare: number): Parsed {
	const { figure, rest } = split(counted(text));
	if (figure === '' && rest === '') return { status: 'bad', code: 'empty', part: '' };
	const number = readNumber(figure === '' ? rest : figure);
	if (number.status !== 'ok') return number;
	if (rest === '') return { ...number, value: number.value * bare };
	const factor = unitFactor(rest, context, kind);
	if (factor === 'ask-cup')
		return { status: 'ask', code: 'cup', options: [`${figure} US cup`, `${figure} metric cup`] };
	if (factor === 'ask-spoon')
		return { status: 'ask', code: 'spoon', options: [`${figure} tsp`, `${figure} tonnes`] };
	if (factor === undefined)
		return { status: 'bad', code: isOtherKind(rest, kind) ? 'kind' : 'unit', part: rest };
	return { status: 'ok', value: number.value * factor, number: number.value, unit: rest };
}

/** "a barrow" is one, "half a barrow" a half. */
const counted = (text: string): string =>
	text
		.trim()
		.replace(/^half an? /i, '1/2 ')
		.replace(/^(an?|one) /i, '1 ');

function split(text: string): { figure: string; rest: string } {
	const plain = text
		.replace(/[¼½¾⅓⅔⅛⅜⅝⅞]/g, (sign) => ` ${fractions[sign]}`)
		.replace(/(\d)\s*[-–]\s*(\d+\/\d+)/g, '$1 $2')
		.replace(/\s+/g, ' ')
		.trim();
	const found = /^([-−+]?[\d.,/ ]*\d|)\s*(.*)$/.exec(plain);
	return { figure: (found?.[1] ?? '').trim(), rest: (found?.[2] ?? '').trim() };
}

function readNumber(figure: string): Parsed {
	const ok = (value: number): Parsed => ({ status: 'ok', value, number: value, unit: '' });
	const bad: Parsed = { status: 'bad', code: 'number', part: figure };
	if (figure === '') return { status: 'bad', code: 'empty', part: '' };
	if (/^[-−]/.test(figure)) return { status: 'bad', code: 'negative', part: figure };
	const mixed = /^(?:(\d+) )?(\d+)\/(\d+)$/.exec(figure);
	if (mixed)
		return Number(mixed[3]) > 0
			? ok(Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3]))
			: bad;
	// One mark before three digits parts thousands in one country and decimals in the next.
	if (/^[1-9]\d{0,2}[.,]\d{3}$/.test(figure)) {
		const joined = figure.replace(/[.,]/, '');
		return {
			status: 'ask',
			code: 'thousands',
			options: [joined, String(Number(figure.replace(',', '.')))]
		};
	}
	if (/^\d{1,3}( \d{3})+([.,]\d+)?$/.test(figure))
		return ok(Number(figure.replace(/ /g, '').replace(',', '.')));
	if (/^\d{1,3}(,\d{3}){2,}(\.\d+)?$/.test(figure) || /^\d{1,3},\d{3}\.\d+$/.test(figure))
		return ok(Number(figure.replace(/,/g, '')));
	const plain = figure.replace(',', '.');
	return /^\d{1,12}(\.\d*)?$|^\.\d+$/.test(plain) ? ok(Number(plain)) : bad;
}

function unitFactor(
	name: string,
	context: ParseContext,
	kind: Kind
): number | 'ask-cup' | 'ask-spoon' | undefined {
	const word = name.toLowerCase().replace(/[.^]/g, '');
	if (kind === 'plain' || kind === 'temperature') return undefined;
	if (kind === 'volume') {
		const own = context.measures?.find((measure) => isNamed(word, measure.name.toLowerCase()));
		if (own) return own.litres;
		const spoon = spoonIn(name.replace(/\.$/, ''), context.system);
		if (spoon !== undefined) return spoon;
		if (/^us cups?$/.test(word)) return factors.volume.usCup;
		if (/^metric cups?$/.test(word)) return factors.volume.metricCup;
		if (/^cups?$/.test(word)) {
			if (!context.system) return 'ask-cup';
			return context.system === 'us' ? factors.volume.usCup : factors.volume.metricCup;
		}
	}
	const known = spellings[kind];
	return [word, word.replace(/ /g, '')]
		.filter((key) => Object.hasOwn(known, key))
		.map((key) => known[key])[0];
}

/** Spoons: a capital T is a tablespoon wherever recipes are written; a small t may be a teaspoon or a tonne. */
function spoonIn(name: string, system: System | undefined): number | 'ask-spoon' | undefined {
	const { usTablespoon, usTeaspoon, metricTablespoon, metricTeaspoon } = factors.volume;
	if (name === 't') return 'ask-spoon';
	if (name === 'T' || /^(tbsp?s?|tbs|tablespoons?)$/i.test(name))
		return system === 'us' ? usTablespoon : metricTablespoon;
	if (/^(tsps?|teaspoons?)$/i.test(name)) return system === 'us' ? usTeaspoon : metricTeaspoon;
	return undefined;
}

/** Whether it is a unit of length, mass or volume, and not of the kind that is asked. */
function isOtherKind(name: string, asked: Kind): boolean {
	const word = name.toLowerCase().replace(/[.^ ]/g, '');
	return Object.entries(spellings).some(
		([kind, known]) => kind !== asked && Object.hasOwn(known, word)
	);
}

const isNamed = (word: string, name: string) =>
	word === name || word === `${name}s` || word === `${name}es` || word === `${name} full`;
