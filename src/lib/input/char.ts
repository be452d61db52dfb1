import type { CharWetness } from '../core/char';
import { z } from 'zod';
import { litres, type Litres, type Part } from '../core/units';
import { fields, maybeText, optional, type Reading } from './form';
import { wetnessField } from './fires';

export interface CrushInput {
	readonly code: string;
	readonly before: Part;
	readonly after: Litres;
	readonly wetness: CharWetness;
	readonly oddReason: string;
}

/** An empty "before" means all of the lot. */
export function crushSchema(reading: Reading, code: string) {
	const { volume, part } = fields(reading);
	return z
		.object({
			before: optional(part(100_000)),
			after: volume(litres, 0.1, 100_000),
			wetness: wetnessField,
			oddReason: maybeText(300)
		})
		.transform(({ before, after, wetness, oddReason }): CrushInput => ({
			code,
			before: before ?? 'all',
			after,
			wetness,
			oddReason
		}));
}
