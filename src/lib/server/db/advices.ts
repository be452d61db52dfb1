import { z } from 'zod';
import { evidenceKinds, type EvidenceKind } from '../../core/evidence';
import { jsonOf } from './json';
import type { Things } from './things';

/** An advice as it was heard and kept: a school of one's own, with its ground. */
export interface AdviceTold {
	readonly text: string;
	/** What it is about, where it says so. */
	readonly stuff?: string;
	readonly who?: string;
	readonly ground: EvidenceKind;
	/** As it was taken, in litres on a square metre; none where it names no amount. */
	readonly perM2?: { readonly value: number; readonly low: number; readonly high: number };
	readonly often?: string;
}

export interface KeptAdvice extends AdviceTold {
	readonly id: number;
	readonly name: string;
}

const range = z.looseObject({ value: z.number(), low: z.number(), high: z.number() });

export const readAdviceTold = jsonOf<AdviceTold>(
	z.looseObject({
		text: z.string(),
		stuff: z.string().optional(),
		who: z.string().optional(),
		ground: z.enum(evidenceKinds),
		perM2: range.optional(),
		often: z.string().optional()
	})
);

/** Advices go by a name that counts up: Heard 1, Heard 2. */
export const adviceStore = (things: Things) => {
	const all = (): KeptAdvice[] =>
		things.versioned('advice', readAdviceTold).map(({ id, name, told }) => ({ ...told, id, name }));
	return {
		/** The oldest first. */
		all,
		maybeOne: (name: string): KeptAdvice | null => all().find((one) => one.name === name) ?? null,
		nextName: (): string => `Heard ${things.countEver('advice') + 1}`,
		insert: (actId: string, name: string, told: AdviceTold): void => {
			const id = things.insert(actId, 'advice', name);
			things.insertVersion(actId, id, told);
		}
	};
};
