import { limits } from '$lib/input/limits';
import { amountIn } from '$lib/input/read-field';
import { litres, metres, type Metres, type ParseContext, type System } from '$lib/core/units';
import {
	capacity,
	depthAtVolume,
	holesOf,
	volumeAtDepth,
	type Fittings,
	type Shape,
	type VesselUse
} from '$lib/core/vessels';
import { measuresOf, shapeFrom, shapeKindOf } from '$lib/input/vessel-shape';
import { typedAmount } from '$lib/format/figure';

const m = metres;

/** How each kind usually looks: for a picture to choose by, never for a figure. */
export const usualShapes: Readonly<Record<VesselUse, Shape>> = {
	'open-kiln': { kind: 'round', rimWidth: m(1.3), floorWidth: m(0.5), depth: m(0.8) },
	trench: {
		kind: 'trench',
		rimWidth: m(0.8),
		floorWidth: m(0.5),
		rimLength: m(1.8),
		floorLength: m(1.4),
		depth: m(0.5)
	},
	barrel: { kind: 'round', rimWidth: m(0.57), floorWidth: m(0.57), depth: m(0.85) },
	retort: { kind: 'round', rimWidth: m(0.42), floorWidth: m(0.42), depth: m(0.5) },
	'open-pile': { kind: 'pile', rimWidth: m(1.8), rimLength: m(1.8), depth: m(0.9) },
	stove: { kind: 'round', rimWidth: m(0.32), floorWidth: m(0.26), depth: m(0.32) },
	tub: { kind: 'round', rimWidth: m(0.7), floorWidth: m(0.6), depth: m(0.7) }
};

export interface VesselEntry {
	name: string;
	usedFor: string;
	/** Seen from above; a pit has none. */
	outline: string;
	rimWidth: string;
	floorWidth: string;
	rimLength: string;
	floorLength: string;
	depth: string;
	emptyMass: string;
	shield: string;
	burner: string;
	panels: string;
	holes: string;
	holeWidth: string;
	chimney: string;
	/** The depth asked about, or the litres. */
	at: string;
	litres: string;
}

interface Known {
	readonly name: string;
	readonly usedFor: string;
	readonly shape: Shape;
	readonly fittings?: Fittings;
	readonly emptyMass?: number;
}

export function freshVessel(
	values: Readonly<Record<string, string>>,
	known: Known | null,
	system: System | undefined
): VesselEntry {
	const typed = (m: number | undefined) => (m === undefined ? '' : typedAmount(m, 'm', system));
	const shape: Partial<Record<'rimWidth' | 'floorWidth' | 'rimLength' | 'floorLength', Metres>> =
		known?.shape ?? {};
	const fittings: Fittings = known?.fittings ?? {};
	const usedFor = values.usedFor ?? known?.usedFor ?? 'open-kiln';
	return {
		name: values.name ?? known?.name ?? '',
		usedFor,
		outline: shapeKindOf(usedFor, values.outline ?? known?.shape.kind),
		rimWidth: values.rimWidth ?? typed(shape.rimWidth),
		floorWidth: values.floorWidth ?? typed(shape.floorWidth),
		rimLength: values.rimLength ?? typed(shape.rimLength),
		floorLength: values.floorLength ?? typed(shape.floorLength),
		depth: values.depth ?? typed(known?.shape.depth),
		emptyMass:
			values.emptyMass ??
			(known?.emptyMass === undefined ? '' : typedAmount(known.emptyMass, 'kg', system)),
		shield: values.shield ?? (fittings.shield ? 'on' : ''),
		burner: values.burner ?? (fittings.burner ? 'on' : ''),
		panels: values.panels ?? String(fittings.panels ?? ''),
		holes: values.holes ?? String(fittings.holes?.count ?? ''),
		holeWidth: values.holeWidth ?? typed(fittings.holes?.width),
		chimney: values.chimney ?? typed(fittings.chimney),
		at: values.at ?? '',
		litres: values.litres ?? ''
	};
}

export interface VesselFigures {
	readonly shape: Shape;
	readonly capacity: number;
	/** Air through the floor of a barrel. */
	readonly holes?: ReturnType<typeof holesOf>;
	readonly at?: { readonly depth: Metres; readonly litres: number };
	/** Litres asked about beyond the rim. */
	readonly over?: number;
}

/** Shape and litres as typed. */
export function reckonVessel(entry: VesselEntry, context: ParseContext): VesselFigures | undefined {
	const read = (
		name: 'rimWidth' | 'floorWidth' | 'rimLength' | 'floorLength' | 'depth' | 'at' | 'holeWidth'
	) => {
		const value = amountIn(entry[name], limits.vessel[name], context);
		return value === undefined ? undefined : metres(value);
	};
	const [rimWidth, depth, rimLength] = [read('rimWidth'), read('depth'), read('rimLength')];
	const kind = shapeKindOf(entry.usedFor, entry.outline);
	if (rimWidth === undefined || depth === undefined) return undefined;
	if (measuresOf(kind).length && rimLength === undefined) return undefined;
	if (kind === 'lying' && depth > rimWidth) return undefined;
	const [floorWidth, floorLength] = [read('floorWidth'), read('floorLength')];
	const shape = shapeFrom(kind, { rimWidth, floorWidth, rimLength, floorLength, depth });
	const count = amountIn(entry.holes, limits.vessel.holes, context);
	const width = read('holeWidth');
	const holes =
		entry.usedFor === 'barrel' && count !== undefined && width !== undefined
			? { holes: holesOf(shape, { count: Math.round(count), width }) }
			: {};
	return {
		shape,
		capacity: capacity(shape),
		...holes,
		...levelOf(shape, read('at'), entry, context)
	};
}

/** Depth and litres of what was asked about; a depth wins over litres. */
function levelOf(
	shape: Shape,
	at: Metres | undefined,
	entry: VesselEntry,
	context: ParseContext
): Pick<VesselFigures, 'at' | 'over'> {
	if (at !== undefined && at <= shape.depth)
		return { at: { depth: at, litres: volumeAtDepth(shape, at) } };
	const asked = amountIn(entry.litres, limits.vessel.litres, context);
	if (asked === undefined) return {};
	const level = depthAtVolume(shape, litres(asked));
	return level.status === 'holds'
		? { at: { depth: level.depth, litres: asked } }
		: { over: level.over };
}
