import { z } from 'zod';
import {
	causeIds,
	changeIds,
	clueIds,
	signIds,
	rescueStepIds,
	testIds,
	type CauseId,
	type ChangeId,
	type ClueId,
	type RescueStepId,
	type SignId,
	type TestId
} from '../../core/detective';

/** What is seen of a bed that sulks, read of its ground, and made of it. */
export interface FoundByDetective {
	/** Seen, and looked for in vain; said again, the later stands. */
	readonly signs: {
		readonly seen: readonly SignId[];
		readonly vain: readonly SignId[];
		/** What was asked and held. */
		readonly asked?: readonly ClueId[];
	};
	readonly 'bed-tested': { readonly test: TestId; readonly isSo: boolean };
	/** Of the cause that was leading the one change, and the local day to look again. */
	readonly 'case-opened': {
		readonly cause: CauseId;
		readonly probability: number;
		readonly change: ChangeId;
		readonly lookDay: string;
	};
	/** How it came out; where another cause was found, which. */
	readonly 'case-closed': {
		readonly outcome: CaseOutcome;
		readonly cause?: CauseId;
		readonly between?: string;
	};
	/** Water through a ring: litres, minutes, across the inside in m, and which run. */
	readonly seep: {
		readonly water_l: number;
		readonly minutes: number;
		readonly ring_m?: number;
		readonly run?: 'first' | 'second';
	};
	readonly worms: { readonly worms: number };
	readonly spade: { readonly depth_m: number };
	/** Of a slurry of one part of soil in five of water. */
	readonly 'bed-salt': { readonly dS_m: number };
	readonly vigour: { readonly vigour: number };
	readonly 'bed-smell': { readonly is: 'earthy' | 'sour' | 'rotten' | 'none' };
	/** Ash that was left of a dried sample of char, share of its weight. */
	readonly 'char-ash': { readonly share: number };
	/** What came of following an advice. */
	readonly 'advice-judged': { readonly helped: 'yes' | 'no' | 'unclear'; readonly words?: string };
	/** A tired bed is brought round, step by step from that day on. */
	readonly 'rescue-begun': Readonly<Record<string, never>>;
	readonly 'rescue-step': { readonly step: RescueStepId };
	/** How long water stood after rain. */
	readonly 'water-stood': { readonly hours: number };
}

export const caseOutcomes = ['right', 'wrong', 'unclear'] as const;
export type CaseOutcome = (typeof caseOutcomes)[number];

const one = <Shape extends z.ZodRawShape>(shape: Shape) => z.looseObject(shape);
const oneOf = <T extends string>(list: readonly T[]) => z.enum(list as readonly [T, ...T[]]);
const sign = oneOf(signIds);

/** How each is read. */
export const detectiveSchemas = {
	signs: one({
		seen: z.array(sign),
		vain: z.array(sign),
		asked: z.array(oneOf(clueIds)).optional()
	}),
	'bed-tested': one({ test: oneOf(testIds), isSo: z.boolean() }),
	'case-opened': one({
		cause: oneOf(causeIds),
		probability: z.number(),
		change: oneOf(changeIds),
		lookDay: z.string()
	}),
	'case-closed': one({
		outcome: z.enum(caseOutcomes),
		cause: oneOf(causeIds).optional(),
		between: z.string().optional()
	}),
	seep: one({
		water_l: z.number(),
		minutes: z.number(),
		ring_m: z.number().optional(),
		run: z.enum(['first', 'second']).optional()
	}),
	worms: one({ worms: z.number() }),
	spade: one({ depth_m: z.number() }),
	'bed-salt': one({ dS_m: z.number() }),
	vigour: one({ vigour: z.number() }),
	'bed-smell': one({ is: z.enum(['earthy', 'sour', 'rotten', 'none']) }),
	'advice-judged': one({
		helped: z.enum(['yes', 'no', 'unclear']),
		words: z.string().optional()
	}),
	'rescue-begun': one({}),
	'rescue-step': one({ step: oneOf(rescueStepIds) }),
	'char-ash': one({ share: z.number() }),
	'water-stood': one({ hours: z.number() })
} satisfies Readonly<Record<keyof FoundByDetective, z.ZodType>>;
