import { factors, fahrenheitToCelsius, type System } from './convert';

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
			readonly code: 'thousands' | 'cup';
			readonly options: readonly string[];
	  }
	| {
			readonly status: 'bad';
			readonly code: 'empty' | 'number' | 'unit' | 'negative';
			readonly part: string;
	  };

type Kind = 'volume' | 'length' | 'mass' | 'temperature' | 'plain';

const fractions: Readonly<Record<string, string>> = Object.freeze({
	'¼': '1/4',
	'½': '1/2',
	'¾': '3/4',
	'⅓': '1/3',
	'⅔': '2/3',
	'⅛': '1/8'
});

/** Spellings of units, lower case, without full stops. */
const spellings: Readonly<
	Record<Exclude<Kind, 'plain' | 'temperature'>, Readonly<Record<string, number>>>
> = {
	volume: spell(factors.volume, {
		L: 'l litre litres liter liters',
		mL: 'ml millilitre millilitres',
		m3: 'm3 m³ cbm',
		usGallon: 'gal gallon gallons',
		usQuart: 'qt quart quarts',
		usPint: 'pt pint pints',
		cubicFoot: 'ft3 ft³ cuft cf',
		cubicYard: 'yd3 yd³ cuyd cy'
	}),
	length: spell(factors.length, {
		m: 'm metre metres meter meters',
		cm: 'cm',
		mm: 'mm',
		inch: 'in inch inches "',
		foot: "ft foot feet '",
		yard: 'yd yard yards'
	}),
	mass: spell(factors.mass, {
		kg: 'kg kilo kilos',
		g: 'g gram grams',
		t: 't tonne tonnes',
		pound: 'lb lbs pound pounds',
		ounce: 'oz ounce ounces'
	})
};

function spell(table: Readonly<Record<string, number>>, words: Record<string, string>) {
	return Object.freeze(
		Object.fromEntries(
			Object.entries(words).flatMap(([unit, names]) =>
				names.split(' ').map((name) => [name, table[unit] as number])
			)
		)
	);
}

/**
 * Read a volume as people type it ("1 1/2 barrows", "12,5 l", "3 gal"); litres out.
 * A bare number is in litres (metric, or nobody said) or US gallons. "gal", "qt" and "pt" are
 * the US liquid ones. "cup" follows the system and is asked back without one.
 * @example parseVolume('1 1/2 barrows', { measures: [{ name: 'barrow', litres: 78 }] }) // 117
 */
export function parseVolume(text: string, context: ParseContext = {}): Parsed {
	const bare = context.system === 'us' ? factors.volume.usGallon : 1;
	return read(text, context, 'volume', bare);
}

/** Read a length; metres out. A bare number is in metres, or feet in US customary. */
export function parseLength(text: string, context: ParseContext = {}): Parsed {
	return read(text, context, 'length', context.system === 'us' ? factors.length.foot : 1);
}

/** Read a mass; kilograms out. A bare number is in kg, or pounds in US customary. */
export function parseMass(text: string, context: ParseContext = {}): Parsed {
	return read(text, context, 'mass', context.system === 'us' ? factors.mass.pound : 1);
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
	if (number < -60 || number > 2700) return { status: 'bad', code: 'number', part: text.trim() };
	return {
		status: 'ok',
		value: isF ? fahrenheitToCelsius(number) : number,
		number,
		unit: isF ? '°F' : '°C'
	};
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
	if (factor === undefined) return { status: 'bad', code: 'unit', part: rest };
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
		.replace(/[¼½¾⅓⅔⅛]/g, (sign) => ` ${fractions[sign]}`)
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
	if (/^\d{1,3},\d{3}$/.test(figure)) {
		const joined = figure.replace(',', '');
		return {
			status: 'ask',
			code: 'thousands',
			options: [joined, String(Number(figure.replace(',', '.')))]
		};
	}
	if (/^\d{1,3}( \d{3})+$/.test(figure)) return ok(Number(figure.replace(/ /g, '')));
	if (/^\d{1,3}(,\d{3}){2,}(\.\d+)?$/.test(figure) || /^\d{1,3},\d{3}\.\d+$/.test(figure))
		return ok(Number(figure.replace(/,/g, '')));
	const plain = figure.replace(',', '.');
	return /^\d{1,12}(\.\d*)?$|^\.\d+$/.test(plain) ? ok(Number(plain)) : bad;
}

/** Spellings of what is neither a plain length, mass nor volume here. */
const otherUnits = /^(%|percent|°?[cf]|(us |metric )?cups?|m2|m²|ft2|ft²|sqm|sqft|ha|acres?|cord)$/;

/** Whether a word is a unit of any kind, so that no measure may go by it. */
export function isUnitWord(word: string): boolean {
	const key = word.toLowerCase().replace(/\./g, '');
	const singular = [key, key.replace(/ /g, ''), key.replace(/e?s$/, ''), `${key}s`, `${key} full`];
	return (
		otherUnits.test(key) ||
		Object.values(spellings).some((table) => singular.some((one) => Object.hasOwn(table, one)))
	);
}

function unitFactor(
	name: string,
	context: ParseContext,
	kind: Kind
): number | 'ask-cup' | undefined {
	const word = name.toLowerCase().replace(/\./g, '');
	if (kind === 'plain' || kind === 'temperature') return undefined;
	if (kind === 'volume') {
		const own = context.measures?.find((measure) => isNamed(word, measure.name.toLowerCase()));
		if (own) return own.litres;
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

const isNamed = (word: string, name: string) =>
	word === name || word === `${name}s` || word === `${name}es` || word === `${name} full`;
