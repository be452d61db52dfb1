import { z } from 'zod';
import { readTook, type Took } from '../core/worth';

/** How long an act took, as people write it; empty where nobody tells. */
export const tookField = z
	.string()
	.trim()
	.max(40, { error: 'too-long' })
	.default('')
	.transform((typed, ctx): Took | undefined => {
		if (typed === '') return undefined;
		const took = readTook(typed);
		if (took) return took;
		ctx.addIssue({ code: 'custom', message: 'bad-took', params: { part: typed } });
		return z.NEVER;
	});
