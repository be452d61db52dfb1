import type { Estimate, KgDry, Range } from '$lib/core/units';
import {
	dryOfAll,
	stackForm,
	type StackFormId,
	type StackPart,
	type WoodClassId
} from '$lib/core/woodyard';
import type { System } from '$lib/core/units';
import { sayRange } from '$lib/format/figure';
import { said, slipped, type Sentence } from '$lib/format/sentence';
import { count, list } from '$lib/format/words';

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

const basis = 'oven-dry wood in stacks that may burn';

/** More than anybody reads in a sum. */
const mostNamed = 24;

/** Those of one form and class of wood as one: they are off alike, and unlike ones each by itself. */
function byLikeness(stacks: readonly StackPart[]): readonly StackPart[] {
	const groups = new Map<string, StackPart[]>();
	for (const stack of stacks) {
		const likeness = `${stack.form} ${stack.wood}`;
		groups.set(likeness, [...(groups.get(likeness) ?? []), stack]);
	}
	return [...groups.values()].map((group) => ({
		...group[0]!,
		code: String(group.length),
		name: `${group.length === 1 ? 'stack' : 'stacks'} of ${stackForm(group[0]!.form).name}`,
		dry: dryOfAll(group, basis)
	}));
}

/** Dry wood in all stacks that may burn now. */
export function dryToBurn(lines: readonly Line[]): Estimate<KgDry> {
	const ready = lines
		.filter(mayBurn)
		.map(({ stack, left }) => ({ ...stack, ...stack.measure, dry: left }));
	return dryOfAll(ready.length > mostNamed ? byLikeness(ready) : ready, basis);
}

const whyNot: Readonly<Record<string, readonly [one: string, many: string]>> = {
	unread: ['stack wants a reading', 'stacks want a reading'],
	wet: ['stack is too wet', 'stacks are too wet'],
	held: ['stack is quarantined', 'stacks are quarantined'],
	empty: ['stack is used up', 'stacks are used up']
};

/** Those that may not burn, by what speaks against it. */
const othersTold = (lines: readonly Line[]): readonly string[] =>
	Object.entries(whyNot).flatMap(([burnable, [one, many]]) => {
		const n = lines.filter((line) => line.burnable === burnable).length;
		return n > 0 ? [count(n, one, many)] : [];
	});

/** What have I to burn, and is it dry enough? */
export function woodyardAnswer(
	lines: readonly Line[],
	system: System | undefined
): Sentence | string {
	if (lines.length === 0) return 'Nothing is measured yet: measure one pile';
	const others = lines.filter((line) => !mayBurn(line)).length;
	if (others === lines.length)
		return `Nothing may burn yet: ${count(lines.length, 'stack is', 'stacks are')} wet, unread or held`;
	const rest = others === 0 ? '' : `; ${list(othersTold(lines))}`;
	return said`${slipped(sayRange(dryToBurn(lines), system), 'May burn now')} of dry wood may burn now${rest}`;
}
