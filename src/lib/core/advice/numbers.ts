/** Numbers as they are said: a word, a figure, a fraction, a half more, a range of two. */
export interface Said {
	readonly low: number;
	readonly high: number;
	/** What stands after it. */
	readonly rest: string;
}

const counted: Readonly<Record<string, number>> = {
	a: 1,
	an: 1,
	one: 1,
	two: 2,
	three: 3,
	four: 4,
	five: 5,
	six: 6,
	seven: 7,
	eight: 8,
	nine: 9,
	ten: 10,
	twelve: 12,
	twenty: 20,
	fifty: 50,
	hundred: 100
};
const parts: Readonly<Record<string, number>> = {
	half: 0.5,
	'a half': 0.5,
	'half a': 0.5,
	'half an': 0.5,
	quarter: 0.25,
	'a quarter': 0.25,
	'½': 0.5,
	'¼': 0.25,
	'¾': 0.75
};

const oneNumber =
	/^(?:(half an?|a half|a quarter|half|quarter)\b|(\d+)\s+(\d)\/(\d)|(\d)\/(\d)|(\d[\d,]*(?:\.\d+)?)\s*([½¼¾])?|([½¼¾])|((?:an? )?hundred|an?|one|two|three|four|five|six|seven|eight|nine|ten|twelve|twenty|fifty)\b)\s*/;

/** "1.5", "1 1/2", "a", "half a"; a comma parts thousands, as in English. */
function readOne(text: string): { readonly value: number; readonly rest: string } | undefined {
	const found = oneNumber.exec(text);
	if (!found) return undefined;
	const [all, part, whole, top, under, above, below, figure, more, bare, word] = found;
	const rest = text.slice(all.length);
	if (part) return { value: parts[part] ?? 0, rest };
	if (whole) return { value: Number(whole) + Number(top) / Number(under), rest };
	if (above) return { value: Number(above) / Number(below), rest };
	if (figure)
		return {
			value:
				Number(figure.replace(/,(?=\d{3}\b)/g, '').replace(',', '.')) + (parts[more ?? ''] ?? 0),
			rest
		};
	if (bare) return { value: parts[bare] ?? 0, rest };
	return { value: word?.endsWith('hundred') ? 100 : (counted[word ?? ''] ?? 0), rest };
}

/** A number or a range that a text begins with: "two or three", "5 to 10", "2–3". */
export function readSaid(text: string): Said | undefined {
	const first = readOne(text);
	if (!first) return undefined;
	const range = /^(?:-|–|to|or)\s*/.exec(first.rest);
	const second = range && readOne(first.rest.slice(range[0].length));
	if (!second || second.value < first.value)
		return { low: first.value, high: first.value, rest: first.rest };
	return { low: first.value, high: second.value, rest: second.rest };
}

/** "cup and a half": the half of the same. */
export function andAHalf(rest: string): { readonly more: number; readonly rest: string } {
	const found = /^\s*and (a half|a quarter)\b/.exec(rest);
	return found
		? { more: parts[found[1] ?? ''] ?? 0, rest: rest.slice(found[0].length) }
		: { more: 0, rest };
}
