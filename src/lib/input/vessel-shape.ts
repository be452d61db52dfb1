import { metres, type Metres } from '../core/units';
import { shapesOf, type Shape, type VesselUse } from '../core/vessels';

const sides: Readonly<
	Record<Shape['kind'], { readonly floor: boolean; readonly length: boolean }>
> = {
	round: { floor: true, length: false },
	square: { floor: true, length: false },
	trench: { floor: true, length: true },
	lying: { floor: false, length: true },
	bowl: { floor: false, length: false },
	pile: { floor: false, length: true }
};

/** What a shape is measured by, beside its width and depth. */
export const measuresOf = (kind: Shape['kind']) => sides[kind];

/** The shapes a vessel of that use may have; of none that is known, a round one. */
export const shapesFor = (usedFor: string): readonly Shape['kind'][] =>
	Object.hasOwn(shapesOf, usedFor) ? shapesOf[usedFor as VesselUse] : ['round'];

/** The shape a form means: the one chosen where its use may have it, else the usual one. */
export function shapeKindOf(usedFor: string, outline: string | undefined): Shape['kind'] {
	const may = shapesFor(usedFor);
	return may.find((kind) => kind === outline) ?? may[0]!;
}

/** A cone pit runs out to a point: as good as a millimetre. */
const point_m = 0.001;

/** The shape of so many measures; sides left out are straight. */
export function shapeFrom(
	kind: Shape['kind'],
	measures: {
		readonly rimWidth: Metres;
		readonly floorWidth?: Metres | undefined;
		readonly rimLength?: Metres | undefined;
		readonly floorLength?: Metres | undefined;
		readonly depth: Metres;
	}
): Shape {
	const { rimWidth, depth } = measures;
	const floorWidth = metres(Math.max(point_m, measures.floorWidth ?? rimWidth));
	const rimLength = measures.rimLength ?? rimWidth;
	const floorLength = metres(Math.max(point_m, measures.floorLength ?? rimLength));
	switch (kind) {
		case 'trench':
			return { kind, rimWidth, floorWidth, rimLength, floorLength, depth };
		case 'lying':
		case 'pile':
			return { kind, rimWidth, rimLength, depth };
		case 'bowl':
			return { kind, rimWidth, depth };
		default:
			return { kind, rimWidth, floorWidth, depth };
	}
}
