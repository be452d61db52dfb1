/** "one thing is", "three things are" */
export function count(n: number, one: string, many: string): string {
	const names = [
		'no',
		'one',
		'two',
		'three',
		'four',
		'five',
		'six',
		'seven',
		'eight',
		'nine',
		'ten',
		'eleven',
		'twelve'
	];
	return `${names[n] ?? n} ${n === 1 ? one : many}`;
}

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

export function list(words: readonly string[]): string {
	return words.length < 2
		? (words[0] ?? '')
		: `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
}
