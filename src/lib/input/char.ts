import type { CharWetness } from '../core/char';
import { z } from 'zod';
import { litres, type Litres, type Part } from '../core/units';
import { fields, optional, type Reading } from './form';
import { limits } from './limits';
import { wetnessField } from './fires';

export interface CrushInput {
	readonly code: string;
	readonly before: Part;
	readonly after: Litres;
	readonly wetness: CharWetness;
}

/** An empty "before" means all of the lot. */
export function crushSchema(reading: Reading, code: string) {
	const { part, quantity } = fields(reading);
	return z
		.object({
			before: optional(part(limits.crush.before)),
			after: quantity(limits.crush.after, litres),
			wetness: wetnessField
		})
		.transform(({ before, after, wetness }): CrushInput => ({
			code,
			before: before ?? 'all',
			after,
			wetness
		}));
}

export interface PoolInput {
	/** Lots tipped onto one heap, all of each. */
	readonly codes: readonly string[];
}

/** A lot, and those that are tipped onto one heap with it. */
export const poolSchema = (_reading: Reading, code: string) =>
	z
		.object({ others: z.string({ error: 'choose' }).trim().min(1, { error: 'choose' }) })
		.transform(({ others }): PoolInput => ({ codes: [code, ...others.split('\n')] }));
