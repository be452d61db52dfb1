import { z } from 'zod';
import {
	doings as fireDoings,
	layerSizes,
	pieceSizes,
	signs,
	waterings,
	type Doing as FireDoing,
	type LayerSize,
	type PieceSize,
	type Sign,
	type Watering
} from '../../core/tending';

/** What is tapped beside a fire. */
export interface FoundAtFires {
	/** A layer laid on a fire. */
	readonly layer: {
		readonly layer: LayerSize;
		readonly pieces?: PieceSize;
		readonly litres?: number;
	};
	readonly 'fire-sign': { readonly sign: Sign };
	readonly 'fire-doing': { readonly doing: FireDoing };
	/** A hose that runs or stops, and what it gives a minute; or litres from a can or tank. */
	readonly 'fire-water': {
		readonly water: Watering;
		readonly litres?: number;
		readonly l_min?: number;
	};
	/** How high char and embers stand, dipped. */
	readonly 'fire-depth': { readonly depth_m: number };
	readonly quenched: object;
}

const one = <Shape extends z.ZodRawShape>(shape: Shape) => z.looseObject(shape);

/** How each is read. */
export const fireSchemas = {
	layer: one({
		layer: z.enum(layerSizes),
		pieces: z.enum(pieceSizes).optional(),
		litres: z.number().optional()
	}),
	'fire-sign': one({ sign: z.enum(signs) }),
	'fire-doing': one({ doing: z.enum(fireDoings) }),
	'fire-water': one({
		water: z.enum(waterings),
		litres: z.number().optional(),
		l_min: z.number().optional()
	}),
	'fire-depth': one({ depth_m: z.number() }),
	quenched: one({})
} satisfies Readonly<Record<keyof FoundAtFires, z.ZodType>>;
