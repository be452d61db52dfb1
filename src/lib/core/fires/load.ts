import type { Estimate, KgDry } from '../units';
import { dryOfAll, type StackFormId, type StackPart, type WoodClassId } from '../woodyard';
import { mostOf } from './plan';

/** Wood that goes into a fire, worked out from what each stack gives. */
export interface LoadWorked {
	readonly dry: Estimate<KgDry>;
	/** The class, and the way it was stacked, that make up most of the dry mass: they decide the density of the char. */
	readonly wood: WoodClassId | undefined;
	readonly form: StackFormId | undefined;
}

/**
 * The load of a fire: for the page as one ticks stacks, for the plan and for the fire that was burnt.
 * @param basis of the dry mass, "oven-dry wood loaded"
 */
export function workOutLoad(parts: readonly StackPart[], basis: string): LoadWorked {
	const most = <Kind extends string>(kindOf: (part: StackPart) => Kind) =>
		mostOf(parts.map((part) => ({ kind: kindOf(part), dry_g: part.dry.value * 1000 })));
	return {
		dry: dryOfAll(parts, basis),
		wood: most(({ wood }) => wood),
		form: most(({ form }) => form)
	};
}
