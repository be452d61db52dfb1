import { air_K, flame, noWater, skin } from './tuning';
import { fillOf } from './fill';
import type { FireState, Hearth, Layer } from './state';

/** What is thrown on at once. */
export interface Fed {
	readonly dry_kg: number;
	readonly diameter_m: number;
	/** Water to dry wood. */
	readonly moisture: number;
}

const rawLayer = ({ dry_kg, diameter_m, moisture }: Fed): Layer => ({
	dry_kg,
	diameter_m,
	moisture,
	dried: moisture < noWater ? 1 : 0,
	parted: 0,
	char_kg: 0,
	ash_kg: 0
});

/** A first load, lit from above: its top glows, and nothing has burnt yet. */
export function light(hearth: Hearth, first: Fed): FireState {
	const layers = [rawLayer(first)];
	return {
		at_s: 0,
		layers,
		zone_K: 780,
		bed_K: air_K + 150,
		flame: 0.8,
		flame_W_m2: 0,
		flame_m: 0,
		white_kg_m2: 0,
		sinceLayer_s: 0,
		fill_m: fillOf(layers, hearth),
		gas_kg_m2_s: 0.006,
		steam_kg_m2_s: 0,
		smoke_kg_m2_s: 0,
		gone: { gas_kg: 0, steam_kg: 0, burnt_kg: 0, smoke_kg: 0, visible_s: 0 },
		heat: { fromFlame: 0, fromChar: 0, withChar: 0, intoWood: 0, lost: 0, held: 0 }
	};
}

/** What is thicker is reckoned as several layers: its lower half sees no flame. kg/m². */
const atOnce_kg_m2 = 10;

/** The next layer is on. */
export function feed(state: FireState, hearth: Hearth, fed: Fed): FireState {
	const most_kg = atOnce_kg_m2 * hearth.areaAt(state.fill_m);
	const parts = Math.max(1, Math.ceil(fed.dry_kg / most_kg - 1e-9));
	const part = rawLayer({ ...fed, dry_kg: fed.dry_kg / parts });
	const layers = [...state.layers, ...Array.from({ length: parts }, () => part)];
	return {
		...state,
		layers,
		white_kg_m2: 0,
		sinceLayer_s: 0,
		fill_m: fillOf(layers, hearth, state.fill_m)
	};
}

/** Edges of pieces turn white where so much char has grown over them, m, or over so much of a thin one. */
const white_m = 0.005;
const whiteShare = 0.3;
/** So much may lie there without, unseen between the others. kg/m² */
const bare_kg_m2 = 1;

/** Wood over which too little char has grown for white edges, kg. */
const bare = (layers: readonly Layer[]): number =>
	layers.reduce((all, { dry_kg, diameter_m, parted }) => {
		const grown_m = (diameter_m / 2) * (1 - Math.sqrt(1 - parted));
		return grown_m < Math.min(white_m, whiteShare * diameter_m) ? all + dry_kg : all;
	}, 0);

/**
 * White edges are seen on what lies on top, or the flames are low and little raw wood is left: the next layer is
 * wanted. While raw pieces lie on the fire nobody sees an edge.
 */
export function showsWhite(state: FireState, hearth: Hearth): boolean {
	const area_m2 = hearth.areaAt(state.fill_m);
	if (bare(state.layers) > bare_kg_m2 * area_m2) return false;
	const isWhite = state.white_kg_m2 > skin.white;
	const isLow = state.sinceLayer_s > 60 && state.flame_W_m2 < flame.low;
	return isWhite || (isLow && leftRaw(state.layers) < 1.5 * area_m2);
}

const leftRaw = (layers: readonly Layer[]): number =>
	layers.reduce((all, { dry_kg, parted }) => all + dry_kg * (1 - parted), 0);
