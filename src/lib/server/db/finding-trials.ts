import { z } from 'zod';
import { measureIds, type MeasureId } from '../../core/trials';

/** What is seen of trials and of strips left as they were. */
export interface FoundInTrials {
	/** One pot or plot of a trial by its number, and what was read of it. */
	readonly looked: {
		readonly unit: number;
		readonly measure: MeasureId;
		/** In the unit of the measure: days, cm, g, or a bare number. */
		readonly value: number;
	};
	readonly 'unit-lost': { readonly unit: number; readonly why?: string };
	readonly 'trial-ended': { readonly why?: string };
	/** All of it stands elsewhere from then on. */
	readonly 'trial-moved': { readonly where: string };
	/** Another season of the same pots or plots begins: what is read from then on is of that. */
	readonly 'trial-runs-on': Readonly<Record<string, never>>;
	/** A strip of this bed is left as it is this season, to be looked at once on that local day. */
	readonly 'strip-left': { readonly part: string; readonly lookDay: string };
	/** A bed beside its strip that was left as it was, in one season. */
	readonly 'strip-looked': {
		readonly measure: MeasureId;
		readonly untreated: number;
		readonly treated: number;
	};
}

const one = <Shape extends z.ZodRawShape>(shape: Shape) => z.looseObject(shape);
const measure = z.enum(measureIds as [MeasureId, ...MeasureId[]]);

/** How each is read. */
export const trialSchemas = {
	looked: one({ unit: z.number(), measure, value: z.number() }),
	'unit-lost': one({ unit: z.number(), why: z.string().optional() }),
	'trial-ended': one({ why: z.string().optional() }),
	'trial-moved': one({ where: z.string() }),
	'trial-runs-on': one({}),
	'strip-left': one({ part: z.string(), lookDay: z.string() }),
	'strip-looked': one({ measure, untreated: z.number(), treated: z.number() })
} satisfies Readonly<Record<keyof FoundInTrials, z.ZodType>>;
