import { judge, keyOf, type Caution } from '$lib/core/cautions';
import { tendingRules, type FireNow, type Told } from '$lib/core/tending';
import type { System } from '$lib/core/units';
import { tendingCautions } from '$lib/format/tending-cautions';
import { asksSure } from '$lib/input/act';

/** What speaks against a tap, and how it may be answered with one more. */
export interface Doubt {
	readonly says: string;
	readonly ways: readonly { readonly label: string; readonly take: () => void | Promise<void> }[];
}

/** Judged here as the books will, so that it is asked without a connection, too. */
export const askedOf = (told: Told, { stage, water }: FireNow): Caution | undefined =>
	judge(tendingRules, { told, stage, water }).find(({ weight }) => weight === 'ask');

/** A slip is answered by saying so; what wants a reason waits for the person's own, once the books ask for it. */
export function answersOf(asked: Caution): Readonly<Record<string, string>> {
	return asked.isSlip ? { [`${asksSure}${keyOf(asked)}`]: 'on' } : {};
}

export const wordsFor = ({ code, facts }: Caution, system: System | undefined): string =>
	tendingCautions[code as keyof typeof tendingCautions](facts, system);
