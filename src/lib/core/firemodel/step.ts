import { air_K, flame, sigma, skin, wood, zone } from './tuning';
import { fillOf, settled } from './fill';
import { burningOf, rawCover, type Burning } from './flame';
import { charOf, takeUp, type Flux } from './piece';
import type { FireState, Hearth, Layer, Weather } from './state';

const fourth = (kelvin: number): number => kelvin * kelvin * kelvin * kelvin;
const held = (layer: Layer): number =>
	layer.dry_kg * (1 - layer.parted) + layer.char_kg + layer.ash_kg;

/** Heat that every layer takes up, in their order, and that of all together from above. */
interface Taken {
	readonly fluxes: readonly Flux[];
	/** W, from flame and zone; the rest comes from the bed. */
	readonly above_W: number;
	readonly all_W: number;
	readonly around_K: readonly number[];
}

/** What can come down from flame and zone, W. */
const mostFromAbove = (area_m2: number, { emits, heat_K }: Burning, zone_K: number): number =>
	Math.max(
		0,
		0.5 *
			area_m2 *
			sigma *
			(emits * (fourth(heat_K) - fourth(600)) + 0.9 * (fourth(zone_K) - fourth(500))) +
			8 * area_m2 * (zone_K - 500)
	);

function takenBy(state: FireState, area_m2: number, burning: Burning): Taken {
	const { layers, zone_K, bed_K } = state;
	const top_K = burning.emits * burning.heat_K + (1 - burning.emits) * 0.8 * zone_K;
	const fluxes: Flux[] = new Array<Flux>(layers.length);
	const around: number[] = new Array<number>(layers.length);
	const exposed: number[] = new Array<number>(layers.length);
	let above_kg = 0;
	let asked_W = 0;
	for (let i = layers.length - 1; i >= 0; i -= 1) {
		const layer = layers[i] as Layer;
		const seen = Math.exp(-above_kg / (13 * area_m2));
		const around_K = seen * (0.5 * zone_K + 0.5 * top_K) + (1 - seen) * bed_K;
		const flux = takeUp(layer, around_K);
		fluxes[i] = flux;
		around[i] = around_K;
		exposed[i] = seen;
		asked_W += seen * flux.heat_W;
		above_kg += held(layer);
	}
	const most_W = mostFromAbove(area_m2, burning, zone_K);
	const share = asked_W > most_W && asked_W > 0 ? most_W / asked_W : 1;
	let all_W = 0;
	for (let i = 0; i < fluxes.length; i += 1) {
		const seen = exposed[i] as number;
		const scale = seen * share + (1 - seen);
		const { heat_W, parting, drying } = fluxes[i] as Flux;
		fluxes[i] = { heat_W: heat_W * scale, parting: parting * scale, drying: drying * scale };
		all_W += heat_W * scale;
	}
	return { fluxes, above_W: asked_W * share, all_W, around_K: around };
}

/** One step of a fire that is fed or left: mass, water and heat are only moved. */
export function step(state: FireState, hearth: Hearth, weather: Weather, dt_s: number): FireState {
	const area_m2 = hearth.areaAt(state.fill_m);
	const raw = rawCover(state.layers, area_m2);
	const before = burningOf(
		{ gas_kg_m2_s: state.gas_kg_m2_s, steam_kg_m2_s: state.steam_kg_m2_s },
		{ lit: state.flame, zone_K: state.zone_K, raw, area_m2, weather }
	);
	const taken = takenBy(state, area_m2, before);
	const grown = state.layers.map((layer, i) =>
		grow(layer, taken.fluxes[i] as Flux, taken.around_K[i] as number, dt_s)
	);
	const sum = (of: (one: (typeof grown)[number]) => number) =>
		grown.reduce((all, one) => all + of(one), 0);
	const gas_kg = sum(({ gas }) => gas);
	const steam_kg = sum(({ steam }) => steam);
	const gas = { gas_kg_m2_s: gas_kg / area_m2 / dt_s, steam_kg_m2_s: steam_kg / area_m2 / dt_s };
	const now = burningOf(gas, { lit: state.flame, zone_K: state.zone_K, raw, area_m2, weather });
	const burnt = burnSkin(
		grown.map(({ layer }) => layer),
		carbonOf(state.zone_K, raw, now.heat_W_m2 + gas.steam_kg_m2_s * skin.bySteam, weather) *
			area_m2 *
			dt_s
	);
	const heat = heatOf(state, hearth, {
		area_m2,
		burning: now,
		taken,
		burnt_kg: burnt.kg,
		grown_kg: sum(({ char }) => char),
		raw,
		dt_s
	});
	const layers = settled(burnt.layers);
	const isSeen = now.smoke_kg_m2_s > flame.visible;
	return {
		...state,
		...heat,
		...gas,
		at_s: state.at_s + dt_s,
		layers,
		flame: state.flame + (now.cover - state.flame) * (1 - Math.exp(-dt_s / flame.lag_s)),
		flame_W_m2: now.heat_W_m2,
		flame_m: now.height_m,
		white_kg_m2: state.white_kg_m2 + burnt.kg / area_m2,
		sinceLayer_s: state.sinceLayer_s + dt_s,
		fill_m: fillOf(layers, hearth, state.fill_m),
		smoke_kg_m2_s: now.smoke_kg_m2_s,
		gone: {
			gas_kg: state.gone.gas_kg + gas_kg,
			steam_kg: state.gone.steam_kg + steam_kg,
			burnt_kg: state.gone.burnt_kg + burnt.kg,
			smoke_kg: state.gone.smoke_kg + now.smoke_kg_m2_s * area_m2 * dt_s,
			visible_s: state.gone.visible_s + (isSeen ? dt_s : 0)
		}
	};
}

function grow(layer: Layer, { parting, drying }: Flux, around_K: number, dt_s: number) {
	const parted = Math.min(1, layer.parted + parting * dt_s);
	// Where all has parted no water is left.
	const dried = parted >= 1 ? 1 : Math.min(1, Math.max(parted, layer.dried + drying * dt_s));
	const wood_kg = layer.dry_kg * (parted - layer.parted);
	const char = wood_kg * charOf(around_K);
	const ash = wood_kg * wood.ash;
	return {
		layer: { ...layer, parted, dried, char_kg: layer.char_kg + char, ash_kg: layer.ash_kg + ash },
		char,
		gas: wood_kg - char - ash,
		steam: layer.dry_kg * layer.moisture * (dried - layer.dried)
	};
}

/** Carbon that burns off the surface, kg/(m²·s). */
function carbonOf(
	zone_K: number,
	raw: number,
	shield_W_m2: number,
	{ wind_m_s, gust_m_s }: Weather
): number {
	const wind = wind_m_s + gust_m_s;
	const shield = (1 - Math.exp(-shield_W_m2 / skin.shield)) / (1 + 0.05 * wind);
	const hot = 1 / (1 + Math.exp(-(zone_K - 710) / 35));
	return (
		skin.carbon *
		skin.oxygen *
		(1 + 0.25 * wind) *
		(1 - shield) *
		(1 - 0.7 * Math.min(1, raw)) *
		hot
	);
}

/** Taken from the uppermost char, as far as there is any. */
function burnSkin(
	layers: readonly Layer[],
	asked_kg: number
): { layers: readonly Layer[]; kg: number } {
	let left = asked_kg;
	const kept = [...layers];
	for (let i = kept.length - 1; i >= 0 && left > 0; i -= 1) {
		const layer = kept[i] as Layer;
		const burnt = Math.min(left, layer.char_kg);
		if (burnt > 0) kept[i] = { ...layer, char_kg: layer.char_kg - burnt };
		left -= burnt;
	}
	return { layers: kept, kg: asked_kg - left };
}

interface Flows {
	readonly area_m2: number;
	readonly burning: Burning;
	readonly taken: Taken;
	readonly burnt_kg: number;
	/** Char that grew in this step. */
	readonly grown_kg: number;
	readonly raw: number;
	readonly dt_s: number;
}

function heatOf(state: FireState, hearth: Hearth, flows: Flows) {
	const { area_m2, burning, taken, burnt_kg, raw, dt_s } = flows;
	const { zone_K, bed_K, heat } = state;
	const lit = fourth(burning.heat_K);
	const toWood_W = Math.min(
		taken.above_W,
		0.5 * area_m2 * sigma * burning.emits * Math.max(0, lit - fourth(600))
	);
	const toZone_W = 0.87 * area_m2 * sigma * burning.emits * (lit - fourth(zone_K));
	const fromChar_W = (burnt_kg / dt_s) * skin.heat * skin.kept;
	const open = (1 - burning.emits) * (1 - 0.7 * Math.min(1, raw));
	const sky_W = 0.5 * 0.9 * open * area_m2 * sigma * (fourth(zone_K) - fourth(air_K));
	const air_W = zone.toAir * (1 - 0.7 * Math.min(1, raw)) * area_m2 * (zone_K - air_K);
	const down_W = zone.toBed * area_m2 * (zone_K - bed_K);
	const inZone = zone.mass * area_m2 * zone.heat;
	const zone_W = toZone_W + fromChar_W - (taken.above_W - toWood_W) - sky_W - air_W - down_W;
	const bed_kg = Math.max(
		2,
		state.layers.reduce((all, { char_kg, ash_kg }) => all + char_kg + ash_kg, 0)
	);
	const wall_m2 = area_m2 + Math.PI * Math.sqrt((4 * area_m2) / Math.PI) * state.fill_m;
	const wall_W = zone.toWall * (hearth.isShielded ? 0.5 : 1) * wall_m2 * (bed_K - air_K);
	const fromBed_W = taken.all_W - taken.above_W;
	const bed_W = down_W - wall_W - fromBed_W;
	// Char that sinks into it is as hot as the zone it grew in.
	const sunk = Math.min(1, flows.grown_kg / bed_kg);
	const mixed_K = bed_K + sunk * (zone_K - bed_K);
	const next_K = Math.max(air_K, zone_K + (zone_W * dt_s) / inZone);
	const inBed = bed_kg * zone.heat;
	const nextBed_K = Math.max(air_K, mixed_K + (bed_W * dt_s) / inBed);
	return {
		zone_K: next_K,
		bed_K: nextBed_K,
		heat: {
			fromFlame: heat.fromFlame + (toWood_W + toZone_W) * dt_s,
			fromChar: heat.fromChar + fromChar_W * dt_s,
			withChar: heat.withChar + (mixed_K - bed_K) * inBed,
			intoWood: heat.intoWood + taken.all_W * dt_s,
			lost: heat.lost + (sky_W + air_W + wall_W) * dt_s,
			held: heat.held + (next_K - zone_K) * inZone + (nextBed_K - bed_K) * inBed
		}
	};
}
