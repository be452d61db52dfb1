import type { System } from '$lib/core/units';
import { say } from '$lib/format/figure';
import { count } from '$lib/format/words';

interface Line {
	readonly burnable: string;
	readonly left: { readonly value: number };
}

/** What have I to burn, and is it dry enough? */
export function woodyardAnswer(lines: readonly Line[], system: System | undefined): string {
	if (lines.length === 0) return 'Nothing is measured yet: measure one pile';
	const sum = (states: readonly string[]) =>
		lines
			.filter((line) => states.includes(line.burnable))
			.reduce((total, line) => total + line.left.value, 0);
	const dry = sum(['ready', 'slower']);
	const others = lines.filter((line) => !['ready', 'slower'].includes(line.burnable)).length;
	const rest = others === 0 ? '' : `; ${count(others, 'stack', 'stacks')} may not`;
	if (dry === 0)
		return `Nothing may burn yet: ${count(lines.length, 'stack is', 'stacks are')} wet, unread or held`;
	return `${say(dry, 'kg', system)} of dry wood may burn now${rest}`;
}
