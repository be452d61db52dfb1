import { z } from 'zod';
import { kilograms, metres, type Kilograms } from '../core/units';
import type { Shape, VesselUse } from '../core/vessels';
import { fields, nameField, oneOf, optional, unused, type Reading } from './form';
import { limits } from './limits';

export interface VesselInput {
	readonly name: string;
	readonly usedFor: VesselUse;
	readonly shape: Shape;
	readonly emptyMass?: Kilograms | undefined;
	/** Not in the books yet; a name that is taken is then refused. */
	readonly isNew: boolean;
}

/**
 * A vessel by measurement; a straight-sided one leaves the floor width empty.
 * @param known the name of the vessel that is measured again; without it the form names a new one
 */
export function vesselSchema(reading: Reading, known?: string) {
	const { quantity } = fields(reading);
	const size = quantity(limits.vessel.rimWidth, metres);
	/** Seen from above; a form that does not ask means a round one. */
	const outline = oneOf(['round', 'square']).default('round');
	const common = {
		name: known === undefined ? nameField : unused,
		depth: quantity(limits.vessel.depth, metres),
		rimWidth: size,
		floorWidth: optional(size)
	};
	return z
		.discriminatedUnion(
			'usedFor',
			[
				z.object({
					usedFor: z.literal('open-kiln'),
					...common,
					outline,
					emptyMass: optional(quantity(limits.vessel.emptyMass, kilograms))
				}),
				z.object({ usedFor: z.literal('tub'), ...common, outline }),
				z.object({
					usedFor: z.literal('trench'),
					...common,
					rimLength: size,
					floorLength: optional(size)
				})
			],
			{ error: 'choose' }
		)
		.transform((typed): VesselInput => {
			const flat = {
				rimWidth: typed.rimWidth,
				floorWidth: typed.floorWidth ?? typed.rimWidth,
				depth: typed.depth
			};
			const shape: Shape =
				typed.usedFor === 'trench'
					? {
							kind: 'trench',
							...flat,
							rimLength: typed.rimLength,
							floorLength: typed.floorLength ?? typed.rimLength
						}
					: { kind: typed.outline, ...flat };
			return {
				name: known ?? (typed.name as string),
				isNew: known === undefined,
				usedFor: typed.usedFor,
				shape,
				...(typed.usedFor === 'open-kiln' && typed.emptyMass ? { emptyMass: typed.emptyMass } : {})
			};
		});
}
