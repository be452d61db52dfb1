import { z } from 'zod';
import { kilograms, metres, type Kilograms, type Metres } from '../core/units';
import { shapeKinds, vesselUses, type Fittings, type Shape, type VesselUse } from '../core/vessels';
import {
	dropped,
	fields,
	nameField,
	oneOf,
	optional,
	ticked,
	unused,
	type Reading,
	type Values
} from './form';
import { limits } from './limits';
import { measuresOf, shapeFrom, shapeKindOf } from './vessel-shape';

export interface VesselInput {
	readonly name: string;
	readonly usedFor: VesselUse;
	readonly shape: Shape;
	readonly fittings?: Fittings | undefined;
	readonly emptyMass?: Kilograms | undefined;
	/** Not in the books yet; a name that is taken is then refused. */
	readonly isNew: boolean;
}

/**
 * A vessel by measurement; a straight-sided one leaves the floor width empty.
 * @param known the name of the vessel that is measured again; without it the form names a new one
 */
export function vesselSchema(reading: Reading, known: string | undefined, values: Values) {
	const { quantity } = fields(reading);
	const size = quantity(limits.vessel.rimWidth, metres);
	const floor = optional(quantity(limits.vessel.floorWidth, metres));
	const kind = shapeKindOf(values.usedFor ?? '', values.outline);
	const { floor: hasFloor, length: hasLength } = measuresOf(kind);
	const holed = values.usedFor === 'barrel' && Boolean(values.holes?.trim());
	return z
		.object({
			usedFor: oneOf(vesselUses),
			name: known === undefined ? nameField : unused,
			outline: oneOf(shapeKinds).optional(),
			depth: quantity(limits.vessel.depth, metres),
			rimWidth: size,
			floorWidth: hasFloor ? floor : dropped,
			rimLength: hasLength ? size : dropped,
			floorLength: hasFloor && hasLength ? floor : dropped,
			emptyMass: optional(quantity(limits.vessel.emptyMass, kilograms)),
			shield: ticked,
			burner: ticked,
			panels: optional(quantity(limits.vessel.panels)),
			holes: holed ? quantity(limits.vessel.holes) : unused,
			holeWidth: holed ? quantity(limits.vessel.holeWidth, metres) : unused,
			chimney: optional(quantity(limits.vessel.chimney, metres))
		})
		.superRefine((typed, ctx) => {
			if (kind === 'lying' && typed.depth > typed.rimWidth)
				ctx.addIssue({ code: 'custom', message: 'deeper-than-round', path: ['depth'] });
		})
		.transform((typed): VesselInput => ({
			name: known ?? (typed.name as string),
			isNew: known === undefined,
			usedFor: typed.usedFor,
			shape: shapeFrom(kind, {
				rimWidth: typed.rimWidth,
				floorWidth: typed.floorWidth,
				rimLength: typed.rimLength,
				floorLength: typed.floorLength,
				depth: typed.depth
			}),
			fittings: {
				...(typed.shield ? { shield: true } : {}),
				...(typed.burner ? { burner: true } : {}),
				...(typed.panels === undefined ? {} : { panels: Math.round(typed.panels) }),
				...(holed
					? {
							holes: {
								count: Math.round(typed.holes as number),
								width: typed.holeWidth as Metres
							}
						}
					: {}),
				...(typed.chimney === undefined ? {} : { chimney: typed.chimney })
			},
			...(typed.usedFor !== 'tub' && typed.emptyMass ? { emptyMass: typed.emptyMass } : {})
		}));
}
