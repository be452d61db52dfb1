import {
	parseLength,
	parseMass,
	parseNumber,
	parsePart,
	parseRatio,
	parseTemperature,
	parseVolume,
	type Parsed,
	type ParseContext,
	type Part,
	type ReadList,
	type ReadPart,
	type ReadRatio
} from '../core/units';
import type { Limit } from './limits';

/** What a field says, or what is wrong with it: the code of a complaint, with the figures its words need. */
export type ReadField =
	| { readonly status: 'ok'; readonly value: number | Exclude<Part, number> }
	| {
			readonly status: 'issue';
			readonly code: string;
			readonly facts: Readonly<Record<string, string | number>>;
	  };

const parsers: Readonly<
	Record<Exclude<Limit['reads'], 'part' | 'ratio'>, (text: string, context: ParseContext) => Parsed>
> = {
	volume: parseVolume,
	length: parseLength,
	mass: parseMass,
	temperature: parseTemperature,
	number: parseNumber
};

/**
 * Read a field as it was typed, within its limits: the one reading of page and act.
 * @param order of a ratio typed as `a : b`: which of the two the value is so many of
 */
export function readField(
	text: string,
	limit: Limit,
	context: ParseContext,
	order: 'first' | 'second' = 'first'
): ReadField {
	const read = valueOf(text, limit, context, order);
	if (read.status !== 'ok') return issueOf(read);
	const { value } = read;
	if (typeof value === 'number' && (value < limit.low || value > limit.high))
		return {
			status: 'issue',
			code: `out-of-range-${rangeOf[limit.reads] ?? limit.reads}`,
			facts: { low: limit.low, high: limit.high }
		};
	return { status: 'ok', value };
}

/** Words for the range of what is a volume or number under another name. */
const rangeOf: Readonly<Partial<Record<Limit['reads'], string>>> = {
	part: 'volume',
	ratio: 'number'
};

type Value =
	| { readonly status: 'ok'; readonly value: number | Exclude<Part, number> }
	| Exclude<ReadPart, { status: 'ok' }>;

function valueOf(
	text: string,
	{ reads }: Limit,
	context: ParseContext,
	order: 'first' | 'second'
): Value {
	if (reads === 'part') {
		const read = parsePart(text, context);
		return read.status === 'ok' ? { status: 'ok', value: read.part } : read;
	}
	return reads === 'ratio' ? ratioOf(parseRatio(text), order) : parsers[reads](text, context);
}

function ratioOf(read: ReadRatio, order: 'first' | 'second'): Value {
	if (read.status === 'number') return { status: 'ok', value: read.value };
	if (read.status !== 'ok') return read;
	const { first, second } = read;
	return { status: 'ok', value: order === 'first' ? first / second : second / first };
}

export type Unread = Exclude<ReadPart | ReadList, { status: 'ok' }>;

/** What could not be read, as a complaint or a question. */
export function issueOf(read: Unread): Extract<ReadField, { status: 'issue' }> {
	return read.status === 'ask'
		? { status: 'issue', code: `ask-${read.code}`, facts: { options: read.options.join(' | ') } }
		: { status: 'issue', code: `bad-${read.code}`, facts: { part: read.part } };
}

/** The same as a number within its limits, for what is worked out while one types; undefined for anything else. */
export function amountIn(
	text: string,
	limit: Limit,
	context: ParseContext,
	order: 'first' | 'second' = 'first'
): number | undefined {
	if (text.trim() === '') return undefined;
	const read = readField(text, limit, context, order);
	return read.status === 'ok' && typeof read.value === 'number' ? read.value : undefined;
}

/** A part of a lot as typed; undefined where nothing or no such part is. */
export function partIn(text: string, limit: Limit, context: ParseContext): Part | undefined {
	const read = readField(text, limit, context);
	return read.status === 'ok' ? read.value : undefined;
}
