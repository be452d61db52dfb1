import { limits } from '$lib/input/limits';
import { amountIn } from '$lib/input/read-field';
import { litres, metres, type Metres, type ParseContext, type System } from '$lib/core/units';
import { capacity, depthAtVolume, volumeAtDepth, type Shape } from '$lib/core/vessels';
import { typedAmount } from '$lib/format/figure';
import type { useWords } from '$lib/format/words';

/** How each kind usually looks: for a picture to choose by, never for a figure. */
export const usualShapes: Readonly<Record<keyof typeof useWords, Shape>> = {
	'open-kiln': {
		kind: 'round',
		rimWidth: metres(1.3),
		floorWidth: metres(0.5),
		depth: metres(0.8)
	},
	trench: {
		kind: 'trench',
		rimWidth: metres(0.8),
		floorWidth: metres(0.5),
		rimLength: metres(1.8),
		floorLength: metres(1.4),
		depth: metres(0.5)
	},
	tub: { kind: 'round', rimWidth: metres(0.7), floorWidth: metres(0.6), depth: metres(0.7) }
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
	/** The depth asked about, or the litres. */
	at: string;
	litres: string;
}

interface Known {
	readonly name: string;
	readonly usedFor: string;
	readonly shape: Shape;
	readonly emptyMass?: number;
}

export function freshVessel(
	values: Readonly<Record<string, string>>,
	known: Known | null,
	system: System | undefined
): VesselEntry {
	const typed = (m: number | undefined) => (m === undefined ? '' : typedAmount(m, 'm', system));
	const trench = known?.shape.kind === 'trench' ? known.shape : undefined;
	return {
		name: values.name ?? known?.name ?? '',
		usedFor: values.usedFor ?? known?.usedFor ?? 'open-kiln',
		outline: values.outline ?? (known?.shape.kind === 'square' ? 'square' : 'round'),
		rimWidth: values.rimWidth ?? typed(known?.shape.rimWidth),
		floorWidth: values.floorWidth ?? typed(known?.shape.floorWidth),
		rimLength: values.rimLength ?? typed(trench?.rimLength),
		floorLength: values.floorLength ?? typed(trench?.floorLength),
		depth: values.depth ?? typed(known?.shape.depth),
		emptyMass:
			values.emptyMass ??
			(known?.emptyMass === undefined ? '' : typedAmount(known.emptyMass, 'kg', system)),
		at: values.at ?? '',
		litres: values.litres ?? ''
	};
}

export interface VesselFigures {
	readonly shape: Shape;
	readonly capacity: number;
	readonly at?: { readonly depth: Metres; readonly litres: number };
	/** Litres asked about beyond the rim. */
	readonly over?: number;
}

/** Shape and litres as typed. */
export function reckonVessel(entry: VesselEntry, context: ParseContext): VesselFigures | undefined {
	const read = (name: 'rimWidth' | 'floorWidth' | 'rimLength' | 'floorLength' | 'depth' | 'at') => {
		const value = amountIn(entry[name], limits.vessel[name], context);
		return value === undefined ? undefined : metres(value);
	};
	const [rimWidth, depth] = [read('rimWidth'), read('depth')];
	if (rimWidth === undefined || depth === undefined) return undefined;
	const flat = { rimWidth, floorWidth: read('floorWidth') ?? rimWidth, depth };
	const rimLength = read('rimLength');
	if (entry.usedFor === 'trench' && rimLength === undefined) return undefined;
	const shape: Shape =
		entry.usedFor === 'trench' && rimLength !== undefined
			? { kind: 'trench', ...flat, rimLength, floorLength: read('floorLength') ?? rimLength }
			: { kind: entry.outline === 'square' ? 'square' : 'round', ...flat };
	return { shape, capacity: capacity(shape), ...levelOf(shape, read('at'), entry, context) };
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
