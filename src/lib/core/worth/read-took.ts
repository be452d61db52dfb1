/** So long, by so many heads. */
export interface Took {
	readonly minutes: number;
	readonly heads: number;
}

const amount = String.raw`\d+(?:[.,]\d+)?`;
const hours = String.raw`(?:hours?|hrs?|h)(?![a-z])`;
const mins = String.raw`(?:minutes?|mins?|m)(?![a-z])`;
const lengths: readonly (readonly [RegExp, (a: number, b: number) => number])[] = [
	[new RegExp(`^(\\d+):(\\d{2})(?:\\s*${hours})?`, 'i'), (a, b) => a * 60 + b],
	[
		new RegExp(`^(${amount})\\s*${hours}\\s*(?:(${amount})\\s*(?:${mins})?)?`, 'i'),
		(a, b) => a * 60 + b
	],
	[new RegExp(`^(${amount})\\s*(?:${mins})?`, 'i'), (a) => a]
];
const number = (text: string | undefined) => Number((text ?? '0').replace(',', '.'));
/** Longer than this at once is no day's work: something else was meant. */
const most_min = 24 * 60;

/** "2 × " before it, or " 2", "with 2", "× 2" after it. */
const before = /^(\d{1,2})\s*[x×*]\s*/i;
const after = /^(?:[x×*]|with|by)?\s*(\d{1,2})\s*(?:heads?|people|of us)?$/i;

/**
 * How long something took, as people write it: minutes where no unit stands, then by how many heads.
 * @returns undefined where it can't be read, or is nothing or more than a day
 * @example readTook('1 h 20 min 2') // { minutes: 80, heads: 2 }
 */
export function readTook(typed: string): Took | undefined {
	const text = typed.trim();
	const heads = before.exec(text);
	const rest = heads ? text.slice(heads[0].length) : text;
	for (const [pattern, of] of lengths) {
		const found = pattern.exec(rest);
		if (!found) continue;
		const minutes = of(number(found[1]), number(found[2]));
		const tail = rest.slice(found[0].length).trim();
		const told = after.exec(tail)?.[1];
		if (tail !== '' && (told === undefined || heads)) continue;
		const all = Number(heads?.[1] ?? told ?? 1);
		if (minutes > 0 && minutes <= most_min && all >= 1) return { minutes, heads: all };
		return undefined;
	}
	return undefined;
}
