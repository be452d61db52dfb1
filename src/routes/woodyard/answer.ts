import { estimate, kgDry, sum, type Estimate, type KgDry, type Range } from '$lib/core/units';
import type { System } from '$lib/core/units';
import { sayRange } from '$lib/format/figure';
import { said, slipped, type Sentence } from '$lib/format/sentence';
import { count } from '$lib/format/words';

interface Line {
	readonly burnable: string;
	readonly left: Range;
	readonly stack: { readonly code: string; readonly name: string };
}

const mayBurn = (line: Line) => line.burnable === 'ready' || line.burnable === 'slower';

/** Dry wood in all stacks that may burn now. */
export function dryToBurn(lines: readonly Line[]): Estimate<KgDry> {
	const ready = lines.filter(mayBurn);
	return estimate(kgDry, sum(ready.map((line) => line.left)), {
		unit: 'kg',
		basis: 'oven-dry wood in stacks that may burn',
		formula: 'sum of what is left in each',
		from: ready.map(({ stack, left }) => ({
			name: `${stack.code} ${stack.name}`,
			...left,
			unit: 'kg' as const,
			origin: 'measured' as const,
			source: 'its own measure, less what was taken'
		}))
	});
}

/** What have I to burn, and is it dry enough? */
export function woodyardAnswer(
	lines: readonly Line[],
	system: System | undefined
): Sentence | string {
	if (lines.length === 0) return 'Nothing is measured yet: measure one pile';
	const others = lines.filter((line) => !mayBurn(line)).length;
	if (others === lines.length)
		return `Nothing may burn yet: ${count(lines.length, 'stack is', 'stacks are')} wet, unread or held`;
	const rest = others === 0 ? '' : `; ${count(others, 'stack', 'stacks')} may not`;
	return said`${slipped(sayRange(dryToBurn(lines), system), 'May burn now')} of dry wood may burn now${rest}`;
}
