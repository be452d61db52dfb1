import { judge, keyOf, type Caution } from '$lib/core/cautions';
import { tendingRules, type FireNow, type Told } from '$lib/core/tending';
import type { System } from '$lib/core/units';
import { tendingCautions } from '$lib/format/tending-cautions';
import { asksSure, asksWhy } from '$lib/input/act';

/** What speaks against a tap, and how it may be answered with one more. */
export interface Doubt {
	readonly says: string;
	readonly ways: readonly { readonly label: string; readonly take: () => void | Promise<void> }[];
}

/** Judged here as the books will, so that it is asked without a connection, too. */
export const askedOf = (told: Told, { stage, water }: FireNow): Caution | undefined =>
	judge(tendingRules, { told, stage, water }).find(({ weight }) => weight === 'ask');

/** The fields by which it is answered. */
export function answersOf(asked: Caution): Readonly<Record<string, string>> {
	const key = keyOf(asked);
	return asked.isSlip
		? { [`${asksSure}${key}`]: 'on' }
		: { [`${asksWhy}${key}`]: 'on', reason: 'Done so at the fire.' };
}

export const wordsFor = ({ code, facts }: Caution, system: System | undefined): string =>
	tendingCautions[code as keyof typeof tendingCautions](facts, system);
