import { z } from 'zod';
import {
	armKinds,
	measureIds,
	orders,
	type Arm,
	type Design,
	type MeasureId
} from '../../core/trials';
import { jsonOf } from './json';
import type { Db } from './open';
import type { Things } from './things';

/** A trial as it was planned. */
export interface TrialTold extends Design {
	readonly question: string;
	readonly unit: 'pot' | 'plot';
	/** What blocks differ by; without it nothing is blocked. */
	readonly differs?: string;
	readonly isBlind: boolean;
	readonly measures: readonly MeasureId[];
	/** Where it stands, by the name of a bed or a group of pots. */
	readonly bed?: string;
}

export interface Trial extends TrialTold {
	readonly id: number;
	readonly code: string;
}

const arm: z.ZodType<Arm> = z.looseObject({
	name: z.string().optional(),
	kind: z.enum(armKinds),
	share: z.number().optional()
});

export const readTrial = jsonOf<TrialTold>(
	z.looseObject({
		question: z.string(),
		unit: z.enum(['pot', 'plot']),
		arms: z.array(arm).min(2),
		blocks: z.number().int().min(1),
		order: z.enum(orders),
		seed: z.number().int(),
		differs: z.string().optional(),
		isBlind: z.boolean(),
		measures: z.array(z.enum(measureIds as [MeasureId, ...MeasureId[]])).min(1),
		bed: z.string().optional()
	})
);

/** Trials go by a code that counts up: T1, T2. */
export function trialStore(db: Db, things: Things) {
	const arms = db
		.prepare<{ id: number }, number>(
			'SELECT v.bed_id FROM thing_version t JOIN bed_version v ON v.act_id = t.act_id WHERE t.thing_id = @id ORDER BY v.id'
		)
		.pluck();
	const all = (): Trial[] =>
		things.versioned('trial', readTrial).map(({ id, name, told }) => ({ ...told, id, code: name }));
	return {
		/** Those in use, the oldest first. */
		all,
		maybeOne: (code: string): Trial | null => all().find((one) => one.code === code) ?? null,
		/** Its arms as parts of where it stands, in their order; none where it stands on no target of the books. */
		armBeds: (id: number): number[] => arms.all({ id }),
		nextCode: (): string => `T${things.countEver('trial') + 1}`,
		insert: (actId: string, code: string, told: TrialTold): void => {
			const id = things.insert(actId, 'trial', code);
			things.insertVersion(actId, id, told);
		}
	};
}
