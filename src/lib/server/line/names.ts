import { nameKey } from '../../core/units';
import type { Place } from '../../core/kinds';

/** Something a line may name. */
export interface Thing {
	/** Its code, or the name it goes by. */
	readonly code: string;
	readonly kind: Place;
	readonly name: string;
	/** Of a lot: what is left of it. */
	readonly litres?: number;
	/** Of what is kept by weight: what is left of it, as it lies. */
	readonly kg?: number;
	/** Could be used today with nothing said against it: offered first. */
	readonly ripe?: boolean;
	/** What a verb may want to know of it. */
	readonly facts?: Readonly<Record<string, string>>;
}

/** Everything a line may name, as it stands. */
export interface Names {
	readonly things: readonly Thing[];
	readonly measures: readonly string[];
}

export const namesOfKind = ({ things }: Names, kind: Place): readonly string[] =>
	things.filter((thing) => thing.kind === kind).map(({ code }) => code);

export const thingNamed = ({ things }: Names, code: string): Thing | undefined =>
	things.find((thing) => thing.code === code);

/** The lot whose name a text begins with, where only one of these kinds goes by it: "Boathouse +2 barrows". */
export function leadingLot(
	text: string,
	{ things }: Names,
	kinds: readonly Place[]
): { readonly code: string; readonly kind: Place; readonly rest: string } | undefined {
	const of = things.filter(({ kind, code, name }) => kinds.includes(kind) && name !== code);
	const named = leadingName(
		text,
		of.map(({ name }) => name)
	);
	const those = of.filter(({ name }) => name === named?.name);
	const [only] = those;
	return named && only && those.length === 1
		? { code: only.code, kind: only.kind, rest: named.rest }
		: undefined;
}

export type Found =
	| { readonly status: 'found'; readonly name: string }
	| { readonly status: 'none' }
	| { readonly status: 'many'; readonly names: readonly string[] };

/** As people write a name: whatever its case, "mere2" for "Mere 2". */
const closed = (name: string) => nameKey(name).replace(/ /g, '');

/** A name typed in full or begun, in any case; a beginning that fits several fits none. */
export function findName(typed: string, known: readonly string[]): Found {
	const word = closed(typed);
	const exact = known.find((name) => closed(name) === word);
	if (exact !== undefined) return { status: 'found', name: exact };
	const begun = word === '' ? [] : known.filter((name) => closed(name).startsWith(word));
	if (begun.length === 1) return { status: 'found', name: begun[0] ?? '' };
	return begun.length === 0 ? { status: 'none' } : { status: 'many', names: begun };
}

/** The longest known name that a text starts with, spaced as typed, and the rest of the text. */
export function leadingName(
	text: string,
	known: readonly string[]
): { readonly name: string; readonly rest: string } | undefined {
	const words = text.trim().split(/\s+/);
	for (let n = words.length; n > 0; n -= 1) {
		const head = closed(words.slice(0, n).join(' ')).replace(/[,:]$/, '');
		const name = known.find((one) => closed(one) === head);
		if (name !== undefined) return { name, rest: words.slice(n).join(' ') };
	}
	return undefined;
}

/** `Mere 1-3`, `Mere 2, Upper 4`: beds at the head of a text, and what stands after them. */
export function leadingBeds(
	text: string,
	known: readonly string[]
): { readonly beds: readonly string[]; readonly rest: string } | undefined {
	const span = /^(.*?)(\d+)\s*[-–]\s*(\d+)(?:\s+(.*))?$/.exec(text.trim());
	if (span) {
		const [, head = '', from = '', to = '', rest = ''] = span;
		const numbers = Array.from(
			{ length: Math.max(0, Number(to) - Number(from)) + 1 },
			(_, i) => Number(from) + i
		);
		const found = numbers.map((n) => findName(`${head}${n}`, known));
		if (numbers.length < 60 && found.every((one) => one.status === 'found'))
			return { beds: found.map((one) => one.name), rest };
	}
	const first = leadingName(text, known);
	if (!first) return undefined;
	const head = text
		.trim()
		.slice(0, -first.rest.length || undefined)
		.trim();
	const and = /^and\s+(.*)$/.exec(first.rest);
	const more = head.endsWith(',') ? first.rest : and?.[1];
	const others = more === undefined ? undefined : leadingBeds(more, known);
	if (others) return { beds: [first.name, ...others.beds], rest: others.rest };
	return { beds: [first.name], rest: first.rest };
}
