import { list } from '$lib/format/words';

interface Named {
	readonly code: string;
	readonly name: string;
}

/** What have I mixed, what is low? */
export function mixesAnswer(n: number, low: readonly Named[]): string {
	if (n === 0) return 'Nothing is mixed: say what is wanted, and this says how much of each';
	const names = list(low.slice(0, 3).map(({ code, name }) => `${code} ${name}`));
	if (low.length === 0)
		return n === 1 ? 'One mix is at hand' : `${n} mixes are at hand, none of them low`;
	return `${names} ${low.length > 1 ? 'are' : 'is'} low: under a quarter is left`;
}
