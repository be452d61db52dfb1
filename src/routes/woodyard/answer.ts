import type { Estimate, KgDry, Range } from '$lib/core/units';
import { dryOfAll, type StackFormId, type WoodClassId } from '$lib/core/woodyard';
import type { System } from '$lib/core/units';
import { sayRange } from '$lib/format/figure';
import { said, slipped, type Sentence } from '$lib/format/sentence';
import { count } from '$lib/format/words';

interface Line {
	readonly burnable: string;
	readonly left: Range;
	readonly stack: {
		readonly code: string;
		readonly name: string;
		readonly measure: { readonly form: StackFormId; readonly wood: WoodClassId };
	};
}

const mayBurn = (line: Line) => line.burnable === 'ready' || line.burnable === 'slower';

/** Dry wood in all stacks that may burn now. */
export function dryToBurn(lines: readonly Line[]): Estimate<KgDry> {
	const ready = lines.filter(mayBurn);
	return dryOfAll(
		ready.map(({ stack, left }) => ({ ...stack, ...stack.measure, dry: left })),
		'oven-dry wood in stacks that may burn'
	);
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
